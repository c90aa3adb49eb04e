-- The account of metal: lots, entries, and the lines of each entry. It takes the place of the shelf entries and of the
-- receipts, which are carried over with the same totals.

-- A lot of stock. It never changes; what is left of it is the sum of its lines.
create table metal_lot (
  id          text    not null primary key,
  -- short, to write on the metal
  number      integer not null unique check (number >= 1),
  kind        text    not null check (kind in ('bar', 'sheet', 'offcut', 'grain', 'ingot')),
  -- a customer whose metal it is; '' for the studio's own
  owner       text    not null,
  supplier    text    not null,
  body        text    not null check (json_valid(body)),
  recorded_at text    not null
) strict, without rowid;

create trigger metal_lot_stays before update on metal_lot
begin
  select raise(abort, 'metal_lot rows never change: add another lot');
end;
create trigger metal_lot_is_kept before delete on metal_lot
begin
  select raise(abort, 'metal_lot rows are never deleted');
end;

create table metal_entry (
  id          integer not null primary key,
  on_day      text    not null,
  recorded_at text    not null,
  kind        text    not null check (kind in (
                'opening', 'received', 'issued', 'returned', 'scrapped', 'converted', 'sent', 'settled', 'counted',
                'customer-in', 'customer-out', 'sold', 'paid', 'reversed')),
  batch_id    text             references document (id),
  why         text    not null,
  -- the entry that this one reverses
  corrects    integer unique   references metal_entry (id),
  currency    text    not null check (length(currency) = 3),
  detail      text    not null check (json_valid(detail))
) strict;

create index metal_entry_by_day on metal_entry (on_day, id);
create index metal_entry_by_batch on metal_entry (batch_id, id) where batch_id is not null;
create index metal_entry_paid on metal_entry (on_day, id) where kind in ('paid', 'received');
create index metal_entry_refined on metal_entry (id) where kind in ('sent', 'settled');
create trigger metal_entry_stays before update on metal_entry
begin
  select raise(abort, 'metal_entry lines never change: add a counter-entry');
end;
create trigger metal_entry_is_kept before delete on metal_entry
begin
  select raise(abort, 'metal_entry lines are never deleted');
end;

-- Whole milligrams, gross and fine. The lines of an entry sum to zero.
create table metal_line (
  entry_id   integer not null references metal_entry (id),
  number     integer not null,
  place      text    not null check (place <> ''),
  -- '' where metal lies loose
  lot_id     text    not null,
  alloy      text    not null,
  pieces     integer not null,
  mg         integer not null,
  ag         integer not null,
  au         integer not null,
  pt         integer not null,
  pd         integer not null,
  paid_minor integer,
  primary key (entry_id, number)
) strict, without rowid;

create index metal_line_by_lot on metal_line (lot_id, entry_id) where lot_id <> '';
create index metal_line_paid on metal_line (alloy, entry_id) where paid_minor is not null;
create trigger metal_line_stays before update on metal_line
begin
  select raise(abort, 'metal_line lines never change: add a counter-entry');
end;
create trigger metal_line_is_kept before delete on metal_line
begin
  select raise(abort, 'metal_line lines are never deleted');
end;

-- Sums of the lines, kept by a trigger so that a page need not add ten years: they can be made again from the lines.
create table metal_balance (
  place  text    not null,
  lot_id text    not null,
  alloy  text    not null,
  pieces integer not null,
  mg     integer not null,
  ag     integer not null,
  au     integer not null,
  pt     integer not null,
  pd     integer not null,
  primary key (place, lot_id, alloy),
  check ((pieces >= 0 and mg >= 0) or not (place in ('stock', 'kept', 'finished') or place glob 'jar/*' or place glob 'refiner/*'))
) strict, without rowid;

-- Changes by month, for the balance of any past day and the statement of a year.
create table metal_month (
  month  text    not null,
  kind   text    not null,
  place  text    not null,
  alloy  text    not null,
  mg     integer not null,
  ag     integer not null,
  au     integer not null,
  pt     integer not null,
  pd     integer not null,
  primary key (month, kind, place, alloy)
) strict, without rowid;

create trigger metal_line_counts after insert on metal_line
begin
  -- A check looks at a row before it is found to be there already, so an empty one is made first.
  insert into metal_balance values (new.place, new.lot_id, new.alloy, 0, 0, 0, 0, 0, 0) on conflict do nothing;
  update metal_balance
     set pieces = pieces + new.pieces, mg = mg + new.mg, ag = ag + new.ag, au = au + new.au, pt = pt + new.pt,
         pd = pd + new.pd
   where place = new.place and lot_id = new.lot_id and alloy = new.alloy;
  insert into metal_month (month, kind, place, alloy, mg, ag, au, pt, pd)
    select substr(on_day, 1, 7), kind,
           case when new.place glob 'work/*' then 'work'
                when new.place glob 'refiner/*' then 'refiner'
                else new.place end,
           new.alloy, new.mg, new.ag, new.au, new.pt, new.pd
      from metal_entry where id = new.entry_id
    on conflict (month, kind, place, alloy) do update set
      mg = mg + excluded.mg, ag = ag + excluded.ag, au = au + excluded.au, pt = pt + excluded.pt, pd = pd + excluded.pd;
