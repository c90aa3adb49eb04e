-- A piece with a price for each size: those set by hand, by the size's id; {"id": {"wholesaleMinor": 0, "retailMinor": 0}}.
alter table price_entry add column sizes text not null default '{}' check (json_valid(sizes));
