-- What a person took into the plan from a reading: to be done on a day, or feed left out or weakened until one.
create table todo (
  garden_id uuid not null references garden,
  id uuid not null,
  lot_id uuid not null,
  action text not null,
  read_on date not null,
  least double precision,
  most double precision,
  unit text not null,
  due_on date not null,
  until_on date,
  done_on date,
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  foreign key (garden_id, lot_id) references lot
);
create index todo_of_lot on todo (garden_id, lot_id);
create index todo_open on todo (garden_id, due_on) where done_on is null and not retired;

alter table lot_state
  add column salty_litres double precision,
  add column no_feed_until date,
  add column feed_share double precision not null default 1 check (feed_share > 0 and feed_share <= 1),
  add column feed_share_until date;
