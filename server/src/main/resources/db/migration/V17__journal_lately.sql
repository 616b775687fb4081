-- What was done today is asked for at every look at the round, however long the journal.

create index journal_lately on journal (garden_id, occurred_at);
