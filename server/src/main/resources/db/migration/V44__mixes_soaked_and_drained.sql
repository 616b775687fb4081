-- What a recipe's mix held when it was soaked and drained in pots of one height or two: of which parts, % of what was put in,
-- and at each height air and water in % of the mix with the ± of the water.
alter table recipe
  add column soaked_on date,
  add column soaked_components text[],
  add column soaked_shares double precision[],
  add column soaked_columns double precision[],
  add column soaked_air double precision[],
  add column soaked_capacity double precision[],
  add column soaked_plus_minus double precision[],
  add check (
    soaked_on is null and soaked_components is null and soaked_shares is null and soaked_columns is null
      and soaked_air is null and soaked_capacity is null and soaked_plus_minus is null
    or soaked_on is not null and cardinality(soaked_components) between 1 and 40
      and cardinality(soaked_shares) = cardinality(soaked_components) and cardinality(soaked_columns) between 1 and 2
      and cardinality(soaked_air) = cardinality(soaked_columns)
      and cardinality(soaked_capacity) = cardinality(soaked_columns)
      and cardinality(soaked_plus_minus) = cardinality(soaked_columns));
