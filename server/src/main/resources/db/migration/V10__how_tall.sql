-- How tall a lot stands, for feeds whose label goes by height.

alter table lot
  add column tall_m double precision check (tall_m between 0.01 and 20),
  add column tall_typed text,
  add constraint lot_tall check ((tall_m is null) = (tall_typed is null));
