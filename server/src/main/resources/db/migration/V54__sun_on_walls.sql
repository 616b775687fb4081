-- how dark the walls are that the sun shines on
alter table lot add column walls text not null default 'shaded' check (walls in ('shaded', 'pale', 'dark'));
