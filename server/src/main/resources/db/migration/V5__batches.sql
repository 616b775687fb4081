-- Batches of mix: what went into the tub stands in the batch itself, so that a recipe may change after it.

create table batch (
  garden_id uuid not null references garden,
  id uuid not null,
  number integer not null check (number > 0),
  recipe text not null,
  recipe_name text not null check (length(recipe_name) between 1 and 80),
  recipe_version integer not null check (recipe_version >= 0),
  made_on date not null,
  litres double precision not null check (litres > 0),
  components text[] not null,
  component_names text[] not null check (cardinality(component_names) = cardinality(components)),
  litres_put double precision[] not null check (cardinality(litres_put) = cardinality(components)),
  pot_names text[] not null,
  pot_counts integer[] not null check (cardinality(pot_counts) = cardinality(pot_names)),
  stirred_in text check (length(stirred_in) <= 80),
  stirred_grams double precision check (stirred_grams > 0),
  check ((stirred_in is null) = (stirred_grams is null)),
  first_ph double precision check (first_ph between 2 and 11),
  first_ph_typed text,
  check ((first_ph is null) = (first_ph_typed is null)),
  notes text not null check (length(notes) <= 2000),
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  unique (garden_id, number)
);
create index batch_of_recipe on batch (garden_id, recipe, made_on desc);

-- cans carry water; a tub, a shovel and a handful measure mix
alter table vessel
  add column use text not null default 'can' check (use in ('can', 'tub', 'shovel', 'handful')),
  drop constraint vessel_litres_check,
  add constraint vessel_litres_check check (litres between 0.02 and 5000);

alter table stock
  add column component text,
  drop constraint stock_check,
  add constraint stock_of_one check (num_nonnulls(feed_id, mix, component) = 1);
create unique index stock_of_component on stock (garden_id, component) where not retired;
