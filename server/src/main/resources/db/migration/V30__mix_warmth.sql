-- How warm the mix of a lot was measured, where a heated mat or a cold floor parts it from the air.

alter table lot
  add column mix_c double precision check (mix_c between -5 and 45),
  add column mix_c_typed text,
  add constraint lot_mix_warmth check ((mix_c is null) = (mix_c_typed is null));
