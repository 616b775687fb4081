-- A hold that a person lifts, with the reason and until when; and what a change of rules did to each plan.

alter table act drop constraint act_kind_check;
alter table act add constraint act_kind_check check (kind in (
  'tick', 'skip', 'reading', 'undo', 'edit', 'given', 'note', 'move', 'pot_on', 'loss', 'split', 'retire', 'amend', 'tend',
  'lift'));
alter table journal drop constraint journal_kind_check;
alter table journal add constraint journal_kind_check check (kind in (
  'watering', 'feeding', 'skipping', 'reading', 'note', 'moving', 'potting', 'loss', 'splitting', 'retiring', 'tending',
  'lifting', 'correction'));

create table journal_lifting (
  garden_id uuid not null,
  journal_id bigint not null,
  hold text not null check (hold in (
    'cold', 'heat', 'dark', 'dormant', 'frost_near', 'repotted', 'flowering', 'fruit_set', 'grafted', 'sick', 'reading',
    'salty')),
  until_on date not null,
  reason text not null check (length(reason) between 1 and 200),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

alter table lot_state
  add column lifted text[] not null default '{}',
  add column salt_in_order_on date;

-- derived: how a lot's plan was before the rules changed, until that has been seen
create table rules_change (
  garden_id uuid not null,
  lot_id uuid not null,
  water_on date not null,
  feed_on date,
  feed_per_day double precision not null,
  -- the same by the rules of now, once they have been worked out
  new_water_on date,
  new_feed_on date,
  new_feed_per_day double precision,
  new_binding text,
  primary key (garden_id, lot_id),
  foreign key (garden_id, lot_id) references lot on delete cascade
);
