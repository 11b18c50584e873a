-- What a move had judged, thing by thing, for figures: absent where its verdict tells the same. And what it did to the
-- attempt, so that reading never judges again: absent on moves that nothing is judged by, and on those of before.
alter table move add column outcomes jsonb;
alter table move add column change jsonb;
