-- What the bench is searched, sorted and counted by stands in one narrow table, so that a question about ten thousand lots
-- reads that once. As all of lot_state it is derived, and written by the function that can rebuild it.
alter table lot_state
  add column place_id uuid,
  add column species text,
  add column name text,
  add column name_folded text;
update lot_state s
  set place_id = l.place_id, species = l.species, name = l.name, name_folded = lower(l.name)
  from lot l where l.garden_id = s.garden_id and l.id = s.lot_id;
alter table lot_state
  alter column place_id set not null,
  alter column species set not null,
  alter column name set not null,
  alter column name_folded set not null;
create index lot_state_bench on lot_state (garden_id, place_id, name collate "C", lot_id);
drop index lot_in_place;
