-- There are greenhouses beyond the polar circle too.

alter table garden
  drop constraint garden_latitude_check,
  add constraint garden_latitude_check check (latitude between -75 and 75);
