-- What a lesson at the wall tells the tablets of its class: the page that all are to see, and timers. Null for nothing.
alter table lesson add column lead jsonb;