end;

-- Where a lot lies in the studio: drawer, rack, box.
create table lot_place (
  id          integer not null primary key,
  lot_id      text    not null references metal_lot (id),
  recorded_at text    not null,
  place       text    not null
) strict;

create index lot_place_by_lot on lot_place (lot_id, id);
create trigger lot_place_stays before update on lot_place
begin
  select raise(abort, 'lot_place lines never change: add a later place');
end;
create trigger lot_place_is_kept before delete on lot_place
begin
  select raise(abort, 'lot_place lines are never deleted');
end;

-- Carries the shelf over. A movement of the shelf was half an entry; its other half follows from what happened.
insert into metal_lot (id, number, kind, owner, supplier, body, recorded_at)
  select lot_id, row_number() over (order by min(id)),
         case when lot ->> '$.isOffcut' then 'offcut' when lot ->> '$.section.form' = 'sheet' then 'sheet' else 'bar' end,
         '', '', lot, min(recorded_at)
    from shelf_entry where lot_id is not null group by lot_id;

-- Scrap names no metal: it is that of the bar or sheet cut before it. Scrap that was given back is that since the
-- last time.
create temp table carried as
  select id, recorded_at, lot_id, how, change, batch_id, why,
         case when lot_id is not null then change * cast(round((lot ->> '$.grams') * 1000) as integer)
              else cast(round(grams * 1000) as integer) end as mg,
         coalesce(lot ->> '$.alloy',
                  (select before.lot ->> '$.alloy' from shelf_entry before
                    where before.batch_id = shelf_entry.batch_id and before.how = 'cut' and before.id < shelf_entry.id
                    order by before.id desc limit 1), 'unknown') as alloy,
         coalesce(lot ->> '$.currency',
                  (select before.lot ->> '$.currency' from shelf_entry before
                    where before.batch_id = shelf_entry.batch_id and before.how = 'cut' and before.id < shelf_entry.id
                    order by before.id desc limit 1), 'XXX') as currency,
         case when how = 'in' and (lot ->> '$.paidMinor') is not null then change * (lot ->> '$.paidMinor') end as paid,
         0 as number
    from shelf_entry where not (how = 'back' and lot_id is null);

insert into carried
  select back.id, back.recorded_at, null, 'back', 0, back.batch_id, back.why, -cast(round(scrap.grams * 1000) as integer),
         scrap_of.alloy, scrap_of.currency, null, scrap.id
    from shelf_entry back
    join shelf_entry scrap on scrap.batch_id = back.batch_id and scrap.how = 'scrap' and scrap.id < back.id
     and scrap.id > coalesce((select max(earlier.id) from shelf_entry earlier
                               where earlier.batch_id = back.batch_id and earlier.how = 'back'
                                 and earlier.lot_id is null and earlier.id < back.id), 0)
    join carried scrap_of on scrap_of.id = scrap.id
   where back.how = 'back' and back.lot_id is null;

insert into metal_entry (id, on_day, recorded_at, kind, batch_id, why, corrects, currency, detail)
  select id, substr(recorded_at, 1, 10), recorded_at,
         case how when 'in' then 'received' when 'counted' then 'counted' when 'back' then 'reversed' else 'issued' end,
         batch_id, why, null, max(currency), json_object('carried', how)
    from carried group by id;

insert into metal_line (entry_id, number, place, lot_id, alloy, pieces, mg, ag, au, pt, pd, paid_minor)
  select id, number * 2, case when lot_id is null then 'jar/clean/' || alloy else 'stock' end, coalesce(lot_id, ''), alloy,
         change, mg, fine_mg(alloy, 'Ag', mg), fine_mg(alloy, 'Au', mg), fine_mg(alloy, 'Pt', mg),
         fine_mg(alloy, 'Pd', mg), null
    from carried order by id, number;
insert into metal_line (entry_id, number, place, lot_id, alloy, pieces, mg, ag, au, pt, pd, paid_minor)
  select id, number * 2 + 1,
         case how when 'in' then 'supplier' when 'counted' then 'counted' else 'work/' || batch_id end, '', alloy,
         0, -mg, -fine_mg(alloy, 'Ag', mg), -fine_mg(alloy, 'Au', mg), -fine_mg(alloy, 'Pt', mg),
         -fine_mg(alloy, 'Pd', mg), paid
    from carried order by id, number;

-- A receipt said what was paid, not what lies there: that was on the shelf.
insert into metal_entry (on_day, recorded_at, kind, batch_id, why, corrects, currency, detail)
  select received_on, recorded_at, 'paid', null, '', null, currency,
         json_object('receipt', json_object('alloy', alloy, 'form', form, 'grams', grams, 'paid', paid, 'source', source))
    from receipt_entry order by id;

drop table carried;
drop table shelf_entry;
drop table receipt_entry;
