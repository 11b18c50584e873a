-- A student's recording arrives before the move that puts it on its page. One that no move ever asks for is cleared away.
alter table file add column waits boolean not null default false;
create index file_waits on file (brought_at) where waits;
create index file_brought on file (school_id, brought_by, brought_at);
