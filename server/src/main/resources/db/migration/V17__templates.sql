-- Activities that a link lets every teacher of the school take a copy of.
create table template (
  school_id uuid not null,
  activity_id uuid not null,
  -- Stands in the link; nobody guesses it.
  code uuid not null,
  made_at timestamptz not null,
  primary key (school_id, activity_id),
  unique (school_id, code),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade
);
