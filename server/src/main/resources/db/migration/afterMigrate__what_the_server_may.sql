-- After every migration: the role that serves may read and change rows, and nothing else. Where that role is not known
-- (a database that was made by hand), whoever migrates also serves.
do $$
declare
  view text;
begin
  if exists (select from pg_roles where rolname = 'glad_serve') then
    grant select, insert, update, delete on all tables in schema public to glad_serve;
    -- What features show each other is there to be read.
    for view in select table_name from information_schema.views where table_schema = 'public' loop
      execute format('revoke insert, update, delete on %I from glad_serve', view);
    end loop;
    grant usage, select on all sequences in schema public to glad_serve;
  end if;
end $$;
