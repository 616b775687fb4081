-- Whether only some pots of a lot got it: its product is drawn, and the lot is still due.
alter table journal_watering add column part boolean not null default false;
alter table journal_feeding add column part boolean not null default false;
