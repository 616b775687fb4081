-- Everything that the plans of a garden rest on has a version, so that what is kept of it in memory is known to be current,
-- by any instance. A number is never used twice, also where a change is rolled back.

create sequence garden_version_number;

create table garden_version (
  garden_id uuid primary key references garden on delete cascade,
  version bigint not null
);
insert into garden_version select id, nextval('garden_version_number') from garden;

create function note_garden_changed() returns trigger language plpgsql as $$
begin
  insert into garden_version
  select c.id, nextval('garden_version_number') from (select distinct garden_id as id from changed) c
  on conflict (garden_id) do update set version = excluded.version;
  return null;
end $$;

create function note_garden_itself_changed() returns trigger language plpgsql as $$
begin
  insert into garden_version values (new.id, nextval('garden_version_number'))
  on conflict (garden_id) do update set version = excluded.version;
  return null;
end $$;

create trigger garden_changed after insert or update on garden for each row
execute function note_garden_itself_changed();

do $$
declare owned text;
begin
  foreach owned in array array['place', 'walk', 'water', 'meter', 'vessel', 'feed', 'species', 'component', 'recipe', 'batch',
                               'weather_state', 'weather_day'] loop
    execute format('create trigger %1$s_added after insert on %1$s referencing new table as changed
                    for each statement execute function note_garden_changed()', owned);
    execute format('create trigger %1$s_changed after update on %1$s referencing new table as changed
                    for each statement execute function note_garden_changed()', owned);
    execute format('create trigger %1$s_taken_away after delete on %1$s referencing old table as changed
                    for each statement execute function note_garden_changed()', owned);
  end loop;
end $$;

-- the calendar has a lot fed on several days to come
alter table calendar_day drop constraint calendar_day_pkey;
alter table calendar_day add primary key (garden_id, lot_id, feed_on);

-- a state that is to be worked out again, and the day for which one was worked out
alter table lot_state add column stale boolean not null default false;
alter table lot_state add column computed_on date;
create index lot_state_stale on lot_state (garden_id, lot_id) where stale;

-- how many states of a garden were to be worked out again when that began, to tell how far it is
create table recalculation (
  garden_id uuid primary key references garden on delete cascade,
  lots integer not null check (lots > 0),
  begun_at timestamptz not null
);

-- hours of lamps were kept as days: nobody has lamps for less than an hour a day
update place set lamp_hours = lamp_hours * 24 where lamp_hours <= 1;

