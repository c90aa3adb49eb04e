-- What happened to stock on the shelf. A line names the lot with all that is known of it; what lies there is the sum of the changes.
create table shelf_entry (
  id          integer not null primary key,
  recorded_at text    not null,
  lot_id      text,
  lot         text    check (lot is null or json_valid(lot)),
  how         text    not null check (how in ('in', 'cut', 'offcut', 'scrap', 'back', 'counted')),
  -- how many more lie there since
  change      integer not null,
  grams       real    not null,
  batch_id    text             references document (id),
  why         text    not null,
  check ((lot_id is null) = (lot is null)),
  check (lot_id is not null or change = 0)
) strict;

create index shelf_entry_by_lot on shelf_entry (lot_id, id);
create index shelf_entry_by_batch on shelf_entry (batch_id, id);

create trigger shelf_entry_stays before update on shelf_entry
begin
  select raise(abort, 'shelf_entry lines never change: add a later one that corrects this one');
end;

create trigger shelf_entry_is_kept before delete on shelf_entry
begin
  select raise(abort, 'shelf_entry lines are never deleted');
end;

-- Nothing is cut from a lot that is not there.
create trigger shelf_entry_is_there before insert on shelf_entry
when new.change < 0
  and new.change + coalesce((select sum(change) from shelf_entry where lot_id = new.lot_id), 0) < 0
begin
  select raise(abort, 'shelf_entry: fewer lie there than are taken');
end;
