-- What the application may do with the tables that there are now. Where the database has no such user, whoever the
-- application signs in as owns the tables.
do $$
begin
  if current_user <> 'cistern' and exists (select from pg_roles where rolname = 'cistern') then
    grant select, insert, update, delete on all tables in schema public to cistern;
    grant usage, select, update on all sequences in schema public to cistern;
    revoke all on flyway_schema_history from cistern;
  end if;
end
$$;
