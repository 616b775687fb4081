-- Sheets of readings that are brought in. Any instance takes the next one and says every few seconds that it is still at it;
-- where it falls silent, another begins again, as nothing of a sheet is kept before all of it is.
create table import_job (
  garden_id uuid not null references garden,
  id uuid not null,
  client_key text not null check (length(client_key) between 8 and 64),
  sheet text not null,
  apply boolean not null,
  lines integer not null check (lines >= 0),
  rows_read integer not null default 0,
  begun_at timestamptz not null,
  tries integer not null default 0,
  held_until timestamptz,
  ended_at timestamptz,
  outcome jsonb,
  primary key (garden_id, id),
  unique (garden_id, client_key),
  check ((ended_at is null) = (outcome is null)),
  check (ended_at is null or sheet = '')
);
create index import_job_waiting on import_job (begun_at) where ended_at is null;
