-- Tries to sign in that have not succeeded (yet), by everything that they count against; older rows are swept away.
drop table sign_in_failure;
create table sign_in_try (
  id uuid not null,
  counted text not null,
  at timestamptz not null,
  primary key (id, counted)
);
create index sign_in_try_counted on sign_in_try (counted, at);

-- Devices on which somebody signed in before, by the hash of the token that they keep.
create table known_device (
  token_hash bytea not null check (length(token_hash) = 32),
  school_id uuid not null,
  person_id uuid not null,
  used_at timestamptz not null,
  primary key (token_hash, person_id),
  foreign key (school_id, person_id) references person (school_id, id) on delete cascade
);
create index known_device_person on known_device (person_id, used_at);

-- From now on a session says whose it is, so that a new secret can end it. Those from before cannot be told apart.
delete from spring_session where principal_name is null;
