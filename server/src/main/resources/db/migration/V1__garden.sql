-- The garden owns everything: every key starts with garden_id. Values are stored in canonical units and as typed.

create table garden (
  id uuid primary key,
  name text not null check (length(name) between 1 and 80),
  time_zone text not null,
  latitude double precision not null check (latitude between -66 and 66),
  unit_habit text not null check (unit_habit in ('metric', 'us')),
  hand text not null check (hand in ('spoons', 'scale')),
  demo boolean not null,
  version integer not null check (version > 0),
  created_at timestamptz not null
);

create table place (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  kind text not null check (kind in ('indoors', 'under_glass', 'outdoors')),
  lows double precision[] not null check (cardinality(lows) = 12),
  highs double precision[] not null check (cardinality(highs) = 12),
  humidity double precision not null check (humidity between 5 and 100),
  light_share double precision not null check (light_share between 0.01 and 1),
  sunshine double precision not null check (sunshine between 0 and 1),
  lamp_hours double precision check (lamp_hours between 0 and 24),
  lamp_ppfd double precision check (lamp_ppfd between 0 and 2000),
  check ((lamp_hours is null) = (lamp_ppfd is null)),
  first_frost text check (first_frost ~ '^\d\d-\d\d$'),
  last_frost text check (last_frost ~ '^\d\d-\d\d$'),
  check ((first_frost is null) = (last_frost is null)),
  primary key (garden_id, id)
);

create table water (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  ec double precision not null check (ec between 0 and 5),
  ph double precision not null check (ph between 3 and 11),
  version integer not null check (version > 0),
  primary key (garden_id, id)
);

create table meter (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  scale text check (scale in ('ppm500', 'ppm640', 'ppm700')),
  ph_plus_minus double precision not null check (ph_plus_minus between 0.01 and 2),
  ec_plus_minus double precision not null check (ec_plus_minus between 0.5 and 50),
  version integer not null check (version > 0),
  primary key (garden_id, id)
);

create table vessel (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  litres double precision not null check (litres between 0.1 and 1000),
  version integer not null check (version > 0),
  primary key (garden_id, id)
);

create table feed (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  n double precision not null check (n between 0 and 100),
  p2o5 double precision not null check (p2o5 between 0 and 100),
  k2o double precision not null check (k2o between 0 and 100),
  form text not null check (form in ('dry', 'liquid')),
  density double precision check (density between 0.2 and 2.5),
  ec_factor double precision check (ec_factor between 0 and 3),
  label text not null check (length(label) between 1 and 2000),
  answers text[] not null,
  words_seen boolean not null,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  check (n + p2o5 + k2o <= 100)
);

create table lot (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 80),
  pots integer not null check (pots between 1 and 100000),
  species text not null,
  shape text not null check (shape in ('round', 'square')),
  top_m double precision not null,
  top_typed text not null,
  base_m double precision not null,
  base_typed text not null,
  height_m double precision not null,
  height_typed text not null,
  measured_litres double precision,
  measured_typed text,
  mix text not null,
  place_id uuid not null,
  water_id uuid not null,
  feed_id uuid,
  started_on date not null,
  repotted_on date,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  foreign key (garden_id, place_id) references place,
  foreign key (garden_id, water_id) references water,
  foreign key (garden_id, feed_id) references feed,
  check ((measured_litres is null) = (measured_typed is null))
);

-- one thing a person did; client_key makes sending it twice harmless
create table act (
  garden_id uuid not null references garden,
  id uuid not null,
  client_key text not null check (length(client_key) between 8 and 64),
  kind text not null check (kind in ('tick', 'reading', 'undo')),
  recorded_at timestamptz not null,
  undoes uuid,
  primary key (garden_id, id),
  unique (garden_id, client_key),
  unique (garden_id, undoes),
  foreign key (garden_id, undoes) references act
);

-- the journal only grows; an undo adds a row that corrects an earlier one
create table journal (
  garden_id uuid not null references garden,
  id bigint not null generated always as identity,
  lot_id uuid not null,
  kind text not null check (kind in ('watering', 'feeding', 'reading', 'correction')),
  occurred_at timestamptz not null,
  recorded_at timestamptz not null,
  act_id uuid not null,
  corrects bigint,
  clock_ahead boolean not null default false,
  primary key (garden_id, id),
  foreign key (garden_id, lot_id) references lot,
  foreign key (garden_id, act_id) references act,
  foreign key (garden_id, corrects) references journal,
  check ((kind = 'correction') = (corrects is not null))
);
create index journal_of_lot on journal (garden_id, lot_id, occurred_at);
create unique index journal_corrected_once on journal (garden_id, corrects) where corrects is not null;

create table journal_watering (
  garden_id uuid not null,
  journal_id bigint not null,
  item text not null,
  litres_each double precision not null check (litres_each >= 0),
  pots integer not null check (pots > 0),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal
);

create table journal_feeding (
  garden_id uuid not null,
  journal_id bigint not null,
  item text not null,
  feed_id uuid not null,
  litres_each double precision not null check (litres_each >= 0),
  product_each double precision not null check (product_each >= 0),
  measure text not null check (measure in ('grams', 'millilitres')),
  n_mg_per_l double precision check (n_mg_per_l >= 0),
  pots integer not null check (pots > 0),
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal,
  foreign key (garden_id, feed_id) references feed
);

create table journal_reading (
  garden_id uuid not null,
  journal_id bigint not null,
  method text not null check (method in ('runoff')),
  meter_id uuid not null,
  ph double precision check (ph between 2 and 11),
  ph_typed text,
  ec double precision check (ec between 0 and 20),
  ec_typed text,
  ec_unit text,
  ph_plus_minus double precision not null,
  ec_plus_minus double precision not null,
  primary key (garden_id, journal_id),
  foreign key (garden_id, journal_id) references journal,
  foreign key (garden_id, meter_id) references meter,
  check (ph is not null or ec is not null)
);

-- kept in step with the journal by the function that can also rebuild it
create table lot_state (
  garden_id uuid not null,
  lot_id uuid not null,
  last_watered_on date,
  last_fed_on date,
  water_item text not null,
  feed_item text not null,
  next_water_on date not null,
  water_gap_days integer not null,
  next_feed_on date,
  feed_binding text,
  feed_earliest date,
  feed_latest date,
  due_on date not null,
  primary key (garden_id, lot_id),
  foreign key (garden_id, lot_id) references lot,
  check ((next_feed_on is null) = (feed_binding is null))
);
create index lot_state_due on lot_state (garden_id, due_on);
