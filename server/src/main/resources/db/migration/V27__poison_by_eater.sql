-- How badly a plant harms is told apart for people, dogs and cats. A garden that told it in one word, or a garden file of
-- that time, keeps what it told: for all three.

create function poison_by_eater(told text[]) returns text[] language sql immutable as $$
  select coalesce(array_agg(by_eater order by place, eater), '{}')
  from unnest(told) with ordinality as t (entry, place)
  cross join lateral (
    select entry as by_eater, 0 as eater where entry not like 'toxicity=%'
    union all
    select 'poison_' || who || '=' || case entry
             when 'toxicity=harmless' then 'none_known' when 'toxicity=toxic' then 'harmful' else 'unknown' end, n
    from unnest(array['people', 'dogs', 'cats']) with ordinality as e (who, n) where entry like 'toxicity=%') as parts
$$;

create function tell_poison_by_eater() returns trigger language plpgsql as $$
begin
  new.traits := poison_by_eater(new.traits);
  return new;
end $$;

create trigger species_poison_by_eater before insert or update of traits on species for each row
execute function tell_poison_by_eater();
create trigger lot_poison_by_eater before insert or update of traits on lot for each row
execute function tell_poison_by_eater();

update species set traits = poison_by_eater(traits) where array_to_string(traits, ' ') like '%toxicity=%';
update lot set traits = poison_by_eater(traits) where array_to_string(traits, ' ') like '%toxicity=%';
