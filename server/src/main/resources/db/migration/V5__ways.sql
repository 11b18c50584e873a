-- How students come from page to page.
alter table activity add column passage jsonb;

-- Files of any kind: recordings, films and documents have no size in pixels.
alter table file alter column width drop not null, alter column height drop not null;
alter table file add column name text not null default '' check (length(name) <= 300);

-- A file on its way in, in pieces; it becomes a file when all of it is there.
create table upload (
  school_id uuid not null references school (id),
  id uuid not null,
  person_id uuid not null,
  name text not null check (length(name) <= 300),
  bytes bigint not null,
  begun_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, person_id) references person (school_id, id)
);
create index upload_begun on upload (begun_at);

create table upload_chunk (
  school_id uuid not null,
  upload_id uuid not null,
  n int not null,
  bytes bytea not null,
  primary key (school_id, upload_id, n),
  foreign key (school_id, upload_id) references upload (school_id, id) on delete cascade
);
