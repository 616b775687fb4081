-- A warning that a person knows and sets aside for a while is kept as a lifted hold is.

alter table journal_lifting drop constraint journal_lifting_hold_check;
alter table journal_lifting add constraint journal_lifting_hold_check check (hold in (
  'cold', 'heat', 'dark', 'dormant', 'frost_near', 'repotted', 'flowering', 'fruit_set', 'grafted', 'sick', 'reading',
  'salty', 'moisten_first', 'cold_ammonium', 'too_cold_here', 'too_dark_here', 'too_bright_here'));
