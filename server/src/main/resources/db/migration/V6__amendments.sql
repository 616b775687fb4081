-- What is stirred in besides lime: its key and the grams per litre as typed, in recipes; name and grams in all, in batches.
alter table recipe add column amendments text[] not null default '{}';
alter table batch
  add column added_names text[] not null default '{}',
  add column added_grams double precision[] not null default '{}',
  add constraint batch_added check (cardinality(added_names) = cardinality(added_grams));
