// Copies of a ledger on real files: made while it is written to, checked, thinned out, restored, and refused when damaged.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { emptyPiece } from '../../core/piece/piece.ts';
import { backupOutcome, restoreOutcome, verifyOutcome } from '../command/safekeeping.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores } from '../store/stores.ts';
import { backUp, checksumPath } from './back-up.ts';
import { BackupKeeper } from './backup-keeper.ts';
import { lockLedger } from './ledger-lock.ts';
import { outdatedCopies } from './retention.ts';
import { verifyLedger } from './verify.ts';

const migrations = 'server/migrations';
let dir: string;
let path: string;
let ledger: Ledger;

beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'noon-safe-'));
  path = join(dir, 'ledger.sqlite');
  ledger = openLedger(path, migrations, 'own');
});
afterEach(() => {
  if (ledger.open) ledger.close();
  rmSync(dir, { recursive: true, force: true });
});

const addPiece = (name: string) => openStores(ledger).pieces.add({ ...emptyPiece, name });
const namesIn = (file: string) => {
  const copy = openLedger(file, migrations, 'own');
  const names = openStores(copy)
    .pieces.list()
    .map(({ body }) => body.name)
    .sort();
  copy.close();
  return names;
};

describe('a copy', () => {
  test('holds what was written last, although the ledger is open', async () => {
    addPiece('Buoy');
    addPiece('Lantern');
    const made = await backUp(ledger, join(dir, 'copy.sqlite'), '2026-11-30T10:00:00.000Z');
    expect(readFileSync(checksumPath(made.path), 'utf8')).toBe(`${made.checksum}  copy.sqlite\n`);
    expect(namesIn(made.path)).toEqual(['Buoy', 'Lantern']);
    expect(readdirSync(dir).filter((name) => name.includes('unfinished'))).toEqual([]);
  });

  test('that is damaged anywhere is noticed, and is not restored', async () => {
    for (let piece = 0; piece < 30; piece += 1) addPiece(`Piece ${String(piece)}`);
    const { path: copy } = await backUp(ledger, join(dir, 'copy.sqlite'), '2026-11-30T10:00:00.000Z');
    ledger.close();
    const whole = readFileSync(copy);
    const before = readFileSync(path);
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 0, max: whole.length - 1 }),
        fc.integer({ min: 0, max: 7 }),
        async (at, bit) => {
          const damaged = Buffer.from(whole);
          damaged[at] = (damaged[at] ?? 0) ^ (1 << bit);
          writeFileSync(copy, damaged);
          const outcome = await restoreOutcome(path, copy);
          expect(outcome).toHaveProperty('error');
          expect(readFileSync(path).equals(before)).toBe(true);
        },
      ),
      { numRuns: 60, seed: 9 },
    );
  });
});

describe('restore', () => {
  test('puts the copy in place and keeps the ledger that was there', async () => {
    addPiece('Buoy');
    const copy = join(dir, 'copy.sqlite');
    expect(await backupOutcome(path, copy)).toHaveProperty('done');
    addPiece('Lantern');
    ledger.close();
    const outcome = await restoreOutcome(path, copy);
    expect(outcome).toMatchObject({ done: { restored: path } });
    expect(namesIn(path)).toEqual(['Buoy']);
    const kept = readdirSync(dir).find((name) => /before-restore-[\d-]+$/.test(name)) ?? '';
    expect(namesIn(join(dir, kept))).toEqual(['Buoy', 'Lantern']);
  });

  test('is refused while a server has the ledger, and verify says what is in it', async () => {
    const copy = join(dir, 'copy.sqlite');
    await backupOutcome(path, copy);
    const unlock = lockLedger(path);
    expect(await restoreOutcome(path, copy)).toMatchObject({
      error: expect.stringMatching(/has this ledger open/) as string,
    });
    unlock();
    expect(verifyOutcome(copy)).toMatchObject({ done: { rows: { ledger: 1 } } });
    expect(verifyOutcome(join(dir, 'missing'))).toHaveProperty('error');
  });
});

describe('the lock', () => {
  test('keeps a second server off, and does not outlive its process', () => {
    const unlock = lockLedger(path);
    expect(() => lockLedger(path)).toThrow(/Another Noon Ledger/);
    unlock();
    // A process that takes the lock and is killed.
    const taken = `const D = require('better-sqlite3'); new D(${JSON.stringify(`${path}.lock`)}).exec('begin exclusive'); process.kill(process.pid, 'SIGKILL')`;
    expect(spawnSync(process.execPath, ['-e', taken]).signal).toBe('SIGKILL');
    lockLedger(path)();
    expect(existsSync(`${path}.lock`)).toBe(false);
  });
});

