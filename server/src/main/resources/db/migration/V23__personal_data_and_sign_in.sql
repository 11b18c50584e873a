-- How long what is kept about people is kept, as the school sets it.
alter table school add column log_days integer not null default 400 check (log_days between 30 and 3650);
-- What students of the school sign in with.
alter table school add column student_sign_in text not null default 'BOTH' check (student_sign_in in ('BOTH', 'PIN', 'PICTURES'));
-- How many gigabytes its files may take, where the school wants fewer than the machine has for it.
alter table school add column storage_gigabytes integer check (storage_gigabytes between 1 and 100000);
alter table school add column backups_kept integer not null default 14 check (backups_kept between 3 and 400);

-- Lines of the log are changed for one reason: somebody is erased, and from then on no line tells who it was.
create or replace function activity_log_is_append_only() returns trigger language plpgsql as $$
begin
  if current_setting('glad.erasing', true) = 'on'
     and new.school_id = old.school_id and new.id = old.id and new.at = old.at and new.event = old.event
     and (new.actor_id is null or new.actor_id = old.actor_id)
     and (new.subject_id is null or new.subject_id = old.subject_id) then
    return new;
  end if;
  raise exception 'the activity log is only added to';
end $$;

-- What somebody who works at the school signs in with besides, or instead of, a password: a key that lies in their device.
create table passkey (
  credential_id bytea primary key check (length(credential_id) between 1 and 1023),
  school_id uuid not null,
  person_id uuid not null,
  name text not null check (length(name) between 1 and 100),
  public_key bytea not null check (length(public_key) between 1 and 4000),
  -- What the device said when the key was made; the framework asks for it at each sign-in.
  attestation bytea not null check (length(attestation) between 1 and 60000),
  sign_count bigint not null,
  user_verified boolean not null,
  backup_eligible boolean not null,
  backed_up boolean not null,
  transports text not null default '' check (length(transports) <= 200),
  made_at timestamptz not null,
  used_at timestamptz not null,
  foreign key (school_id, person_id) references person (school_id, id) on delete cascade
);
create index passkey_person on passkey (school_id, person_id);

-- Where else people of the school sign in (OpenID Connect), and as whom: by the issuer's own name for them, which stays
-- the same whatever they are called.
create table identity_provider (
  school_id uuid primary key references school (id) on delete cascade,
  name text not null check (length(name) between 1 and 100),
  issuer text not null check (length(issuer) between 8 and 500),
  client_id text not null check (length(client_id) between 1 and 500),
  client_secret text not null check (length(client_secret) <= 500)
);
create table linked_identity (
  issuer text not null check (length(issuer) between 8 and 500),
  subject text not null check (length(subject) between 1 and 500),
  school_id uuid not null,
  person_id uuid not null,
  linked_at timestamptz not null,
  primary key (issuer, subject),
  foreign key (school_id, person_id) references person (school_id, id) on delete cascade
);
create index linked_identity_person on linked_identity (school_id, person_id);
