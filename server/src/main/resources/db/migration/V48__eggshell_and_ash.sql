-- Eggshell and wood ash are limes too.
alter table recipe drop constraint recipe_lime_check;
alter table recipe add constraint recipe_lime_check
  check (lime in ('dolomite', 'calcite', 'shell', 'eggshell', 'ash', 'hydrated'));
