-- Students whom a teacher would like to have in a class, and whom a colleague has: they come once one of those says yes.
create table student_request (
  school_id uuid not null,
  class_id uuid not null,
  student_id uuid not null,
  asked_by uuid not null,
  asked_at timestamptz not null,
  primary key (school_id, class_id, student_id),
  foreign key (school_id, class_id) references school_class (school_id, id),
  foreign key (school_id, student_id) references person (school_id, id) on delete cascade,
  foreign key (school_id, asked_by) references person (school_id, id) on delete cascade
);
create index student_request_student on student_request (school_id, student_id);
