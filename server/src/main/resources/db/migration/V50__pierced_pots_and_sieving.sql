alter table lot drop constraint lot_material_check;
alter table lot add constraint lot_material_check check (material in ('plastic', 'fabric', 'pierced', 'clay', 'glazed'));

-- loose litres taken of each component before it was sieved; null where nothing was thrown away
alter table batch
  add column litres_taken double precision[] check (cardinality(litres_taken) = cardinality(components));

-- what lies on the mix
alter table lot add column topping text not null default 'none' check (topping in ('none', 'grit', 'bark', 'moss'));
