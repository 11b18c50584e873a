-- The scale of each page that is measured on, by its id; and groups of students with their points.
alter table lesson add column scales jsonb not null default '{}';
alter table lesson add column groups jsonb not null default '[]';
