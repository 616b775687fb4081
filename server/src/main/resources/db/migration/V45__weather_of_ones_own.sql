-- Days of weather that somebody noted and brought in as a sheet, a row for each sheet; its days count before those a service
-- told. The arrays are of one length: °C, % relative humidity, MJ/m², mm, m/s at 2 m.
create table weather_sheet (
  garden_id uuid not null references garden,
  id uuid not null,
  name text not null check (length(name) between 1 and 120),
  brought_at timestamptz not null,
  days date[] not null check (cardinality(days) between 1 and 4000),
  low_c double precision[] not null check (cardinality(low_c) = cardinality(days)),
  high_c double precision[] not null check (cardinality(high_c) = cardinality(days)),
  humidity double precision[] not null check (cardinality(humidity) = cardinality(days)),
  sun_mj double precision[] not null check (cardinality(sun_mj) = cardinality(days)),
  rain_mm double precision[] not null check (cardinality(rain_mm) = cardinality(days)),
  wind_ms double precision[] not null check (cardinality(wind_ms) = cardinality(days)),
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id)
);

create trigger weather_sheet_added after insert on weather_sheet referencing new table as changed
for each statement execute function note_garden_changed();
create trigger weather_sheet_changed after update on weather_sheet referencing new table as changed
for each statement execute function note_garden_changed();
create trigger weather_sheet_taken_away after delete on weather_sheet referencing old table as changed
for each statement execute function note_garden_changed();
