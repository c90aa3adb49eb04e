-- Price lists of suppliers as they came in. The last of a supplier holds; the earlier ones tell what it asked before.
create table price_list_entry (
  id          integer not null primary key,
  recorded_at text    not null,
  supplier    text    not null check (supplier <> ''),
  items       text    not null check (json_valid(items))
) strict;

create index price_list_entry_by_supplier on price_list_entry (supplier, id);

create trigger price_list_entry_stays before update on price_list_entry
begin
  select raise(abort, 'price_list_entry lines never change: read a later list in');
end;

create trigger price_list_entry_is_kept before delete on price_list_entry
begin
  select raise(abort, 'price_list_entry lines are never deleted');
end;
