-- What a move had judged, thing by thing, for figures; and what it did to the attempt, so that reading never judges again.
-- Absent on moves of before: those are judged anew where an attempt is read, and counted by their verdict.
alter table move add column outcomes jsonb;
alter table move add column change jsonb;
