-- The days of feeding as the calendar chose them: for each lot its next one. Made for a day; what is on that day's list stays.

create table calendar_state (
  garden_id uuid primary key references garden,
  in_use boolean not null,
  made_on date
);

create table calendar_day (
  garden_id uuid not null,
  lot_id uuid not null,
  feed_on date not null,
  primary key (garden_id, lot_id),
  foreign key (garden_id, lot_id) references lot
);
