-- The ids that a school's register gives to people and classes, by which a later register finds them again.
alter table person add column register_id text check (length(register_id) between 1 and 200);
create unique index person_register_id on person (school_id, register_id) where register_id is not null;
alter table school_class add column register_id text check (length(register_id) between 1 and 200);
create unique index school_class_register_id on school_class (school_id, register_id) where register_id is not null;
