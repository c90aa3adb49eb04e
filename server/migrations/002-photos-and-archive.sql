-- Pictures of pieces, as they are kept: resized, and without what a camera writes into its files.
create table photo (
  -- the hash of its bytes: the same picture is kept once
  id       text    not null primary key,
  type     text    not null check (type = 'image/jpeg'),
  width_px  integer not null check (width_px > 0),
  height_px integer not null check (height_px > 0),
  bytes    blob    not null,
  added_at text    not null
) strict, without rowid;

-- Accepted revisions may show a picture for ever.
create trigger photo_stays before update on photo
begin
  select raise(abort, 'photo rows never change: add another picture');
end;

create trigger photo_is_kept before delete on photo
begin
  select raise(abort, 'photo rows are never deleted');
end;

-- A piece put away: it stays in the ledger and leaves the book.
alter table document add column archived_at text;
