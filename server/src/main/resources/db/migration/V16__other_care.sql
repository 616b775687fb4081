-- Care beside water and feed: what falls due when, and what was done.

alter table act drop constraint act_kind_check;
alter table act add constraint act_kind_check check (kind in (
  'tick', 'skip', 'reading', 'undo', 'edit', 'given', 'note', 'move', 'pot_on', 'loss', 'split', 'retire', 'amend', 'tend'));
alter table journal drop constraint journal_kind_check;
alter table journal add constraint journal_kind_check check (kind in (
  'watering', 'feeding', 'skipping', 'reading', 'note', 'moving', 'potting', 'loss', 'splitting', 'retiring', 'tending',
  'correction'));

create table journal_tending (
  garden_id uuid not null,
  journal_id bigint not null,
  chore text not null check (chore in (
    'pinch', 'deadhead', 'turn', 'stake', 'look_over', 'wrap', 'bring_in', 'unwrap')),
  item text not null,
  found text check (found in ('nothing', 'few', 'many')),
  product text check (length(product) between 1 and 80),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

-- derived, like lot_state
create table lot_chore (
  garden_id uuid not null,
  lot_id uuid not null,
  chore text not null,
  item text not null,
  due_on date not null,
  primary key (garden_id, lot_id, chore),
  foreign key (garden_id, lot_id) references lot
);
create index lot_chore_due on lot_chore (garden_id, due_on);

-- by which rules a lot's state was worked out; older ones are worked out anew at the next start
alter table lot_state add column rules integer not null default 0;
