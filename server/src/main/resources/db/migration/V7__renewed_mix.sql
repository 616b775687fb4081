-- A pot may get fresh mix in part, and its roots may be cut back.

alter table journal_potting
  add column fresh double precision not null default 100 check (fresh between 1 and 100),
  add column roots_cut double precision not null default 0 check (roots_cut between 0 and 60);
