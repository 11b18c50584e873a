-- After every migration: the role that serves may read and change rows, and nothing else. Where that role is not known
-- (a database that was made by hand), whoever migrates also serves.
do $$
begin
  if exists (select from pg_roles where rolname = 'glad_serve') then
    grant select, insert, update, delete on all tables in schema public to glad_serve;
    grant usage, select on all sequences in schema public to glad_serve;
  end if;
end $$;
