// Stores the devices that were let in.
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Device, DeviceRole } from '../../contract/access.ts';
import type { Ledger } from './ledger.ts';
import { NotThere } from './refusals.ts';
import { type Prepare, preparedOnce } from './statements.ts';

interface Row {
  id: string;
  name: string;
  role: DeviceRole;
  paired_at: string;
  seen_at: string;
  revoked_at: string | null;
}

const KEY_BYTES = 32;
/** ms until a visit of a device is written down again. */
const SEEN_EVERY_MS = 60_000;

/** The devices of a ledger. */
export class Devices {
  readonly #now: () => string;
  readonly #prepare: Prepare;

  constructor(ledger: Ledger, now: () => string) {
    this.#now = now;
    this.#prepare = preparedOnce(ledger);
  }

  /** Those that were not shut out first, the latest first. */
  list(): Device[] {
    return this.#prepare<[], Row>('select * from device order by revoked_at is not null, paired_at desc')
      .all()
      .map(read);
  }

  /** Lets a device in. @returns it with its key, which nobody else keeps */
  add(name: string, role: DeviceRole): { readonly device: Device; readonly key: string } {
    const key = randomBytes(KEY_BYTES).toString('base64url');
    const id = randomUUID();
    const now = this.#now();
    this.#prepare(
      `insert into device (id, name, role, key_hash, paired_at, seen_at) values (:id, :name, :role, :hash, :now, :now)`,
    ).run({ id, name, role, hash: hashOf(key), now });
    return { device: { id, name, role, pairedAt: now, seenAt: now, isRevoked: false }, key };
  }

  /** The device of a key; null for a key that is unknown or shut out. */
  ofKey(key: string): Device | null {
    const row = this.#prepare<[string], Row>('select * from device where key_hash = ? and revoked_at is null').get(
      hashOf(key),
    );
    if (!row) return null;
    const now = this.#now();
    if (Date.parse(now) - Date.parse(row.seen_at) > SEEN_EVERY_MS)
      this.#prepare('update device set seen_at = :now where id = :id').run({ now, id: row.id });
    return read(row);
  }

  /** Shuts a device out, for good. @throws NotThere */
  revoke(id: string): void {
    const { changes } = this.#prepare('update device set revoked_at = :now where id = :id and revoked_at is null').run({
      now: this.#now(),
      id,
    });
    if (changes === 0) throw new NotThere('This device is not in the list, or is shut out already.');
  }
}

function hashOf(key: string): string {
  return createHash('sha256').update(key).digest('hex');
}

function read({ id, name, role, paired_at: pairedAt, seen_at: seenAt, revoked_at: revokedAt }: Row): Device {
  return { id, name, role, pairedAt, seenAt, isRevoked: revokedAt !== null };
}
