-- What was seen while a piece of work was done, work that was left for a reason, and what is learned from both.

alter table act drop constraint act_kind_check;
alter table act add constraint act_kind_check check (kind in (
  'tick', 'skip', 'reading', 'undo', 'edit', 'given', 'note', 'move', 'pot_on', 'loss', 'split', 'retire', 'amend'));
alter table journal drop constraint journal_kind_check;
alter table journal add constraint journal_kind_check check (kind in (
  'watering', 'feeding', 'skipping', 'reading', 'note', 'moving', 'potting', 'loss', 'splitting', 'retiring', 'correction'));

create table journal_seen (
  garden_id uuid not null,
  journal_id bigint not null,
  dryness text check (dryness in ('wet', 'moist', 'right', 'dry', 'bone_dry')),
  before_kg double precision check (before_kg > 0),
  after_kg double precision check (after_kg > 0),
  runoff_litres double precision check (runoff_litres >= 0),
  note text check (length(note) between 1 and 2000),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

create table journal_skipping (
  garden_id uuid not null,
  journal_id bigint not null,
  item text not null,
  reason text not null check (reason in ('still_wet', 'sick', 'weather', 'away', 'no_time', 'other')),
  until_on date not null,
  note text not null check (length(note) <= 200),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

alter table lot_state
  add column learned double precision not null default 1 check (learned > 0),
  add column learned_low double precision not null default 0.735,
  add column learned_high double precision not null default 1.36,
  add column learned_from integer not null default 0;
