-- The list that pages of an activity were made from, so that they can be made again when it changes.
alter table activity add column made_from jsonb;
