-- Classes: a code of their own, teams, and a place to set old ones aside.
alter table school_class add column join_code text unique, add column archived_at timestamptz;

create table team (
  school_id uuid not null,
  id uuid not null,
  class_id uuid not null,
  name text not null check (length(name) between 1 and 100),
  position int not null,
  primary key (school_id, id),
  foreign key (school_id, class_id) references school_class (school_id, id)
);
create index team_class on team (school_id, class_id, position);

-- A student is in one team of a class at most.
create table team_member (
  school_id uuid not null,
  class_id uuid not null,
  person_id uuid not null,
  team_id uuid not null,
  primary key (school_id, class_id, person_id),
  foreign key (school_id, team_id) references team (school_id, id) on delete cascade,
  foreign key (school_id, class_id, person_id) references membership (school_id, class_id, person_id) on delete cascade
);

-- Small children sign in with three pictures instead of a PIN.
alter table person add column secret_kind text not null default 'PIN' check (secret_kind in ('PIN', 'PICTURES'));

-- Assignments: how they are shared, when they are open, what the teacher does with them while they run.
alter table assignment
  add column terms jsonb not null default '{}',
  add column whom text not null default 'CLASS' check (whom in ('CLASS', 'TEAMS', 'STUDENTS')),
  add column held_at timestamptz,
  add column held_words text not null default '' check (length(held_words) <= 1000),
  add column shut_at timestamptz,
  add column withdrawn_at timestamptz,
  -- Several activities given together, one after another.
  add column series_id uuid,
  add column series_position int not null default 0;
create index assignment_series on assignment (school_id, series_id) where series_id is not null;

-- The teams or students it is for, where it is not for the whole class.
create table assignment_for (
  school_id uuid not null,
  assignment_id uuid not null,
  target_id uuid not null,
  primary key (school_id, assignment_id, target_id),
  foreign key (school_id, assignment_id) references assignment (school_id, id)
);

create table extension (
  school_id uuid not null,
  assignment_id uuid not null,
  holder_id uuid not null,
  extension jsonb not null,
  primary key (school_id, assignment_id, holder_id),
  foreign key (school_id, assignment_id) references assignment (school_id, id)
);

-- Attempts: of a student or of a team, one a round; each on the edition it was begun with or renewed to.
alter table attempt drop constraint attempt_school_id_assignment_id_student_id_key;
alter table attempt drop constraint attempt_school_id_student_id_fkey;
alter table attempt rename column student_id to holder_id;
alter table attempt
  add column round int not null default 1 check (round between 1 and 100),
  add column edition_id uuid,
  -- Begun because the teacher asked for it: open past the closing time.
  add column asked_for boolean not null default false,
  add column handed_in_at timestamptz,
  -- By the clock of the student's device, put right by how wrong that clock is.
  add column handed_in_made_at timestamptz;
update attempt a set edition_id = s.edition_id from assignment s where s.school_id = a.school_id and s.id = a.assignment_id;
update attempt set handed_in_at = updated_at, handed_in_made_at = updated_at where standing = 'HANDED_IN';
alter table attempt alter column edition_id set not null;
alter table attempt add unique (school_id, assignment_id, holder_id, round);

-- What an attempt goes out from: its beginning, and each time it was brought to a newer edition.
create table attempt_base (
  school_id uuid not null,
  attempt_id uuid not null,
  seq bigint not null,
  edition_id uuid not null,
  state jsonb not null,
  at timestamptz not null,
  primary key (school_id, attempt_id, seq, edition_id),
  foreign key (school_id, attempt_id) references attempt (school_id, id)
);

-- Who made a move, and when by the device's clock put right.
alter table move add column by_id uuid, add column made_at timestamptz;

create table review (
  school_id uuid not null,
  attempt_id uuid not null,
  review jsonb not null,
  version bigint not null,
  by_id uuid not null,
  updated_at timestamptz not null,
  sent_at timestamptz,
  -- What the student sees, and the score: as they were when it was sent last, whatever is written since.
  sent_review jsonb,
  got numeric,
  most numeric,
  primary key (school_id, attempt_id),
  foreign key (school_id, attempt_id) references attempt (school_id, id)
);

create table ready_phrase (
  school_id uuid not null,
  person_id uuid not null,
  phrases jsonb not null,
  primary key (school_id, person_id),
  foreign key (school_id, person_id) references person (school_id, id)
);

-- A word to one or to all, shown on their pages.
create table said_word (
  school_id uuid not null,
  id uuid not null,
  assignment_id uuid not null,
  -- Absent for all.
  holder_id uuid,
  by_id uuid not null,
  words text not null check (length(words) between 1 and 2000),
  at timestamptz not null,
  primary key (school_id, id),
  foreign key (school_id, assignment_id) references assignment (school_id, id)
);
create index said_word_assignment on said_word (school_id, assignment_id, at);

create table notice (
  school_id uuid not null,
  id uuid not null,
  person_id uuid not null,
  kind text not null,
  about jsonb not null,
  at timestamptz not null,
  seen_at timestamptz,
  primary key (school_id, id),
  foreign key (school_id, person_id) references person (school_id, id)
);
create index notice_person on notice (school_id, person_id, at desc);

-- No mail is sent: this is what would be.
create table outbox (
  school_id uuid not null,
  id uuid not null,
  to_person uuid not null,
  subject text not null,
  words text not null,
  at timestamptz not null,
  primary key (school_id, id)
);
create index outbox_school on outbox (school_id, at desc);
