-- What a coated feed is rated at: months, and the temperature that its maker rates it at.

alter table feed
  add column coated_months double precision check (coated_months between 1 and 24),
  add column coated_celsius double precision check (coated_celsius between 15 and 30),
  add constraint feed_coated check ((coated_months is null) = (coated_celsius is null));
