-- Gardens whose places may still have the one mild year that all places once started from; once they were looked at, the places
-- that have moved over to the year of their part of the world, until that has been seen.
create table old_places (
  garden_id uuid primary key references garden,
  moved uuid[]
);
insert into old_places (garden_id) select id from garden;
