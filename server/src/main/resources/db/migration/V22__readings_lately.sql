-- the readings of a lot, without going through its waterings
create index journal_readings_of_lot on journal (garden_id, lot_id, occurred_at desc) where kind = 'reading';
