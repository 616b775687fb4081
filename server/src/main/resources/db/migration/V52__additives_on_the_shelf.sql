-- what is stirred into a mix is counted on the shelf too: an additive by its key, in grams
alter table stock
  add column additive text,
  drop constraint stock_of_one,
  add constraint stock_of_one check (num_nonnulls(feed_id, mix, component, additive) = 1);
create unique index stock_of_additive on stock (garden_id, additive) where not retired;

-- the keys of what was stirred in, beside its names; batches from before this have none, and draw nothing
alter table batch
  add column added_keys text[] check (cardinality(added_keys) = cardinality(added_names)),
  add column stirred_key text;
