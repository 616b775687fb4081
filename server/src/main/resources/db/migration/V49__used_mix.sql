-- Mix that was taken out of pots to be used again: an ingredient like any other, with where it is from beside it.

alter table component
  -- per cent of its life that it had behind it; null for something new
  add column spent double precision check (spent between 0 and 500),
  -- why it goes into no pot yet, or ever
  add column held_back text check (held_back in ('heated', 'never'));

create table used_mix (
  garden_id uuid not null references garden,
  -- of the component that it is
  id uuid not null,
  lot_id uuid,
  lot_name text not null check (length(lot_name) between 1 and 80),
  plant text not null check (length(plant) between 1 and 80),
  mix_name text not null check (length(mix_name) between 1 and 120),
  taken_on date not null,
  litres double precision not null check (litres > 0),
  last_plant text not null
    check (last_plant in ('well', 'unknown', 'root_disease', 'root_mealybug', 'vine_weevil', 'wilt', 'virus')),
  -- g per litre of coated feed still to be released when it was taken
  coated_left double precision not null check (coated_left >= 0),
  ph_plus_minus double precision not null check (ph_plus_minus >= 0),
  ec_plus_minus double precision not null check (ec_plus_minus >= 0),
  steps text[] not null,
  step_days date[] not null check (cardinality(step_days) = cardinality(steps)),
  step_amounts double precision[] not null check (cardinality(step_amounts) = cardinality(steps)),
  notes text not null check (length(notes) <= 2000),
  retired boolean not null default false,
  version integer not null check (version > 0),
  primary key (garden_id, id),
  foreign key (garden_id, id) references component
);
create index used_mix_by_day on used_mix (garden_id, taken_on desc);

alter table act drop constraint act_kind_check;
alter table act add constraint act_kind_check check (kind in (
  'tick', 'reading', 'undo', 'edit', 'given', 'note', 'move', 'pot_on', 'loss', 'split', 'retire', 'amend', 'skip',
  'tend', 'lift', 'take_mix', 'treat_mix'));
