-- Kinds of plant as a garden has them: its changes to the guide that ships, and its own. What is told stands as trait=text.

create table species (
  garden_id uuid not null references garden,
  id uuid not null,
  shipped text,
  name text not null check (length(name) between 1 and 80),
  scientific text not null check (length(scientific) between 1 and 80),
  family text not null,
  traits text[] not null,
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id)
);

-- What is told of one lot: traits over its kind's, and the states it is in since a day
alter table lot
  add column traits text[] not null default '{}',
  add column conditions text[] not null default '{}',
  add column rhythm text,
  add column undrained boolean not null default false;
