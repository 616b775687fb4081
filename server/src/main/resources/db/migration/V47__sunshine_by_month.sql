-- Of each month the share of the possible sun, where more is known than of the year.
alter table place add column sunshine_months double precision[] check (cardinality(sunshine_months) = 12);
