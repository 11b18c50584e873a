-- What a person may do. Of kind 'teacher' are all who work at the school; the role says more.
alter table person add column role text not null default 'student'
  check (role in ('administrator', 'teacher', 'assistant', 'student'));
update person set role = kind;
-- Those who work here sign in by a password, and while they have chosen none by nothing.
alter table person drop constraint person_secret_kind_check;
update person set secret_kind = 'PASSWORD' where kind = 'teacher';
alter table person add constraint person_secret_kind_check
  check (secret_kind in ('PIN', 'PICTURES', 'PASSWORD', 'INVITED'));
-- Who may not sign in any more; what they made stays.
alter table person add column deactivated_at timestamptz;
alter table person add column last_seen_at timestamptz;

alter table school add column language text not null default 'en' check (length(language) between 2 and 10);
alter table school add column time_zone text not null default 'UTC' check (length(time_zone) between 1 and 60);

-- Links that are good once and for a while: to set up the school, to take an invitation, to set a new password. Whoever
-- reads this table cannot use them: only a hash is kept.
create table one_time_link (
  token_hash bytea primary key check (length(token_hash) = 32),
  purpose text not null check (purpose in ('set_up', 'invitation', 'password')),
  -- Null for setting up, when there is no school yet.
  school_id uuid,
  person_id uuid,
  expires_at timestamptz not null,
  check ((purpose = 'set_up') = (person_id is null)),
  foreign key (school_id, person_id) references person (school_id, id) on delete cascade
);
create index one_time_link_person on one_time_link (school_id, person_id);

-- What happened to accounts and data, for whoever answers for them. Ids and no names: a person who is erased is erased here too.
create table activity_log (
  school_id uuid not null references school (id),
  id uuid not null,
  at timestamptz not null,
  event text not null check (length(event) between 1 and 60),
  -- Who did it; null where nobody was signed in.
  actor_id uuid,
  -- To whom or what; null for nothing in particular.
  subject_id uuid,
  details jsonb not null default '{}',
  primary key (school_id, id)
);
create index activity_log_event on activity_log (school_id, event, id);

-- It is only ever added to. What is older than the school keeps goes as a whole, by its age.
create function activity_log_is_append_only() returns trigger language plpgsql as $$
begin
  raise exception 'the activity log is only added to';
end $$;
create trigger activity_log_append_only before update on activity_log
  for each row execute function activity_log_is_append_only();

-- What a session holds of its person has another shape from now on.
delete from spring_session;
