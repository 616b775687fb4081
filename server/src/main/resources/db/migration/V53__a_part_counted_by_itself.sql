-- one part of a recipe in litres may be counted in handfuls or shovels; the litres that one took are kept with it
alter table recipe
  add column counted_by text[] not null default '{}',
  add column counted_litres double precision[] not null default '{}',
  add constraint recipe_counted check (
    cardinality(counted_by) in (0, cardinality(amounts)) and cardinality(counted_litres) = cardinality(counted_by));
