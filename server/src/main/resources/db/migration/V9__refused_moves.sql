-- What a student did and the server could not take: made after it was closed, or after a team mate handed in. The device
-- lets go of it then, so it is kept here, for the teacher to see. Nothing of it counts.
create table refused_move (
  school_id uuid not null references school (id),
  attempt_id uuid not null,
  move_id uuid not null,
  act jsonb not null,
  reason text not null,
  by_id uuid not null,
  device_time timestamptz not null,
  at timestamptz not null default now(),
  primary key (school_id, attempt_id, move_id)
);
