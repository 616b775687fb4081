-- Which ailment a treatment is against, by its key in the rules; absent where nobody said.
alter table treatment add column ailment text;
