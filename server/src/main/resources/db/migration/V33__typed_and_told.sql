-- What was typed stands in one column of its row, field by field; what is told of a plant, or of a lot, in rows of their own.
-- Until now each was a text that had to be taken apart: 12|cm, top=12|cm, shade=deep.

create domain typed_fields as jsonb
  check (jsonb_typeof(value) = 'object'
         and not jsonb_path_exists(value, '$.*.type() ? (@ != "object")')
         and not jsonb_path_exists(value, '$.* ? (!(@.text.type() == "string") || !(@.unit.type() == "string"))'));

create function pg_temp.typed_one(field text, kept text) returns jsonb language sql immutable as $$
  select case when kept like '%|%'
    then jsonb_build_object(field, jsonb_build_object('text', regexp_replace(kept, '^(.*)\|[^|]*$', '\1'),
                                                      'unit', regexp_replace(kept, '^.*\|([^|]*)$', '\1')))
    else '{}' end
$$;

create function pg_temp.typed_all(kept text[]) returns jsonb language sql immutable as $$
  select coalesce(jsonb_object_agg(one.key, one.value), '{}')
  from unnest(kept) as entry
  cross join lateral jsonb_each(
    pg_temp.typed_one(split_part(entry, '=', 1), substr(entry, strpos(entry, '=') + 1))) as one
$$;

do $$
declare owned text;
begin
  foreach owned in array array['place', 'water', 'meter', 'feed', 'component', 'recipe', 'calibration'] loop
    execute format('alter table %I alter column typed drop default,
                      alter column typed type typed_fields using pg_temp.typed_all(typed)::typed_fields,
                      alter column typed set not null,
                      alter column typed set default ''{}''', owned);
  end loop;
  foreach owned in array array['garden', 'vessel', 'stock', 'batch', 'lot', 'journal_reading'] loop
    execute format('alter table %I add column typed typed_fields not null default ''{}''', owned);
  end loop;
end $$;

update garden set typed = pg_temp.typed_one('latitude', latitude_typed);
alter table garden drop column latitude_typed;

update vessel set typed = pg_temp.typed_one('litres', litres_typed);
alter table vessel drop column litres_typed;

update stock set typed = pg_temp.typed_one('amount', amount_typed) || pg_temp.typed_one('pack', coalesce(pack_typed, ''));
alter table stock drop column amount_typed, drop column pack_typed;

update batch set typed = pg_temp.typed_one('firstPh', first_ph_typed) where first_ph_typed is not null;
alter table batch drop column first_ph_typed;

update lot set typed =
  pg_temp.typed_one('top', top_typed) || pg_temp.typed_one('base', coalesce(base_typed, ''))
  || pg_temp.typed_one('height', height_typed) || pg_temp.typed_one('across', coalesce(across_typed, ''))
  || pg_temp.typed_one('measured', coalesce(measured_typed, '')) || pg_temp.typed_one('gap', coalesce(gap_typed, ''))
  || pg_temp.typed_one('tall', coalesce(tall_typed, '')) || pg_temp.typed_one('mixWarmth', coalesce(mix_c_typed, ''));
alter table lot
  drop column top_typed, drop column base_typed, drop column height_typed, drop column across_typed,
  drop column measured_typed, drop column gap_typed, drop column tall_typed, drop column mix_c_typed,
  add check (typed ? 'top' and typed ? 'height'),
  add check ((measured_litres is null) = (not typed ? 'measured')),
  add check ((tall_m is null) = (not typed ? 'tall')),
  add check ((mix_c is null) = (not typed ? 'mixWarmth'));

update journal_reading set typed =
  case when ph_typed is null then '{}'::jsonb
       else jsonb_build_object('ph', jsonb_build_object('text', ph_typed, 'unit', 'pH')) end
  || case when ec_typed is null then '{}'::jsonb
          else jsonb_build_object('ec', jsonb_build_object('text', ec_typed, 'unit', coalesce(ec_unit, 'mS/cm'))) end
  || pg_temp.typed_one('celsius', coalesce(celsius_typed, ''))
  || pg_temp.typed_one('beforePh', coalesce(before_ph_typed, ''))
  || pg_temp.typed_one('hours', coalesce(hours_typed, ''));
alter table journal_reading
  drop column ph_typed, drop column ec_typed, drop column ec_unit, drop column celsius_typed,
  drop column before_ph_typed, drop column hours_typed;

create table species_trait (
  garden_id uuid not null,
  species_id uuid not null,
  trait text not null,
  value text not null,
  primary key (garden_id, species_id, trait),
  foreign key (garden_id, species_id) references species (garden_id, id)
);
create table lot_trait (
  garden_id uuid not null,
  lot_id uuid not null,
  trait text not null,
  value text not null,
  primary key (garden_id, lot_id, trait),
  foreign key (garden_id, lot_id) references lot (garden_id, id)
);
-- states a lot is in, each since a day
create table lot_condition (
  garden_id uuid not null,
  lot_id uuid not null,
  condition text not null,
  since date not null,
  primary key (garden_id, lot_id, condition),
  foreign key (garden_id, lot_id) references lot (garden_id, id)
);
insert into species_trait
select s.garden_id, s.id, split_part(t, '=', 1), substr(t, strpos(t, '=') + 1) from species s, unnest(s.traits) as t;
insert into lot_trait
select l.garden_id, l.id, split_part(t, '=', 1), substr(t, strpos(t, '=') + 1) from lot l, unnest(l.traits) as t;
insert into lot_condition
select l.garden_id, l.id, split_part(c, '=', 1), substr(c, strpos(c, '=') + 1)::date from lot l, unnest(l.conditions) as c;

drop trigger species_poison_by_eater on species;
drop trigger lot_poison_by_eater on lot;
drop function tell_poison_by_eater;
drop function poison_by_eater;
alter table species drop column traits;
alter table lot drop column traits, drop column conditions;

-- holds that were lifted, each until a day: worked out, as all of lot_state
create function pg_temp.as_object(kept text[]) returns jsonb language sql immutable as $$
  select coalesce(jsonb_object_agg(split_part(entry, '=', 1), substr(entry, strpos(entry, '=') + 1)), '{}')
  from unnest(kept) as entry
$$;
alter table lot_state
  alter column lifted drop default,
  alter column lifted type jsonb using pg_temp.as_object(lifted),
  alter column lifted set default '{}';
