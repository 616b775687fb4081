-- What nobody told of a lot and its form took for granted.
alter table lot
  add column assumed text[] not null default '{}'
    check (assumed <@ array['feed', 'material', 'mix', 'water']);
-- Of a pot only the width has to be told; its base and its height are then as such pots usually have them.
alter table lot
  drop constraint lot_typed_check,
  add constraint lot_typed_check check (typed ? 'top');
