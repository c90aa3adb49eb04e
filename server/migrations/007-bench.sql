-- What happened at the bench, and what was put somewhere in the plan by hand. The last line of a step says how it stands.
create table bench_entry (
  id          integer not null primary key,
  recorded_at text    not null,
  batch_id    text    not null references document (id),
  step        text    not null check (step <> ''),
  how         text    not null check (how in ('started', 'done', 'taken-back', 'pinned', 'let-go')),
  maker       text    not null,
  -- by the clock on the wall
  on_day      text    not null,
  minute      integer not null check (minute between 0 and 1440)
) strict;

create index bench_entry_by_batch on bench_entry (batch_id, id);

create trigger bench_entry_stays before update on bench_entry
begin
  select raise(abort, 'bench_entry lines never change: add a later one that corrects this one');
end;

create trigger bench_entry_is_kept before delete on bench_entry
begin
  select raise(abort, 'bench_entry lines are never deleted');
end;

-- Plans that were kept: what the calendar tells, and what later plans are compared with.
create table plan_entry (
  id          integer not null primary key,
  recorded_at text    not null,
  plan        text    not null check (json_valid(plan))
) strict;

create trigger plan_entry_stays before update on plan_entry
begin
  select raise(abort, 'plan_entry lines never change: keep a later plan');
end;

create trigger plan_entry_is_kept before delete on plan_entry
begin
  select raise(abort, 'plan_entry lines are never deleted');
end;
