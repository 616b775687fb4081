-- A label's months are a hold that a person may lift, as others are.

alter table journal_lifting drop constraint journal_lifting_hold_check;
alter table journal_lifting add constraint journal_lifting_hold_check check (hold in (
  'cold', 'heat', 'dark', 'dormant', 'frost_near', 'repotted', 'flowering', 'fruit_set', 'grafted', 'sick', 'reading',
  'salty', 'off_season', 'moisten_first', 'cold_ammonium', 'too_cold_here', 'too_dark_here', 'too_bright_here'));
