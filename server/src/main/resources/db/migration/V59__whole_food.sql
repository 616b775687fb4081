-- Whether a rhythm of a lot's own gives back what a limit takes from the label's food.
alter table lot_course add column whole boolean not null default false;
