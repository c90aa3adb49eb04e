-- Finished pieces: items, entries, and the lines of each entry; outlets that hold or buy them.

-- A design in a size and version, or a single piece. It never changes.
create table made_item (
  id          text    not null primary key,
  -- short, for the tag
  number      integer not null unique check (number >= 1),
  piece_id    text    not null,
  body        text    not null check (json_valid(body)),
  recorded_at text    not null
) strict, without rowid;

create index made_item_by_piece on made_item (piece_id);
create trigger made_item_stays before update on made_item
begin
  select raise(abort, 'made_item rows never change: add another item');
end;
create trigger made_item_is_kept before delete on made_item
begin
  select raise(abort, 'made_item rows are never deleted');
end;

-- Shops, the own site, loans. The latest row of an id counts.
create table outlet (
  row         integer not null primary key,
  id          text    not null,
  recorded_at text    not null,
  body        text    not null check (json_valid(body))
) strict;

create index outlet_by_id on outlet (id, row);
create trigger outlet_stays before update on outlet
begin
  select raise(abort, 'outlet rows never change: add another row');
end;
create trigger outlet_is_kept before delete on outlet
begin
  select raise(abort, 'outlet rows are never deleted');
end;

create table made_entry (
  id              integer not null primary key,
  on_day          text    not null,
  recorded_at     text    not null,
  kind            text    not null check (kind in (
                    'made', 'opening', 'moved', 'sold', 'refunded', 'melted', 'given', 'lost', 'counted', 'graded',
                    'reversed')),
  channel         text    not null,
  buyer           text    not null,
  -- who bought together in this entry
  customers       integer not null check (customers >= 0),
  batch_id        text             references document (id),
  why             text    not null,
  -- the entry that this one reverses
  corrects        integer unique   references made_entry (id),
  currency        text    not null check (length(currency) = 3),
  -- what another program calls it; '' for none
  reference       text    not null,
  -- its entry in the metal account; null where no metal of it is known
  metal_entry_id  integer          references metal_entry (id)
) strict;

create index made_entry_by_day on made_entry (on_day, id);
create index made_entry_by_batch on made_entry (batch_id, id) where batch_id is not null;
create index made_entry_by_reference on made_entry (reference) where reference <> '';
create trigger made_entry_stays before update on made_entry
begin
  select raise(abort, 'made_entry lines never change: add a counter-entry');
end;
create trigger made_entry_is_kept before delete on made_entry
begin
  select raise(abort, 'made_entry lines are never deleted');
end;

-- The lines of an entry sum to zero for each item. Money and minutes are those of all pieces of a line.
create table made_line (
  entry_id         integer not null references made_entry (id),
  number           integer not null,
  place            text    not null check (place <> ''),
  item_id          text    not null references made_item (id),
  grade            text    not null check (grade in ('good', 'second', 'sample')),
  count            integer not null,
  cost_minor       integer not null,
  estimate_minor   integer not null,
  labour_minor     integer not null,
  minutes          real    not null,
  estimate_minutes real    not null,
  paid_minor       integer not null,
  tax_minor        integer not null,
  commission_minor integer not null,
  fee_minor        integer not null,
  primary key (entry_id, number)
) strict, without rowid;

create index made_line_by_item on made_line (item_id, entry_id);
create trigger made_line_stays before update on made_line
begin
  select raise(abort, 'made_line lines never change: add a counter-entry');
end;
create trigger made_line_is_kept before delete on made_line
begin
  select raise(abort, 'made_line lines are never deleted');
end;

-- What is where now, kept by the trigger below.
create table made_balance (
  place   text    not null,
  item_id text    not null,
  grade   text    not null,
  count   integer not null,
  primary key (place, item_id, grade),
  check (count >= 0 or not (place = 'studio' or place glob '*/*'))
) strict, without rowid;

create trigger made_line_counts after insert on made_line
begin
  insert into made_balance values (new.place, new.item_id, new.grade, 0) on conflict do nothing;
  update made_balance set count = count + new.count
   where place = new.place and item_id = new.item_id and grade = new.grade;
end;
