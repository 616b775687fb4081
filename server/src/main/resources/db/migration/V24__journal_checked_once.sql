-- a row's garden is that of its lot, which is checked already
alter table journal drop constraint journal_garden_id_fkey;
