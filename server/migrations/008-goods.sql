-- What happened to solder, findings and consumables: what lies there of each is the sum of the changes.
create table goods_entry (
  id          integer not null primary key,
  recorded_at text    not null,
  key         text    not null check (key <> ''),
  name        text    not null check (name <> ''),
  unit        text    not null check (unit in ('g', '')),
  how         text    not null check (how in ('counted', 'used', 'back')),
  -- g, or so many
  change      real    not null,
  -- as much as should always be there
  least       real    not null check (least >= 0),
  batch_id    text             references document (id)
) strict;

create index goods_entry_by_key on goods_entry (key, id);
create index goods_entry_by_batch on goods_entry (batch_id, id);

create trigger goods_entry_stays before update on goods_entry
begin
  select raise(abort, 'goods_entry lines never change: count anew');
end;

create trigger goods_entry_is_kept before delete on goods_entry
begin
  select raise(abort, 'goods_entry lines are never deleted');
end;
