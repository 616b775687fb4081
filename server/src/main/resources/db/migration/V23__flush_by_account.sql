-- by what a flush is planned: the weeks of the kind where nothing is said, or the salt account, and when that asks for one
alter table lot add column flush_by text check (flush_by in ('account'));
alter table lot_state
  add column account_flush_on date,
  add column account_flush_litres double precision;