describe('files that are no ledger', () => {
  test('a database of another program is never written to', () => {
    const foreign = join(dir, 'recipes.sqlite');
    const other = new Database(foreign);
    other.exec('create table recipe (name text)');
    other.close();
    const before = readFileSync(foreign);
    expect(() => openLedger(foreign, migrations, 'own')).toThrow(/belongs to another program/);
    expect(readFileSync(foreign).equals(before)).toBe(true);
    expect(verifyLedger(foreign).faults).toEqual(['This file is no ledger of Noon Ledger.']);
  });

  test('a text file and a damaged ledger are named, with what to do', () => {
    const text = join(dir, 'notes.sqlite');
    writeFileSync(text, 'no ledger at all, '.repeat(100));
    expect(() => openLedger(text, migrations, 'own')).toThrow(/damaged, or no ledger[\s\S]*restore FILE/);
    for (let piece = 0; piece < 60; piece += 1) addPiece(`Piece ${String(piece)}`);
    ledger.pragma('wal_checkpoint(truncate)');
    ledger.close();
    const bytes = readFileSync(path);
    bytes.fill(0xff, 4096 * 3, 4096 * 6);
    writeFileSync(path, bytes);
    expect(() => openLedger(path, migrations, 'own')).toThrow(/damaged/);
  });
});

describe('retention', () => {
  const day = (back: number, hour = 12) => {
    const at = new Date(Date.UTC(2026, 10, 30, hour) - back * 86_400_000).toISOString();
    return { name: at, at };
  };

  test('a year of daily copies leaves 7 days, 5 weeks and 12 months', () => {
    const all = Array.from({ length: 400 }, (_, back) => day(back));
    const gone = new Set(outdatedCopies(all).map(({ name }) => name));
    const kept = all.filter(({ name }) => !gone.has(name));
    // By hand: seven days; four Sundays before them (the fifth week is this one); eleven month ends, one of them
    // 2026-11-30 itself.
    expect(kept.slice(0, 7).map(({ at }) => at.slice(0, 10))).toEqual([0, 1, 2, 3, 4, 5, 6].map((back) => day(back).at.slice(0, 10))); // prettier-ignore
    expect(new Set(kept.map(({ at }) => at.slice(0, 7))).size).toBe(12);
    expect(kept.length).toBeLessThanOrEqual(7 + 5 + 12);
    // Thinning out day by day keeps the same as thinning out at once.
    let daily: ReturnType<typeof day>[] = [];
    for (const copy of all.toReversed()) {
      daily.push(copy);
      const old = new Set(outdatedCopies(daily));
      daily = daily.filter((one) => !old.has(one));
    }
    expect(daily.map(({ at }) => at).sort()).toEqual(kept.map(({ at }) => at).sort());
  });

  test('the newest copy is always kept', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 900 }), { minLength: 1, maxLength: 60 }), (backs) => {
        const copies = backs.map((back, at) => day(back, at % 24));
        const newest = copies.reduce((a, b) => (b.at > a.at ? b : a));
        return !outdatedCopies(copies).some(({ at }) => at === newest.at);
      }),
    );
  });
});

describe('the keeper', () => {
  const clockAt = { now: new Date('2026-11-30T09:00:00Z') };
  const keeper = () => new BackupKeeper(ledger, path, () => clockAt.now);

  test('makes a copy, a second one in another folder, and says when that fails', async () => {
    addPiece('Buoy');
    const stick = join(dir, 'stick');
    mkdirSync(stick);
    const own = keeper();
    expect(() => own.setOtherFolder('stick')).toThrow(/no folder/);
    own.setOtherFolder(stick);
    const state = await own.backUpNow();
    expect(state).toMatchObject({ problem: '', otherFolder: stick, copies: [{ at: '2026-11-30T09:00:00.000Z' }] });
    expect(namesIn(join(stick, state.copies[0]?.name ?? ''))).toEqual(['Buoy']);
    rmSync(stick, { recursive: true });
    clockAt.now = new Date('2026-12-01T09:00:00Z');
    const without = await own.backUpNow();
    expect(without.problem).toMatch(/is not there/);
    expect(without.copies).toHaveLength(2);
  });
});
