-- What is done against something that ails a lot: planned, done, looked at again.
create table treatment (
  garden_id uuid not null references garden,
  id uuid not null,
  lot_id uuid not null,
  cure text not null,
  product text not null,
  amount text not null,
  reason text not null,
  read_on date,
  due_on date not null,
  every_days integer check (every_days > 0),
  done_on date,
  look_on date not null,
  expects text not null,
  outcome text check (outcome in ('better', 'same', 'worse')),
  outcome_on date,
  outcome_note text not null default '',
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  foreign key (garden_id, lot_id) references lot,
  check ((outcome is null) = (outcome_on is null))
);
create index treatment_of_lot on treatment (garden_id, lot_id);
create index treatment_open on treatment (garden_id, due_on) where outcome is null and not retired;
