-- Orders to suppliers, and what came of them. An order never changes; what is open is what has not come.
create table purchase_order (
  id          text not null primary key,
  supplier    text not null check (supplier <> ''),
  on_day      text not null,
  recorded_at text not null,
  body        text not null check (json_valid(body))
) strict, without rowid;

create trigger purchase_order_stays before update on purchase_order
begin
  select raise(abort, 'purchase_order rows never change: cancel what is open, and order again');
end;
create trigger purchase_order_is_kept before delete on purchase_order
begin
  select raise(abort, 'purchase_order rows are never deleted');
end;

create table order_receipt (
  id          integer not null primary key,
  order_id    text    not null references purchase_order (id),
  line        text    not null,
  on_day      text    not null,
  recorded_at text    not null,
  -- packs that came
  packs       real    not null check (packs > 0),
  paid_minor  integer not null,
  -- the entry of the metal account; null for solder and findings
  entry_id    integer references metal_entry (id)
) strict;

create index order_receipt_by_order on order_receipt (order_id, id);
create trigger order_receipt_stays before update on order_receipt
begin
  select raise(abort, 'order_receipt lines never change: correct the entry of the metal account');
end;
create trigger order_receipt_is_kept before delete on order_receipt
begin
  select raise(abort, 'order_receipt lines are never deleted');
end;

-- What is open of a cancelled order is not awaited any more.
create table order_cancelled (
  order_id    text not null primary key references purchase_order (id),
  recorded_at text not null
) strict, without rowid;
