-- A label's whole analysis, salts by formula, the product's own measure; what a report tells of a water; trade growers.

alter table feed
  add column elements boolean not null default false,
  add column basis text not null default 'by_weight' check (basis in ('by_weight', 'by_volume')),
  add column contents text[] not null default '{}',
  add column chelate text check (chelate in ('edta', 'dtpa', 'hedta', 'eddha', 'other')),
  add column formula text check (length(formula) between 1 and 80),
  add column purity double precision check (purity between 20 and 100),
  add column own_ml double precision check (own_ml between 0.1 and 2000),
  add constraint feed_purity check ((formula is null) = (purity is null)),
  drop constraint feed_check;

alter table water
  add column kind text not null default 'tap' check (kind in ('tap', 'rain', 'filtered', 'well')),
  add column alkalinity double precision check (alkalinity between 0 and 1000),
  add column contents text[] not null default '{}',
  add column typed text[] not null default '{}';
update water set typed = array['ec=' || ec_typed, 'ph=' || ph_typed] where ec_typed <> '' and ph_typed <> '';
alter table water
  drop column ec_typed,
  drop column ph_typed;

alter table garden
  add column trade boolean not null default false;
