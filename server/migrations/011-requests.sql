-- Requests with an id of their own: a repeated one gets the first answer and changes nothing.
create table request_entry (
  id          text    not null primary key,
  -- SHA-256 of method, path and body, hexadecimal
  fingerprint text    not null check (length(fingerprint) = 64),
  status      integer not null check (status between 200 and 299),
  answer      text    not null check (json_valid(answer)),
  recorded_at text    not null
) strict, without rowid;

-- The tab that wrote the present draft: a later write of the same tab does not conflict with it.
alter table document add column writer text;
