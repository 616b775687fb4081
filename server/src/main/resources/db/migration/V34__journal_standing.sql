-- The journal as it counts: without rows that were taken back or amended, and without those that say so. Rows are never
-- changed or removed, so that what happened, and what was believed to have happened, can both be told.
create view journal_standing as
select j.* from journal j
where j.kind <> 'correction'
  and not exists (select 1 from journal c where c.garden_id = j.garden_id and c.corrects = j.id);
