-- How big a plant is: its spread, and the day on which its size was told.
alter table lot
  add column spread_m double precision check (spread_m between 0.01 and 8),
  add column sized_on date,
  add check ((spread_m is null) = (not typed ? 'spread'));
update lot set sized_on = started_on where tall_m is not null;

-- A kind's canopy was told as an area against that of its pot's top; it is its spread against the pot's width now. What a
-- garden, its changes or a garden file of that time told is kept.
create function spread_of_canopy(told text) returns text language sql immutable as $$
  select trim_scale(round(least(12, greatest(0.3, sqrt(told::numeric))), 2))::text
$$;
create function told_as_spread(thing jsonb) returns jsonb language sql immutable as $$
  select case when thing #> '{traits,canopy}' is null then thing
    else jsonb_set(thing #- '{traits,canopy}', '{traits,spread}', to_jsonb(spread_of_canopy(thing #>> '{traits,canopy}'))) end
$$;
create function tell_trait_as_spread() returns trigger language plpgsql as $$
begin
  if new.trait = 'canopy' then
    new.trait := 'spread';
    new.value := spread_of_canopy(new.value);
  end if;
  return new;
end $$;
create function tell_change_as_spread() returns trigger language plpgsql as $$
begin
  new.before := told_as_spread(new.before);
  new.after := told_as_spread(new.after);
  return new;
end $$;

update species_trait set trait = 'spread', value = spread_of_canopy(value) where trait = 'canopy';
update lot_trait set trait = 'spread', value = spread_of_canopy(value) where trait = 'canopy';
update change set before = told_as_spread(before), after = told_as_spread(after)
where before #> '{traits,canopy}' is not null or after #> '{traits,canopy}' is not null;

create trigger species_trait_spread before insert on species_trait for each row execute function tell_trait_as_spread();
create trigger lot_trait_spread before insert on lot_trait for each row execute function tell_trait_as_spread();
create trigger change_spread before insert on change for each row execute function tell_change_as_spread();
