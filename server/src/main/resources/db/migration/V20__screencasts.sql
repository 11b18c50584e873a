-- Recordings of a page with what was said, made in front of a class. While one is made it comes in pieces; then it is a
-- file like others.
create table screencast (
  school_id uuid not null,
  id uuid not null,
  activity_id uuid not null,
  teacher_id uuid not null,
  title text not null check (length(title) <= 300),
  began_at timestamptz not null,
  -- How long all of it is, in milliseconds; null until it is finished.
  millis bigint,
  -- Of the pieces that have come; 0 once it is a file.
  bytes bigint not null default 0,
  pieces int not null default 0,
  chapters jsonb not null default '[]',
  captions jsonb not null default '[]',
  -- What is shown of it, in milliseconds; null for to its ends.
  shown_from bigint,
  shown_to bigint,
  -- All of it, what is shown of it, and its captions, as files.
  whole jsonb,
  video jsonb,
  words jsonb,
  primary key (school_id, id),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade,
  foreign key (school_id, teacher_id) references person (school_id, id) on delete cascade
);
create index screencast_activity on screencast (school_id, activity_id, teacher_id);
create index screencast_teacher on screencast (school_id, teacher_id);

create table screencast_piece (
  school_id uuid not null,
  screencast_id uuid not null,
  n int not null,
  bytes bytea not null,
  primary key (school_id, screencast_id, n),
  foreign key (school_id, screencast_id) references screencast (school_id, id) on delete cascade
);
