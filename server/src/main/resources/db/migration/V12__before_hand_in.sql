-- Work as it was just before it was handed in: what its student sees of it where nothing is told afterwards.
create table attempt_before_hand_in (
  school_id uuid not null,
  attempt_id uuid not null,
  edition_id uuid not null,
  seq bigint not null,
  state jsonb not null,
  primary key (school_id, attempt_id),
  foreign key (school_id, attempt_id) references attempt (school_id, id) on delete cascade
);
