-- Finding, tags, setting aside and deleting with undo.
alter table activity
  add column tags text[] not null default '{}',
  add column set_aside boolean not null default false,
  add column deleted_at timestamptz,
  -- Everything that stands on its pages, for finding it by word.
  add column said text not null default '',
  add column found tsvector generated always as (
    setweight(to_tsvector('simple', title), 'A') || setweight(to_tsvector('simple', said), 'C')
  ) stored;
create index activity_found on activity using gin (found);

-- Colleagues who may look at an activity, or edit it too.
create table activity_share (
  school_id uuid not null,
  activity_id uuid not null,
  person_id uuid not null,
  may_edit boolean not null,
  shared_at timestamptz not null default now(),
  primary key (school_id, activity_id, person_id),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade,
  foreign key (school_id, person_id) references person (school_id, id)
);
create index activity_share_person on activity_share (school_id, person_id);

-- The whole activity every so many edits, so that a moment of its history is read without going through all of it.
create table activity_snapshot (
  school_id uuid not null,
  activity_id uuid not null,
  seq bigint not null,
  activity jsonb not null,
  primary key (school_id, activity_id, seq),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade
);

-- Moments that somebody gave a name.
create table activity_moment (
  school_id uuid not null,
  activity_id uuid not null,
  seq bigint not null,
  name text not null check (length(name) between 1 and 300),
  named_by uuid not null,
  at timestamptz not null default now(),
  primary key (school_id, activity_id, seq),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade
);

-- What an edit did, in a few words, for the history.
alter table activity_edit add column told text not null default '';

-- How somebody likes their workbench: the rack's order, hand, size.
create table person_taste (
  school_id uuid not null,
  person_id uuid not null,
  taste jsonb not null,
  primary key (school_id, person_id),
  foreign key (school_id, person_id) references person (school_id, id)
);

-- Pictures of the library that somebody kept or used.
create table picture_kept (
  school_id uuid not null,
  person_id uuid not null,
  code text not null,
  kept boolean not null default false,
  used_at timestamptz,
  primary key (school_id, person_id, code),
  foreign key (school_id, person_id) references person (school_id, id)
);

