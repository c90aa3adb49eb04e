-- Versions of the plan. It is computed from batches, bench log and hours, so old versions may go.
create table plan_version (
  version     integer not null primary key autoincrement,
  recorded_at text    not null,
  -- What it rests on, why it was made, its lines, what moved.
  plan        text    not null check (json_valid(plan))
) strict;
