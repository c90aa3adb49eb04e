-- A deleted document lies in the trash for 60 days. One that was accepted stays in the ledger after that, out of sight:
-- batches and prices point at its revisions.
alter table document add column deleted_at text;
create index document_in_trash on document (deleted_at) where deleted_at is not null;
