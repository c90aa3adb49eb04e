-- Devices that were let in, each by a key of its own. A device is never deleted: it is shut out.
create table device (
  id          text not null primary key,
  name        text not null check (name <> ''),
  -- what it may do
  role        text not null check (role in ('bench', 'maker', 'owner')),
  -- SHA-256 of its key, hexadecimal: the key itself is on the device only
  key_hash    text not null unique check (length(key_hash) = 64),
  paired_at   text not null,
  seen_at     text not null,
  revoked_at  text
) strict, without rowid;
