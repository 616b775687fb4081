-- What of wind, rain and sky reaches a place; the weather as a service told it; flushes and when the next is due.

alter table place
  add column air text check (air in ('still', 'moving', 'windy')),
  add column rain_share double precision check (rain_share between 0 and 1),
  add column aspect text check (aspect in ('north', 'east', 'south', 'west')),
  add column altitude_m double precision check (altitude_m between -430 and 5000);

create table weather_state (
  garden_id uuid primary key references garden,
  in_use boolean not null,
  told_at timestamptz,
  failed_at timestamptz
);

create table weather_day (
  garden_id uuid not null references garden,
  day date not null,
  low_c double precision not null,
  high_c double precision not null check (high_c >= low_c),
  humidity double precision not null check (humidity between 0 and 100),
  sun_mj double precision not null check (sun_mj >= 0),
  rain_mm double precision not null check (rain_mm >= 0),
  wind_ms double precision not null check (wind_ms >= 0),
  forecast boolean not null,
  primary key (garden_id, day)
);

alter table vessel drop constraint vessel_use_check;
alter table vessel add constraint vessel_use_check check (use in ('can', 'tub', 'shovel', 'handful', 'drip'));

alter table journal_watering add column flush boolean not null default false;
alter table lot_state
  add column last_flushed_on date,
  add column next_flush_on date;
