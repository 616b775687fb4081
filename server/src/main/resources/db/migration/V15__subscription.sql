-- The private address under which a calendar program fetches the work to come.

alter table calendar_state add column address uuid unique;
