-- A feed that is not given in water is a piece of work of its own: each falls due by itself, the lot with the sooner of them.
alter table lot_state add column water_due_on date, add column beside_due_on date;
update lot_state set water_due_on = due_on;
alter table lot_state alter column water_due_on set not null;
