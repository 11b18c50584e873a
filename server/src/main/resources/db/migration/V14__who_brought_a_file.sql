-- The same bytes are one file in a school; this is everybody who brought them, since whoever did may have them back.
create table file_bringer (
  school_id uuid not null,
  sha256 text not null,
  person_id uuid not null,
  primary key (school_id, sha256, person_id),
  foreign key (school_id, sha256) references file (school_id, sha256) on delete cascade,
  foreign key (school_id, person_id) references person (school_id, id) on delete cascade
);
insert into file_bringer (school_id, sha256, person_id)
  select file.school_id, file.sha256, file.brought_by
  from file join person on person.school_id = file.school_id and person.id = file.brought_by;
