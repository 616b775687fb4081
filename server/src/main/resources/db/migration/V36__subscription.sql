-- Where calendar programs fetch the work to come is a thing of its own, whether or not lots are fed by the calendar.
create table subscription (
  garden_id uuid primary key references garden,
  address uuid not null unique
);
insert into subscription select garden_id, address from calendar_state where address is not null;
alter table calendar_state drop column address;
