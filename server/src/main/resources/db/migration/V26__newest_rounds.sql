-- Of each student or team the newest round of an assignment: asked for in one place, whoever counts or lists them.
create view published_newest_attempt as
  select distinct on (school_id, assignment_id, holder_id)
         school_id, assignment_id, holder_id, id, round, standing, version_id, seq, begun_at
  from attempt
  order by school_id, assignment_id, holder_id, round desc;
