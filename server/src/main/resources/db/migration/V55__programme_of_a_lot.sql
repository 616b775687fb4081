-- The feeds of a lot, each with its share, its rhythm and when it is given. The one feed of before is a programme of one.
create table lot_course (
  garden_id uuid not null,
  lot_id uuid not null,
  place smallint not null check (place between 0 and 5),
  feed_id uuid not null,
  share smallint not null check (share between 5 and 100),
  rhythm text check (rhythm in ('every_watering', 'weekly', 'fortnightly', 'monthly')),
  from_month smallint check (from_month between 1 and 12),
  to_month smallint check (to_month between 1 and 12),
  only_while text check (only_while <> ''),
  begins_on date,
  ends_on date,
  primary key (garden_id, lot_id, feed_id),
  unique (garden_id, lot_id, place),
  foreign key (garden_id, lot_id) references lot on delete cascade,
  foreign key (garden_id, feed_id) references feed,
  check ((from_month is null) = (to_month is null)),
  check (ends_on >= begins_on)
);
create index lot_course_of_feed on lot_course (garden_id, feed_id);

insert into lot_course (garden_id, lot_id, place, feed_id, share, rhythm)
select garden_id, id, 0, feed_id, 100, rhythm from lot where feed_id is not null;

alter table lot drop column feed_id, drop column rhythm;

-- What each course was last given, and what one pot takes of it in a day, in the order of its courses.
alter table lot_state
  add column course_feeds uuid[] not null default '{}',
  add column course_fed date[] not null default '{}',
  add column course_per_day double precision[] not null default '{}';

-- What a garden's changes, here or in a garden file of before, tell of a lot with one feed is kept.
create function told_with_programme(thing jsonb) returns jsonb language sql immutable as $$
  select case when thing ? 'feedId'
    then (thing - 'feedId' - 'rhythm') || jsonb_build_object('courses', jsonb_build_array(jsonb_strip_nulls(
      jsonb_build_object('feedId', thing -> 'feedId', 'share', 100, 'rhythm', thing -> 'rhythm'))))
    else (thing - 'rhythm') || '{"courses": []}' end
$$;
create function tell_change_with_programme() returns trigger language plpgsql as $$
begin
  if new.kind = 'lot' and not coalesce(new.after, new.before) ? 'courses' then
    new.before := told_with_programme(new.before);
    new.after := told_with_programme(new.after);
  end if;
  return new;
end $$;
update change set before = told_with_programme(before), after = told_with_programme(after) where kind = 'lot';
create trigger change_programme before insert on change for each row execute function tell_change_with_programme();

alter table act drop constraint act_kind_check;
alter table act add constraint act_kind_check check (kind in (
  'tick', 'reading', 'undo', 'edit', 'given', 'note', 'move', 'pot_on', 'programme', 'loss', 'split', 'retire', 'amend', 'skip',
  'tend', 'lift', 'take_mix', 'treat_mix'));
