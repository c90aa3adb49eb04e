// Small changes of learned times are taken when a batch is finished, where the studio wants that, and no others.
import { afterAll, beforeAll, expect, test } from 'vitest';
import { STUDIO_ID } from '../../contract/studio.ts';
import { changeOf } from '../../core/bench/take-times.ts';
import { loadDemo } from '../demo/load.ts';
import { type Ledger, openLedger } from '../store/ledger.ts';
import { openStores, type Stores } from '../store/stores.ts';
import { benchHistoryOf } from './bench-history.ts';
import { learnedSteps } from './learned-steps.ts';
import { acceptStudio } from './set-up-studio.ts';
import { takeSmallChanges } from './take-small-changes.ts';

let ledger: Ledger;
let stores: Stores;
beforeAll(() => {
  ledger = openLedger(':memory:', 'server/migrations', 'demo');
  loadDemo(ledger, new Date());
  stores = openStores(ledger, () => new Date().toISOString());
});
afterAll(() => {
  ledger.close();
});

test('nothing is taken unless the studio wants it, and then only small changes; prices stay', () => {
  const batch = stores.batches.list().find(({ body }) => body.state === 'finished' && body.lines.length === 1);
  const pieceId = batch?.body.lines[0]?.pieceId ?? '';
  if (!batch) throw new Error('The sample has finished batches.');
  const before = stores.pieces.get(pieceId);
  const prices = stores.prices.ofPiece(pieceId).length;
  takeSmallChanges(stores, batch.body);
  expect(stores.pieces.get(pieceId).revision).toBe(before.revision);

  const studio = stores.studio.get(STUDIO_ID);
  acceptStudio(stores, stores.studio.saveDraft(STUDIO_ID, studio.version, { ...studio.body, learnedTimes: 'small' }).version); // prettier-ignore
  const learned = learnedSteps(stores, benchHistoryOf(stores)).filter((one) => one.pieceId === pieceId);
  takeSmallChanges(stores, batch.body);
  const after = stores.pieces.get(pieceId);
  const changed = after.body.steps.filter((step, at) => JSON.stringify(step) !== JSON.stringify(before.body.steps[at]));
  for (const { id } of changed) {
    const own = learned.find(({ stepId }) => stepId === id);
    expect(own && changeOf(own)).toBeLessThanOrEqual(0.1);
  }
  for (const own of learned.filter((one) => changeOf(one) > 0.1))
    expect(changed.map(({ id }) => id)).not.toContain(own.stepId);
  expect(after.revision).toBe(before.revision + (changed.length > 0 ? 1 : 0));
  expect(stores.prices.ofPiece(pieceId)).toHaveLength(prices);
});
