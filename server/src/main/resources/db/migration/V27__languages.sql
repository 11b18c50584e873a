-- Each person may choose a language; students get their class's, a class the school's.
alter table person add column language text
  constraint person_language check (language in ('en', 'de', 'fr', 'es', 'ar'));
alter table school_class add column language text
  constraint class_language check (language in ('en', 'de', 'fr', 'es', 'ar'));

create view published_class_language as
  select c.school_id, c.id as class_id, coalesce(c.language, s.language) as language
  from school_class c
  join school s on s.id = c.school_id;

-- In which language somebody is spoken to, and what they chose themselves.
create view published_language as
  select p.school_id, p.id as person_id, p.language as chosen,
    coalesce(
      p.language,
      (select c.language
       from membership m
       join school_class c on c.school_id = m.school_id and c.id = m.class_id
       where m.school_id = p.school_id and m.person_id = p.id and p.kind = 'student'
         and c.language is not null and c.archived_at is null
       order by c.name, c.id
       limit 1),
      s.language) as language
  from person p
  join school s on s.id = p.school_id;
