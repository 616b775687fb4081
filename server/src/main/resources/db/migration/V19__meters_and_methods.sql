-- Pens are calibrated, and readings taken in more ways than one.

alter table meter
  add column compensates boolean not null default true,
  add column probe_since date,
  add column every_days integer check (every_days between 1 and 365);

-- what a pen showed in its standards, as it was found
create table calibration (
  garden_id uuid not null references garden,
  id uuid not null,
  meter_id uuid not null,
  made_on date not null,
  celsius double precision not null check (celsius between 5 and 35),
  ph4 double precision,
  ph7 double precision,
  ph10 double precision,
  ec double precision check (ec > 0),
  compensated boolean not null,
  adjusted boolean not null,
  typed text[] not null,
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  foreign key (garden_id, meter_id) references meter,
  check (ph7 is not null or (ec is not null and ph4 is null and ph10 is null))
);
create index calibration_of_meter on calibration (garden_id, meter_id, made_on desc);

-- ph and ec are what the pen's reading stands for; what it showed is kept beside them where it was corrected
alter table journal_reading
  drop constraint journal_reading_method_check,
  add constraint journal_reading_method_check
    check (method in ('can', 'runoff', 'pour_through', 'extract', 'paste', 'soak')),
  add column ph_shown double precision,
  add column ec_shown double precision,
  add column celsius double precision check (celsius between 2 and 40),
  add column celsius_typed text,
  add column before_ph double precision check (before_ph between 2 and 11),
  add column before_ph_typed text,
  add column hours double precision check (hours between 0.25 and 48),
  add column hours_typed text;
