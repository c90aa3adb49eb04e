-- Entries of the bench tell more: pauses, counts, weights, notes, photos. Each has an id that its device made, so that it
-- counts once and a later entry can correct it.
create table bench_entry_next (
  id          integer not null primary key,
  recorded_at text    not null,
  uid         text    not null unique check (uid <> ''),
  batch_id    text    not null references document (id),
  step        text    not null check (step <> ''),
  how         text    not null check (how in (
                'started', 'paused', 'left', 'done', 'taken-back', 'worked', 'counted', 'weighed', 'noted', 'photo',
                'voided', 'pinned', 'let-go')),
  maker       text    not null,
  -- by the clock on the wall
  on_day      text    not null,
  minute      integer not null check (minute between 0 and 1440),
  -- within the minute
  ms          integer not null check (ms between 0 and 59999),
  detail      text    not null check (json_valid(detail))
) strict;

insert into bench_entry_next (id, recorded_at, uid, batch_id, step, how, maker, on_day, minute, ms, detail)
select id, recorded_at, printf('e%09d', id), batch_id, step, how, maker, on_day, minute, 0, '{}' from bench_entry;

drop table bench_entry;
alter table bench_entry_next rename to bench_entry;

create index bench_entry_by_batch on bench_entry (batch_id, id);

create trigger bench_entry_stays before update on bench_entry
begin
  select raise(abort, 'bench_entry lines never change: add a later one that corrects this one');
end;

create trigger bench_entry_is_kept before delete on bench_entry
begin
  select raise(abort, 'bench_entry lines are never deleted');
end;
