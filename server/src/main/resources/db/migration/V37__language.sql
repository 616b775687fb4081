-- The language is a setting beside the units. Who measured in US units so far was most likely spoken to in the wrong one.
alter table garden
  add column language text not null default 'en-GB' check (language in ('en-GB', 'en-US'));
update garden set language = 'en-US' where unit_habit = 'us';
alter table garden alter column language drop default;
