-- Which activities name a file, or named it once: whoever may look at one of them may have the file.
create table file_use (
  school_id uuid not null,
  sha256 text not null,
  activity_id uuid not null,
  primary key (school_id, sha256, activity_id),
  foreign key (school_id, sha256) references file (school_id, sha256) on delete cascade,
  foreign key (school_id, activity_id) references activity (school_id, id) on delete cascade
);
create index file_use_activity on file_use (school_id, activity_id);
insert into file_use (school_id, sha256, activity_id)
  select distinct named.school_id, file.sha256, named.activity_id
  from (
    select school_id, activity_id, regexp_matches(page::text, '[0-9a-f]{64}', 'g') as name from page_state
    union all
    select school_id, activity_id, regexp_matches(edit::text || inverse::text, '[0-9a-f]{64}', 'g')
    from activity_edit
    union all
    select school_id, activity_id, regexp_matches(activity::text, '[0-9a-f]{64}', 'g') from activity_snapshot
    union all
    select school_id, id, regexp_matches(made_from::text, '[0-9a-f]{64}', 'g') from activity where made_from is not null
  ) named
  join file on file.school_id = named.school_id and file.sha256 = named.name[1];
-- Pictures did not say who brought them but for the first.
insert into file_bringer (school_id, sha256, person_id)
  select file.school_id, file.sha256, file.brought_by
  from file join person on person.school_id = file.school_id and person.id = file.brought_by
  on conflict do nothing;
create index assignment_activity on assignment (school_id, activity_id);
