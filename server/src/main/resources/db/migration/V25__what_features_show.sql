-- What features show each other: each of these is what the feature that owns a table lets others read of it, and only
-- read. A column that is not in here can be changed without asking anybody.
create view published_activity as
  select school_id, id, owner_id
  from activity;
create view published_activity_share as
  select school_id, activity_id, person_id
  from activity_share;
create view published_activity_version as
  select school_id, id, activity
  from activity_version;
create view published_assignment as
  select school_id, id, activity_id, class_id, terms, version_id, withdrawn_at
  from assignment;
create view published_attempt as
  select school_id, id, assignment_id, holder_id, round, standing, version_id
  from attempt;
create view published_library_part as
  select school_id, id, deleted_at, for_school, owner_id
  from library_part;
create view published_library_share as
  select school_id, part_id, person_id
  from library_share;
create view published_membership as
  select school_id, class_id, person_id
  from membership;
create view published_move as
  select school_id, act, attempt_id
  from move;
create view published_person as
  select school_id, id, display_name, kind, register_id, secret_kind, sign_in_name
  from person;
create view published_review as
  select school_id, attempt_id, review, sent_review
  from review;
create view published_school as
  select id, storage_gigabytes
  from school;
create view published_school_class as
  select school_id, id, name
  from school_class;
create view published_screencast as
  select school_id, bytes
  from screencast;
create view published_team_member as
  select school_id, person_id, team_id
  from team_member;
