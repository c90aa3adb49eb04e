// Issues metal to a batch, by a cutting plan or by hand, and books what comes back.
import { randomUUID } from 'node:crypto';
import { type CameBack, returnLines } from '../../core/account/batch-return.ts';
import { type MetalEntry, move } from '../../core/account/entry.ts';
import { jarOf, type Place } from '../../core/account/place.ts';
import { type BatchState, isDone } from '../../core/batch/batch.ts';
import { type AcceptedCut, bookCut } from '../../core/batch/cutting/issue-metal.ts';
import { metalOfBatch } from '../../core/batch/metal-of-batch.ts';
import { type ReadReturn, readReturn, type TypedReturn } from '../../core/batch/read-return.ts';
import type { NewLotRow } from '../../core/batch/stock/shelf.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { acceptBatch } from './change-batch.ts';
import { countBatchNow } from './made-lines.ts';
import { refuseIssues } from './refuse.ts';
import { entryOf, giveStockBack, takeFromLot, today } from './stockroom.ts';

const atWork = (batchId: string): Place => `work/${batchId}`;

/**
 * Records an accepted cutting plan of a batch and issues its metal.
 * @throws NotThere; NotAcceptable when there is not enough stock, or the batch cannot be accepted
 */
export function issueMetal(stores: Stores, id: string, cut: AcceptedCut): MetalEntry[] {
  const { alloys } = currentBasis(stores).rates;
  return stores.inTransaction(() => {
    const { body } = stores.batches.get(id);
    if (isDone(body)) throw new NotAcceptable('This batch is finished. Change its status to issue metal.', []);
    const lots = stores.account.lots();
    const booking = bookCut(cut, { lots, alloys, newId: randomUUID, batchId: id, on: today(stores) });
    if ('sentence' in booking) throw new NotAcceptable(booking.sentence, []);
    const added = stores.account.add(booking.entries, booking.lots);
    if (body.state === 'planned') putBatchIn(stores, id, 'issued');
    return added;
  });
}

/** Issues bars, sheets or grain to a batch by hand. @throws NotThere; NotAcceptable when there is less of it */
export function issueByHand(
  stores: Stores,
  id: string,
  { on, lot, amount }: { readonly on: string; readonly lot: string; readonly amount: string },
): MetalEntry[] {
  return stores.inTransaction(() => {
    const { body } = stores.batches.get(id);
    if (isDone(body)) throw new NotAcceptable('This batch is finished. Change its status to issue metal.', []);
    const { mass, from } = takeFromLot(stores, lot, amount);
    const lines = move(mass, from, { place: atWork(id) });
    const added = stores.account.add([entryOf(stores, { kind: 'issued', on, batchId: id, lines })]);
    if (body.state === 'planned') putBatchIn(stores, id, 'issued');
    return added;
  });
}

/**
 * Books what came back from a batch. What is missing is lost, and the batch holds nothing afterwards.
 * @throws NotThere; NotAcceptable when a weight cannot be read, or the batch holds no metal
 */
export function returnMetal(stores: Stores, id: string, typed: TypedReturn): MetalEntry[] {
  const held = stores.account.balances(atWork(id));
  if (held.length === 0) throw new NotAcceptable('This batch holds no metal.', []);
  const count = countBatchNow(stores, stores.batches.get(id).body);
  const { alloys, currency } = currentBasis(stores).rates;
  const read = readReturn(typed, { held, count, alloys, currency });
  refuseIssues(read.issues, 'This can’t be booked yet.');
  const { pieces, otherMg, finishedMg, scrap } = read;
  const offcuts = read.offcuts.map((offcut) => ({ ...offcut, id: randomUUID() }));
  const back: CameBack[] = [
    ...scrap.map(({ kind, alloy, mg }) => ({ alloy, mg, to: { place: jarOf(kind, alloy) } })),
    ...offcuts.map(({ id: lot, alloy, mg, count: many }) => ({ alloy, mg, to: { place: 'stock', lot, pieces: many } as const })), // prettier-ignore
  ];
  const { shares } = metalOfBatch(count);
  const { lines } = returnLines({ place: atWork(id), held, finishedMg, pieces, shares, back });
  const detail = { finished: { pieces, otherMg } };
  const entry = entryOf(stores, { kind: 'returned', on: typed.on, batchId: id, why: typed.why, detail, lines });
  return stores.account.add([entry], offcuts.map(offcutRow));
}

function offcutRow({ id, alloy, lot }: ReadReturn['offcuts'][number] & { readonly id: string }): NewLotRow {
  return { id, kind: lot ? 'offcut' : 'grain', owner: '', supplier: '', alloy, lot: lot && { ...lot, id } };
}

/**
 * Gives all metal and goods of a batch back by counter-entries; a batch with issued metal is planned again.
 * @throws NotThere; NotAcceptable when an offcut of it has been used since
 */
export function giveMetalBack(stores: Stores, id: string): MetalEntry[] {
  return stores.inTransaction(() => {
    const before = stores.account.entries({ batchId: id, limit: 1 })[0]?.id ?? 0;
    if (stores.batches.get(id).body.state === 'issued') putBatchIn(stores, id, 'planned');
    else giveStockBack(stores, id);
    return stores.account.entries({ batchId: id }).filter((entry) => entry.id > before);
  });
}

function putBatchIn(stores: Stores, id: string, state: BatchState): void {
  const { version, body } = stores.batches.get(id);
  acceptBatch(stores, id, stores.batches.saveDraft(id, version, { ...body, state }).version);
}
