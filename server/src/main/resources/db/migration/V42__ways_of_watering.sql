-- How the pots of a lot get their water: one way a lot, with what is told of its vessel or its line.
alter table lot
  add column way text not null default 'top'
    check (way in ('top', 'from_below', 'standing', 'reservoir', 'clay_balls', 'dunked', 'misted', 'drip', 'overhead')),
  add column holds_l double precision check (holds_l between 0.005 and 500),
  add column soak_min double precision check (soak_min between 0.25 and 1440),
  add column emitter_l double precision check (emitter_l between 0.1 and 200),
  add column rate_mm double precision check (rate_mm between 0.5 and 200),
  add column spacing_m double precision check (spacing_m between 0.02 and 5),
  add check ((holds_l is null) = (not typed ? 'holds')),
  add check ((soak_min is null) = (not typed ? 'minutes')),
  add check ((emitter_l is null) = (not typed ? 'emitter')),
  add check ((rate_mm is null) = (not typed ? 'rate')),
  add check ((spacing_m is null) = (not typed ? 'spacing'));

-- In which way it was given.
alter table journal_watering add column way text not null default 'top';
alter table journal_feeding add column way text not null default 'top';

-- A self-watering pot was one of the materials; it is a plastic pot with a reservoir. What a garden, its changes or a garden
-- file of that time told is kept.
create function told_with_reservoir(thing jsonb) returns jsonb language sql immutable as $$
  select case when thing #>> '{pot,material}' = 'SELF_WATERING'
    then jsonb_set(thing, '{pot,material}', '"PLASTIC"') || '{"watering": {"way": "RESERVOIR"}}'
    else thing end
$$;
create function tell_lot_with_reservoir() returns trigger language plpgsql as $$
begin
  if new.material = 'self_watering' then
    new.material := 'plastic';
    new.way := 'reservoir';
  end if;
  return new;
end $$;
create function tell_change_with_reservoir() returns trigger language plpgsql as $$
begin
  new.before := told_with_reservoir(new.before);
  new.after := told_with_reservoir(new.after);
  return new;
end $$;

update lot set way = 'reservoir', material = 'plastic' where material = 'self_watering';
update change set before = told_with_reservoir(before), after = told_with_reservoir(after)
where before #>> '{pot,material}' = 'SELF_WATERING' or after #>> '{pot,material}' = 'SELF_WATERING';

create trigger lot_reservoir before insert on lot for each row execute function tell_lot_with_reservoir();
create trigger change_reservoir before insert on change for each row execute function tell_change_with_reservoir();

alter table lot drop constraint lot_material_check;
alter table lot add constraint lot_material_check check (material in ('plastic', 'fabric', 'clay', 'glazed'));
alter table lot drop constraint lot_shape_check;
alter table lot add constraint lot_shape_check
  check (shape in ('round', 'square', 'box', 'oval', 'bag', 'basket', 'plug', 'mount'));
