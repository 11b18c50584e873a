-- Words are found with and without their accents, and however their accents were typed: letters are taken apart
-- (canonical decomposition), their accents left out, and what is left is put together again. As support/Plain.java.
alter table activity drop column found;
alter table activity add column found tsvector generated always as (
  setweight(to_tsvector('simple',
    normalize(regexp_replace(normalize(title, NFD), '[\u0300-\u036f]', '', 'g'), NFC)), 'A')
  || setweight(to_tsvector('simple',
    normalize(regexp_replace(normalize(said, NFD), '[\u0300-\u036f]', '', 'g'), NFC)), 'C')
) stored;
create index activity_found on activity using gin (found);
