-- How long its pots last from a watering until they are dry, and the day on which that was told.
alter table lot
  add column lasts_days double precision check (lasts_days between 0.2 and 90),
  add column lasts_on date,
  add check ((lasts_days is null) = (not typed ? 'lasts')),
  add check ((lasts_days is null) = (lasts_on is null));
