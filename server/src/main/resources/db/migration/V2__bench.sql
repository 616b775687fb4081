-- A tool one can live in: every edit is kept and can be put back, things are retired and never removed.

alter table garden
  add column latitude_typed text not null default '',
  add column spoons text[] not null default '{tablespoon,teaspoon,half,quarter,eighth}';

alter table place
  add column typed text[] not null default '{}',
  add column version integer not null default 1 check (version > 0),
  add column retired boolean not null default false;
alter table water
  add column ec_typed text not null default '',
  add column ph_typed text not null default '',
  add column retired boolean not null default false;
alter table meter
  add column typed text[] not null default '{}',
  add column retired boolean not null default false;
alter table vessel
  add column litres_typed text not null default '',
  add column retired boolean not null default false;
alter table feed
  add column typed text[] not null default '{}',
  add column retired boolean not null default false;

-- what there is of a feed or of a mix, as counted on a day
create table stock (
  garden_id uuid not null references garden,
  id uuid not null,
  feed_id uuid,
  mix text,
  amount double precision not null check (amount >= 0),
  amount_typed text not null,
  counted_on date not null,
  opened_on date,
  pack double precision check (pack > 0),
  pack_typed text,
  cost double precision check (cost >= 0),
  currency text check (length(currency) <= 8),
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  foreign key (garden_id, feed_id) references feed,
  check ((feed_id is null) <> (mix is null)),
  check ((cost is null) or (pack is not null))
);
create unique index stock_of_feed on stock (garden_id, feed_id) where not retired;
create unique index stock_of_mix on stock (garden_id, mix) where not retired;

alter table lot drop constraint lot_shape_check;
alter table lot
  add constraint lot_shape_check
    check (shape in ('round', 'square', 'box', 'oval', 'bag', 'basket', 'plug')),
  alter column base_m drop not null,
  alter column base_typed drop not null,
  add column across_m double precision,
  add column across_typed text,
  add column gap_typed text,
  add column material text not null default 'plastic'
    check (material in ('plastic', 'fabric', 'clay', 'glazed', 'self_watering')),
  add column watered_before date,
  add column fed_before date,
  add column split_from uuid,
  add column retired boolean not null default false,
  add column retired_on date,
  add column retired_why text check (length(retired_why) <= 200),
  add constraint lot_split_from foreign key (garden_id, split_from) references lot;
create index lot_in_place on lot (garden_id, place_id, name collate "C", id) where not retired;

-- places a lot is to go to, each on its day
create table lot_move (
  garden_id uuid not null,
  lot_id uuid not null,
  move_on date not null,
  place_id uuid not null,
  primary key (garden_id, lot_id, move_on),
  foreign key (garden_id, lot_id) references lot,
  foreign key (garden_id, place_id) references place
);
create index lot_move_day on lot_move (garden_id, move_on);

alter table act drop constraint act_kind_check;
alter table act add constraint act_kind_check check (kind in (
  'tick', 'reading', 'undo', 'edit', 'given', 'note', 'move', 'pot_on', 'loss', 'split', 'retire', 'amend'));
create index act_lately on act (garden_id, recorded_at desc);

-- what an edit made of a thing: as it was, as it is since, and the version that it made
create table change (
  garden_id uuid not null references garden,
  id bigint not null generated always as identity,
  act_id uuid not null,
  kind text not null,
  thing_id uuid not null,
  version integer not null check (version > 0),
  before jsonb,
  after jsonb not null,
  primary key (garden_id, id),
  foreign key (garden_id, act_id) references act
);
create index change_of_act on change (garden_id, act_id);

alter table journal drop constraint journal_kind_check;
alter table journal add constraint journal_kind_check check (kind in (
  'watering', 'feeding', 'reading', 'note', 'moving', 'potting', 'loss', 'splitting', 'retiring', 'correction'));
create index journal_of_act on journal (garden_id, act_id);

create table journal_note (
  garden_id uuid not null,
  journal_id bigint not null,
  text text not null check (length(text) between 1 and 2000),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

create table journal_moving (
  garden_id uuid not null,
  journal_id bigint not null,
  from_place uuid not null,
  to_place uuid not null,
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal,
  foreign key (garden_id, from_place) references place,
  foreign key (garden_id, to_place) references place
);

create table journal_potting (
  garden_id uuid not null,
  journal_id bigint not null,
  pots integer not null check (pots > 0),
  litres_before double precision not null check (litres_before > 0),
  litres_after double precision not null check (litres_after > 0),
  mix_before text not null,
  mix_after text not null,
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

-- pots lost, split off, taken over or retired
create table journal_count (
  garden_id uuid not null,
  journal_id bigint not null,
  pots_before integer not null check (pots_before >= 0),
  pots_after integer not null check (pots_after >= 0),
  other_lot uuid,
  why text not null check (length(why) <= 200),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal,
  foreign key (garden_id, other_lot) references lot
);

alter table lot_state
  add column retired boolean not null default false,
  add column ph_finding text,
  add column ec_finding text,
  add column feed_per_day double precision not null default 0 check (feed_per_day >= 0);
create index lot_state_water on lot_state (garden_id, next_water_on);
