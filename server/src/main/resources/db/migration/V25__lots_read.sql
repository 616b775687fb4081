-- which lots were ever read by which method, so that those side by side are found without going through all readings; kept by
-- the database itself, as readings come by several ways; one taken back stays named here
create table lot_read (
  garden_id uuid not null,
  lot_id uuid not null,
  method text not null,
  primary key (garden_id, method, lot_id),
  foreign key (garden_id, lot_id) references lot on delete cascade
);

insert into lot_read
select distinct j.garden_id, j.lot_id, r.method
from journal_reading r
join journal j on j.garden_id = r.garden_id and j.id = r.journal_id;

create function note_lots_read() returns trigger language plpgsql as $$
begin
  insert into lot_read
  select distinct j.garden_id, j.lot_id, r.method
  from fresh r
  join journal j on j.garden_id = r.garden_id and j.id = r.journal_id
  on conflict do nothing;
  return null;
end $$;

create trigger lots_read after insert on journal_reading
referencing new table as fresh for each statement execute function note_lots_read();
