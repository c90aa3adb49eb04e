-- Fairs and quotes are documents as well. SQLite cannot widen a check, so the table is made again with its rows in it.
create table document_wider (
  id          text    not null primary key,
  kind        text    not null check (kind in ('studio', 'piece', 'batch', 'fair', 'quote')),
  version     integer not null check (version >= 1),
  revision    integer not null check (revision >= 0),
  draft       text             check (draft is null or json_valid(draft)),
  created_at  text    not null,
  updated_at  text    not null,
  archived_at text,
  check (draft is not null or revision > 0)
) strict;

insert into document_wider (id, kind, version, revision, draft, created_at, updated_at, archived_at)
  select id, kind, version, revision, draft, created_at, updated_at, archived_at from document;
drop table document;
alter table document_wider rename to document;
create index document_by_kind on document (kind, created_at);

-- What happened: metal received, and what was paid for it. A wrong line is put right by a later one.
create table receipt_entry (
  id          integer not null primary key,
  received_on text    not null,
  recorded_at text    not null,
  alloy       text    not null,
  form        text    not null check (form in ('wire', 'shaped', 'sheet', 'tube')),
  grams       text    not null,
  paid        text    not null,
  currency    text    not null check (length(currency) = 3),
  source      text    not null check (source <> '')
) strict;

create index receipt_entry_by_day on receipt_entry (received_on, id);

create trigger receipt_entry_stays before update on receipt_entry
begin
  select raise(abort, 'receipt_entry lines never change: add a later one that corrects this one');
end;

create trigger receipt_entry_is_kept before delete on receipt_entry
begin
  select raise(abort, 'receipt_entry lines are never deleted');
end;

-- What happened: a piece was priced. The last line of a piece is what it sells for.
create table price_entry (
  id              integer not null primary key,
  piece_id        text    not null references document (id),
  recorded_at     text    not null,
  currency        text    not null check (length(currency) = 3),
  wholesale_minor integer not null check (wholesale_minor >= 0),
  retail_minor    integer not null check (retail_minor >= 0),
  -- what it cost then
  cost_minor      integer not null,
  fix_on          text,
  -- by the rule when it was accepted or at a new fix; by hand, one or a group; left as it was at a new fix; taken back
  how             text    not null check (how in ('accepted', 'fix', 'set', 'group', 'left', 'undone')),
  why             text    not null
) strict;

create index price_entry_by_piece on price_entry (piece_id, id);

create trigger price_entry_stays before update on price_entry
begin
  select raise(abort, 'price_entry lines never change: set a further price');
end;

create trigger price_entry_is_kept before delete on price_entry
begin
  select raise(abort, 'price_entry lines are never deleted');
end;

insert into price_entry
  (piece_id, recorded_at, currency, wholesale_minor, retail_minor, cost_minor, fix_on, how, why)
  select document_id, accepted_at, priced ->> 'currency', priced ->> 'wholesaleMinor', priced ->> 'retailMinor',
         priced ->> 'costMinor', priced ->> 'fixOn', 'accepted', 'revision ' || document_revision.revision || ' accepted'
    from document_revision
    join document on document.id = document_revision.document_id
   where document.kind = 'piece' and priced is not null
   order by accepted_at, document_id;
