-- What nobody told of a lot and its form took for granted.
alter table lot
  add column assumed text[] not null default '{}'
    check (assumed <@ array['feed', 'material', 'mix', 'water']);
