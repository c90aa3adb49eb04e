-- Photo and weight of a single piece. The latest row of an item counts.
create table made_detail (
  row         integer not null primary key,
  item_id     text    not null references made_item (id),
  recorded_at text    not null,
  body        text    not null check (json_valid(body))
) strict;

create index made_detail_by_item on made_detail (item_id, row);
create trigger made_detail_stays before update on made_detail
begin
  select raise(abort, 'made_detail rows never change: add another row');
end;
create trigger made_detail_is_kept before delete on made_detail
begin
  select raise(abort, 'made_detail rows are never deleted');
end;
