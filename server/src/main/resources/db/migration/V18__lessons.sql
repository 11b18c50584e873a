-- An activity in front of a class on one day: what was written on it there, and whose turn it was.
create table lesson (
  school_id uuid not null,
  id uuid not null,
  activity_id uuid not null,
  teacher_id uuid not null,
  -- Null where it is shown without a class.
  class_id uuid,
  held_on date not null,
  -- Ids of the students whose name was drawn in this round.
  drawn jsonb not null default '[]',
  primary key (school_id, id),
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade,
  foreign key (school_id, teacher_id) references person (school_id, id) on delete cascade,
  foreign key (school_id, class_id) references school_class (school_id, id) on delete cascade
);
create unique index lesson_of_day on lesson
  (school_id, activity_id, teacher_id, coalesce(class_id, '00000000-0000-0000-0000-000000000000'), held_on);
create index lesson_class on lesson (school_id, class_id);
create index lesson_teacher on lesson (school_id, teacher_id);

create table lesson_stroke (
  school_id uuid not null,
  lesson_id uuid not null,
  id text not null,
  page_id text not null,
  -- In the order they were drawn.
  place bigint generated always as identity,
  stroke jsonb not null,
  -- How many it has, so that a lesson's are counted without being read.
  points int not null,
  primary key (school_id, lesson_id, id),
  foreign key (school_id, lesson_id) references lesson (school_id, id) on delete cascade
);
