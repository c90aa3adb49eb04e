-- What a person writes: documents with accepted revisions and at most one draft each.
create table document (
  id          text    not null primary key,
  kind        text    not null check (kind in ('studio', 'piece', 'batch')),
  -- goes up with every write; a write based on another version is refused
  version     integer not null check (version >= 1),
  -- the last accepted revision, 0 when none is
  revision    integer not null check (revision >= 0),
  draft       text             check (draft is null or json_valid(draft)),
  created_at  text    not null,
  updated_at  text    not null,
  check (draft is not null or revision > 0)
) strict;

create index document_by_kind on document (kind, created_at);

create table document_revision (
  document_id text    not null references document (id),
  revision    integer not null check (revision >= 1),
  body        text    not null check (json_valid(body)),
  -- what a piece cost and was priced at when it was accepted
  priced      text             check (priced is null or json_valid(priced)),
  accepted_at text    not null,
  primary key (document_id, revision)
) strict, without rowid;

-- Revisions never change: a batch points at the one it was made from (twin trigger below).
create trigger document_revision_stays before update on document_revision
begin
  select raise(abort, 'document_revision rows never change: accept a further revision');
end;

create trigger document_revision_is_kept before delete on document_revision
begin
  select raise(abort, 'document_revision rows are never deleted');
end;

-- What happened: the prices of fine metal on a day. A wrong fix is put right by a later one.
create table fix_entry (
  id          integer not null primary key,
  fixed_on    text    not null,
  recorded_at text    not null,
  currency    text    not null check (length(currency) = 3),
  prices      text    not null check (json_valid(prices)),
  source      text    not null check (source <> '')
) strict;

create index fix_entry_by_day on fix_entry (fixed_on, id);

create trigger fix_entry_stays before update on fix_entry
begin
  select raise(abort, 'fix_entry lines never change: add a later fix that corrects this one');
end;

create trigger fix_entry_is_kept before delete on fix_entry
begin
  select raise(abort, 'fix_entry lines are never deleted');
end;

-- What kind of ledger this file is: 'own' or 'demo'. The sample studio is only ever loaded over another sample.
create table ledger (
  kind text not null check (kind in ('own', 'demo'))
) strict;
