-- what stands on the bag that a component came out of, so that batches from one bag are known
alter table batch
  add column bags text[] check (cardinality(bags) = cardinality(components));
