-- Parts and pages that teachers keep by name, to put them on other pages.
create table library_part (
  school_id uuid not null references school (id) on delete cascade,
  id uuid not null,
  owner_id uuid not null,
  name text not null,
  folder text not null,
  kind text not null check (kind in ('ITEMS', 'PAGE')),
  -- An activity of one page.
  contents jsonb not null,
  -- Characters of it: too large ones are not drawn in lists.
  size int not null,
  version int not null,
  for_school boolean not null default false,
  said text not null,
  updated_at timestamptz not null,
  deleted_at timestamptz,
  found tsvector generated always as (
    setweight(to_tsvector('simple',
      normalize(regexp_replace(normalize(name || ' ' || folder, NFD), '[\u0300-\u036f]', '', 'g'), NFC)), 'A')
    || setweight(to_tsvector('simple',
      normalize(regexp_replace(normalize(said, NFD), '[\u0300-\u036f]', '', 'g'), NFC)), 'C')
  ) stored,
  primary key (school_id, id),
  foreign key (school_id, owner_id) references person (school_id, id) on delete cascade
);
create unique index library_part_place on library_part (school_id, owner_id, folder, name) where deleted_at is null;
create index library_part_found on library_part using gin (found);
create index library_part_school on library_part (school_id) where for_school and deleted_at is null;

create table library_share (
  school_id uuid not null,
  part_id uuid not null,
  person_id uuid not null,
  primary key (school_id, part_id, person_id),
  foreign key (school_id, part_id) references library_part (school_id, id) on delete cascade,
  foreign key (school_id, person_id) references person (school_id, id) on delete cascade
);
create index library_share_person on library_share (school_id, person_id);

create table library_version (
  school_id uuid not null,
  part_id uuid not null,
  version int not null,
  contents jsonb not null,
  size int not null,
  kept_at timestamptz not null,
  primary key (school_id, part_id, version),
  foreign key (school_id, part_id) references library_part (school_id, id) on delete cascade
);

-- Files that a part names in one of its versions: whoever may take the part may have them.
create table library_file (
  school_id uuid not null,
  sha256 text not null,
  part_id uuid not null,
  primary key (school_id, sha256, part_id),
  foreign key (school_id, sha256) references file (school_id, sha256) on delete cascade,
  foreign key (school_id, part_id) references library_part (school_id, id) on delete cascade
);
create index library_file_part on library_file (school_id, part_id);
