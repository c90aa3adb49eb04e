import { expect, test } from 'vitest';
import type { BenchEntry } from '../../core/bench/bench-entry.ts';
import { withWaiting } from './bench-entries.ts';
import type { WaitingRequest } from './device/device-store.ts';

const entry = (uid: string): BenchEntry => ({ uid, id: 1, at: '2026-03-02T10:00:00Z', batchId: 'b', step: 's', how: 'started', maker: 'ann', on: '2026-03-02', minute: 600, ms: 0, detail: {} }); // prettier-ignore
const waiting = (endpoint: string, uids: readonly string[], refusal = ''): WaitingRequest => ({
  id: uids.join(' '),
  order: 1,
  endpoint,
  url: 'api/bench',
  method: 'POST',
  body: { entries: uids.map(entry) },
  refusal,
});
const uids = (...requests: WaitingRequest[]) => withWaiting([entry('a')], requests).map(({ uid }) => uid);

test('what waits on this device shows with what the ledger has', () => {
  expect(uids(waiting('addBenchEntries', ['b', 'c']))).toEqual(['a', 'b', 'c']);
});

test('an entry that the ledger has already shows once', () => {
  expect(uids(waiting('addBenchEntries', ['a', 'b']))).toEqual(['a', 'b']);
});

test('what was refused does not show, nor do entries of other kinds', () => {
  expect(uids(waiting('addBenchEntries', ['b'], 'No such step.'), waiting('addBenchPhoto', ['c']))).toEqual(['a']);
});
