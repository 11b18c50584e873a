-- Every row of a school carries school_id, first in its keys, so that tables can be spread by school later.
-- Ids are UUIDv7, made by the application. Times are timestamptz.

create table school (
  id uuid primary key,
  name text not null
);

create table person (
  school_id uuid not null references school (id),
  id uuid not null,
  kind text not null check (kind in ('teacher', 'student')),
  display_name text not null check (length(display_name) between 1 and 100),
  -- Teachers only; students come in by a join code and their name in the class list.
  sign_in_name text check (length(sign_in_name) between 1 and 100),
  secret_hash text not null,
  created_at timestamptz not null default now(),
  primary key (school_id, id),
  check (kind = 'student' or sign_in_name is not null)
);
create unique index person_sign_in_name on person (lower(sign_in_name)) where sign_in_name is not null;

create table school_class (
  school_id uuid not null references school (id),
  id uuid not null,
  name text not null check (length(name) between 1 and 100),
  created_at timestamptz not null default now(),
  primary key (school_id, id)
);

create table membership (
  school_id uuid not null,
  class_id uuid not null,
  person_id uuid not null,
  primary key (school_id, class_id, person_id),
  foreign key (school_id, class_id) references school_class (school_id, id),
  foreign key (school_id, person_id) references person (school_id, id)
);
create index membership_person on membership (school_id, person_id);

create table activity (
  school_id uuid not null references school (id),
  id uuid not null,
  owner_id uuid not null,
  title text not null,
  seq bigint not null default 0,
  key jsonb not null,
  placements int not null default 0,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, owner_id) references person (school_id, id)
);
create index activity_owner on activity (school_id, owner_id, updated_at desc);

create table page_state (
  school_id uuid not null,
  activity_id uuid not null,
  page_id text not null,
  position int not null,
  page jsonb not null,
  primary key (school_id, activity_id, page_id),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade
);

-- Append only: the history of an activity, and what undo works on.
create table activity_edit (
  school_id uuid not null,
  activity_id uuid not null,
  seq bigint not null,
  client_id uuid not null,
  author_id uuid not null,
  at timestamptz not null,
  edit jsonb not null,
  inverse jsonb not null,
  kind text not null check (kind in ('plain', 'undo', 'redo')),
  -- The edit that an undo took back, or the undo that a redo took back.
  target bigint,
  primary key (school_id, activity_id, seq),
  unique (school_id, activity_id, client_id),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade
);
create index activity_edit_author on activity_edit (school_id, activity_id, author_id, seq desc);

create table edition (
  school_id uuid not null,
  id uuid not null,
  activity_id uuid not null,
  activity_seq bigint not null,
  activity jsonb not null,
  made_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, activity_id) references activity (school_id, id)
);

create table assignment (
  school_id uuid not null,
  id uuid not null,
  edition_id uuid not null,
  activity_id uuid not null,
  class_id uuid not null,
  teacher_id uuid not null,
  title text not null,
  join_code text not null unique,
  assigned_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, edition_id) references edition (school_id, id),
  foreign key (school_id, class_id) references school_class (school_id, id),
  foreign key (school_id, teacher_id) references person (school_id, id)
);
create index assignment_teacher on assignment (school_id, teacher_id, assigned_at desc);
create index assignment_class on assignment (school_id, class_id);

create table attempt (
  school_id uuid not null,
  id uuid not null,
  assignment_id uuid not null,
  student_id uuid not null,
  seq bigint not null default 0,
  state jsonb not null,
  score int not null default 0,
  standing text not null,
  begun_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  primary key (school_id, id),
  unique (school_id, assignment_id, student_id),
  foreign key (school_id, assignment_id) references assignment (school_id, id),
  foreign key (school_id, student_id) references person (school_id, id)
) with (fillfactor = 60);

-- Append only. The same move_id twice in one attempt is one move.
create table move (
  school_id uuid not null,
  attempt_id uuid not null,
  seq bigint not null,
  move_id uuid not null,
  act jsonb not null,
  verdict jsonb,
  device_time timestamptz not null,
  at timestamptz not null,
  primary key (school_id, attempt_id, seq),
  unique (school_id, attempt_id, move_id)
) partition by hash (attempt_id);
create table move_0 partition of move for values with (modulus 4, remainder 0);
create table move_1 partition of move for values with (modulus 4, remainder 1);
create table move_2 partition of move for values with (modulus 4, remainder 2);
create table move_3 partition of move for values with (modulus 4, remainder 3);

create table file (
  school_id uuid not null references school (id),
  sha256 text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  media_type text not null,
  bytes bigint not null,
  width int not null,
  height int not null,
  brought_by uuid not null,
  brought_at timestamptz not null default now(),
  primary key (school_id, sha256)
);

create table file_chunk (
  school_id uuid not null,
  sha256 text not null,
  n int not null,
  bytes bytea not null,
  primary key (school_id, sha256, n),
  foreign key (school_id, sha256) references file (school_id, sha256) on delete cascade
);

create table picture_credit (
  school_id uuid not null,
  sha256 text not null,
  credit text not null,
  primary key (school_id, sha256),
  foreign key (school_id, sha256) references file (school_id, sha256) on delete cascade
);

-- Failed sign-ins of the last minutes, by what was tried; older rows are swept away.
create table sign_in_failure (
  tried text not null,
  at timestamptz not null
);
create index sign_in_failure_tried on sign_in_failure (tried, at);

create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null unique,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create index spring_session_expiry on spring_session (expiry_time);
create index spring_session_principal on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
