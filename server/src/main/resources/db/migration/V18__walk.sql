-- The order in which a person walks by the places; what is not named comes last, by its name.

create table walk (
  garden_id uuid not null references garden,
  id uuid not null,
  places uuid[] not null,
  version integer not null check (version > 0),
  retired boolean not null default false,
  primary key (garden_id, id),
  check (id = garden_id)
);

-- the day of the last reading, where that was of more salt than its band
alter table lot_state add column salty_on date;
