// Changes finished pieces: brought in, moved, sold, refunded, counted, and taken back by counter-entries.
import { randomUUID } from 'node:crypto';
import type {
  FairSold,
  GradeChange,
  MadeLeave,
  MadeMove,
  MadeOpening,
  MadePage,
  NewSale,
  PiecesCounted,
  SalesImport,
  TakeIn,
  WaitingBatch,
} from '../../contract/made.ts';
import { returnSums } from '../../core/account/batch-return.ts';
import type { Batch } from '../../core/batch/batch.ts';
import { type BatchCount, batchTitle } from '../../core/batch/count-batch.ts';
import { roundHalfAwayFromZero } from '../../core/figure/round-money.ts';
import { type CompactEntry, compactEntry, type Grade, type MadeEntry, type MadeEntryLine, movePieces, negated, type NewMadeEntry, reversedMade } from '../../core/made/made-entry.ts'; // prettier-ignore
import type { MadeItem } from '../../core/made/made-item.ts';
import { holdsPieces, type MadePlace, outletAt } from '../../core/made/made-place.ts';
import { type SaleMoney, saleMoney, shareSale } from '../../core/made/sale-money.ts';
import { type BatchActuals, itemOfRun, mgOfRun, runKey, takeInLines } from '../../core/made/take-in.ts';
import type { Issue } from '../../core/measure/issue.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { readCount, readShare } from '../../core/measure/read/read-number.ts';
import { sizesOf } from '../../core/piece/all-sizes.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { retailInSize } from '../../core/price/piece/standing.ts';
import { NotAcceptable } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { benchHistoryOf } from './bench-history.ts';
import { correctEntry } from './correct-entry.ts';
import { dayProblems } from './entry-problems.ts';
import { countBatchNow } from './made-lines.ts';
import { bookMetal, type LeavingHow } from './made-metal.ts';
import { refuseIssues } from './refuse.ts';
import { today } from './stockroom.ts';

const REFUSED = 'This can’t be booked yet.';

type EntryParts = Pick<NewMadeEntry, 'kind' | 'lines' | 'on'> & Partial<NewMadeEntry>;

function newEntry(stores: Stores, more: EntryParts): NewMadeEntry {
  const { currency } = currentBasis(stores).rates;
  refuseIssues(dayProblems(stores, more.on), REFUSED);
  return {
    channel: '',
    buyer: '',
    customers: 1,
    batchId: null,
    why: '',
    corrects: null,
    currency,
    reference: '',
    ...more,
  };
}

/** Finished pieces with everything that happened to them. */
export function madePage(stores: Stores): MadePage {
  const taken = stores.made.batchesTakenIn();
  const waiting = stores.batches
    .list()
    .filter(({ id, body, archivedAt }) => isReady(body) && !archivedAt && !taken.has(id));
  return {
    items: stores.made.items(),
    outlets: stores.made.outlets(),
    entries: compacted(stores.made.entries()),
    waiting: waiting.map(({ id, body }) => waitingBatch(stores, id, body)),
  };
}

const compact = new WeakMap<readonly MadeEntry[], CompactEntry[]>();

/** The same array for the same entries. */
function compacted(entries: readonly MadeEntry[]): CompactEntry[] {
  const known = compact.get(entries) ?? entries.map(compactEntry);
  compact.set(entries, known);
  return known;
}

/** Whether the pieces of a batch are the studio's, and finished. */
function isReady({ state, kind }: Batch): boolean {
  return (state === 'finished' || state === 'closed') && kind !== 'repair';
}

function waitingBatch(stores: Stores, batchId: string, body: Batch): WaitingBatch {
  const count = countBatchNow(stores, body);
  const { weighed } = actualsOf(stores, batchId, count);
  const [only] = count.runs.length === 1 ? count.runs : [];
  return {
    batchId,
    title: batchTitle(count),
    rows: count.runs.map((run) => ({
      key: runKey(run),
      name: run.name,
      good: run === only && weighed > 0 ? weighed : run.quantity,
    })),
  };
}

/** What a batch took, from the bench and the metal account. */
function actualsOf(stores: Stores, batchId: string, count: BatchCount): BatchActuals {
  const past = benchHistoryOf(stores)
    .batches()
    .find(({ id }) => id === batchId);
  const returned = stores.account
    .entries({ batchId, kind: 'returned', limit: 100 })
    .filter(({ correctedBy }) => correctedBy === null);
  const finishedMg = new Map<string, number>();
  let weighed = 0;
  for (const entry of returned) {
    weighed += returnSums(entry).finishedMg > 0 ? (entry.detail.finished?.pieces ?? 0) : 0;
    for (const { place, alloy, mg } of entry.lines)
      if (place === 'finished') finishedMg.set(alloy, (finishedMg.get(alloy) ?? 0) + mg);
  }
  return {
    minutes: past?.story.actualDoneMin ?? 0,
    estimateMinutes: past?.story.estimatedDoneMin ?? 0,
    finishedMg,
    weighed: count.quantity === 0 ? 0 : weighed,
  };
}

/**
 * Brings in the pieces of a finished batch with what they cost.
 * @throws NotThere; NotAcceptable when it is not finished, or its pieces came in before
 */
export function takeInBatch(stores: Stores, batchId: string, typed: TakeIn): MadeEntry[] {
  return stores.inTransaction(() => {
    const { body } = stores.batches.get(batchId);
    if (!isReady(body)) throw new NotAcceptable('This batch is not finished, or it is a repair.', []);
    if (stores.made.batchesTakenIn().has(batchId))
      throw new NotAcceptable('The pieces of this batch came in before.', []);
    const count = countBatchNow(stores, body);
    const actuals = actualsOf(stores, batchId, count);
    const issues: Issue[] = [];
    const lines = count.runs.flatMap((run) => {
      const row = typed.rows.findIndex(({ key }) => key === runKey(run));
      const read = (grade: Grade) => {
        const text = typed.rows[row]?.[grade] ?? '';
        const reading = text.trim() ? readCount(text, 0) : null;
        if (reading && !reading.ok) issues.push({ path: `rows.${String(row)}.${grade}`, sentence: reading.sentence });
        return reading?.ok ? reading.value : 0;
      };
      const pieces = { good: read('good'), second: read('second'), sample: read('sample') };
      const mg = mgOfRun(run, count, actuals);
      const isSingle = run.line.units.length > 0 || (body.kind === 'commission' && run.quantity === 1);
      if (pieces.good + pieces.second + pieces.sample === 0) return [];
      const item = stores.made.keepItem(itemOfRun(run, randomUUID(), isSingle, mg));
      return takeInLines(run, item.id, pieces, actuals, mg);
    });
    refuseIssues(issues, REFUSED);
    if (lines.length === 0) throw new NotAcceptable('No piece came out of this batch.', []);
    return [stores.made.add(newEntry(stores, { kind: 'made', on: typed.on, batchId, lines }))];
  });
}

/** Closing a batch brings its pieces in as they are expected, unless they came in before. */
export function takeInWhenClosed(stores: Stores, batchId: string): void {
  const { body } = stores.batches.get(batchId);
  if (!isReady(body) || stores.made.batchesTakenIn().has(batchId)) return;
  const rows = waitingBatch(stores, batchId, body).rows.map(({ key, good }) => ({
    key,
    good: String(good),
    second: '',
    sample: '',
  }));
  if (rows.some(({ good }) => good !== '0')) takeInBatch(stores, batchId, { on: today(stores), rows });
}

/** Enters pieces that lay there before the ledger. @throws NotAcceptable when a field cannot be read */
export function openMade(stores: Stores, typed: MadeOpening): MadeEntry[] {
  const { rates, fix } = currentBasis(stores);
  const count = readCount(typed.count, 1);
  const money = typed.cost.trim() ? readMoney(typed.cost, rates.currency, 'amount') : null;
  refuseIssues(
    [
      ...(count.ok ? [] : [{ path: 'count', sentence: count.sentence }]),
      ...(money === null || money.ok ? [] : [{ path: 'cost', sentence: money.sentence }]),
    ],
    REFUSED,
  );
  return stores.inTransaction(() => {
    const piece = typed.pieceId ? stores.pieces.get(typed.pieceId) : null;
    const made = piece && (piece.accepted ?? piece.body);
    const counted = made && countPiece(made, rates, fix, { size: typed.size });
    const each = money?.ok ? money.value : (counted?.column.cost.value ?? 0);
    const labour = counted?.column.lines.find(({ key }) => key === 'labour')?.each.value ?? 0;
    const item = stores.made.keepItem({
      id: randomUUID(),
      pieceId: typed.pieceId,
      size: typed.size,
      revision: piece?.revision ?? 0,
      name: made?.name.trim() || typed.name,
      sizeName: made ? (sizesOf(made).find(({ id }) => id === typed.size)?.name ?? '') : typed.sizeName,
      isSingle: false,
      photo: '',
      mg: {},
    });
    const pieces = count.ok ? count.value : 0;
    const minutes = (counted?.minutes.value ?? 0) * pieces;
    const amounts = {
      costMinor: roundHalfAwayFromZero(each * pieces),
      estimateMinor: roundHalfAwayFromZero((counted?.column.cost.value ?? each) * pieces),
      labourMinor: roundHalfAwayFromZero(Math.min(labour, each) * pieces),
      minutes,
      estimateMinutes: minutes,
    };
    const place = heldPlace(stores, typed.place);
    const { grade } = typed;
    const lines = movePieces(item.id, pieces, { place: 'opening', grade, amounts }, { place, grade });
    return [stores.made.add(newEntry(stores, { kind: 'opening', on: typed.on, lines }))];
  });
}

/** A place that holds pieces. @throws NotAcceptable for another */
function heldPlace(stores: Stores, text: string): MadePlace {
  const place = text as MadePlace;
  const outlet = outletAt(place);
  const isKnown =
    place === 'studio' ||
    (outlet !== null &&
      (outlet.kind === 'fair'
        ? stores.fairs.list().some(({ id }) => id === outlet.id)
        : stores.made.outlets().some(({ id, kind }) => id === outlet.id && kind === outlet.kind)));
  // Pieces can always be taken from where they are, whatever became of the fair or the shop.
  const isHeldThere = () => stores.made.balances().some((one) => one.place === place && one.count > 0);
  if (!holdsPieces(place) || !(isKnown || isHeldThere()))
    throw new NotAcceptable('This place is not in the ledger.', []);
  return place;
}

/** Moves pieces to another place. */
export function movePicks(stores: Stores, { on, to, picks, why }: MadeMove): MadeEntry[] {
  const place = heldPlace(stores, to);
  const lines = picks
    .filter((pick) => pick.place !== place)
    .flatMap(({ item, place: from, grade, count }) =>
      movePieces(item, count, { place: heldPlace(stores, from), grade }, { place, grade }),
    );
  if (lines.length === 0) throw new NotAcceptable('These pieces are there already.', []);
  return [stores.made.add(newEntry(stores, { kind: 'moved', on, why, lines }))];
}

/** Changes the grade of pieces where they are. */
export function gradePicks(stores: Stores, { on, grade, picks, why }: GradeChange): MadeEntry[] {
  const lines = picks
    .filter((pick) => pick.grade !== grade)
    .flatMap(({ item, place: text, grade: before, count }) => {
      const place = heldPlace(stores, text);
      return movePieces(item, count, { place, grade: before }, { place, grade });
    });
  if (lines.length === 0) throw new NotAcceptable('These pieces have this grade already.', []);
  return [stores.made.add(newEntry(stores, { kind: 'graded', on, why, lines }))];
}

/** Pieces leave without a sale; the metal of melted ones goes into the jar of soldered scrap. */
export function leavePicks(stores: Stores, { on, how, picks, why }: MadeLeave): MadeEntry[] {
  return stores.inTransaction(() => {
    const lines = picks.flatMap(({ item, place, grade, count }) =>
      movePieces(item, count, { place: heldPlace(stores, place), grade }, { place: how, grade }),
    );
    return [addLeaving(stores, newEntry(stores, { kind: how, on, why, lines }), how)];
  });
}

/** Adds an entry of pieces that leave or come back, with the entry of their metal. */
function addLeaving(stores: Stores, entry: NewMadeEntry, how: LeavingHow): MadeEntry {
  const leaving = entry.lines
    .filter(({ place }) => !holdsPieces(place))
    .map(({ item, count }) => ({ item: stores.made.item(item), count: Math.abs(count) }));
  const why =
    entry.why ||
    leaving
      .map(({ item, count }) => `${String(count)} × ${item.name}`)
      .join(', ')
      .slice(0, 400);
  const metal = bookMetal(stores, leaving, how, { on: entry.on, why });
  return stores.made.add(entry, metal?.id ?? null);
}

/** Enters a sale to one customer. @throws NotAcceptable when a price cannot be read, or none is set */
export function sell(stores: Stores, { on, channel, buyer, picks, prices, why }: NewSale): MadeEntry[] {
  const { rates } = currentBasis(stores);
  const issues: Issue[] = [];
  const isWholesale = rates.selling.channels.some(({ id, kind }) => id === channel && kind === 'wholesale');
  return stores.inTransaction(() => {
    const paid = picks.map(({ item, count }, at) => {
      const text = prices[at] ?? '';
      if (!text.trim()) {
        const set = setPrice(stores, stores.made.item(item), isWholesale);
        if (set === null) issues.push({ path: `prices.${String(at)}`, sentence: 'Give the price.' });
        return (set ?? 0) * count;
      }
      const reading = readMoney(text, rates.currency, 'amount');
      if (!reading.ok) issues.push({ path: `prices.${String(at)}`, sentence: reading.sentence });
      return reading.ok ? roundHalfAwayFromZero(reading.value) * count : 0;
    });
    refuseIssues(issues, REFUSED);
    const from = picks[0]?.place ?? 'studio';
    const money = moneyOf(
      stores,
      channel,
      from as MadePlace,
      paid.reduce((sum, one) => sum + one, 0),
    );
    const parts = shareSale(money, paid);
    const lines = picks.flatMap(({ item, place, grade, count }, at) =>
      soldPair(stores, { item, place, grade, count }, parts[at]),
    );
    const entry = newEntry(stores, { kind: 'sold', on, channel, buyer, why, lines });
    return [addLeaving(stores, entry, 'sold')];
  });
}

/** Pieces that were picked at a place. */
interface Picked {
  readonly item: string;
  readonly place: string;
  readonly grade: Grade;
  readonly count: number;
}

function soldPair(
  stores: Stores,
  { item, place, grade, count }: Picked,
  amounts: SaleMoney | undefined,
): MadeEntryLine[] {
  const from = { place: heldPlace(stores, place), grade };
  return movePieces(item, count, from, { place: 'sold', grade, ...(amounts && { amounts }) });
}

/** The set price of a finished piece, minor units; null where none is set. */
function setPrice(stores: Stores, { pieceId, size }: MadeItem, isWholesale: boolean): number | null {
  const piece = stores.pieces.list().find(({ id }) => id === pieceId);
  if (!piece) return null;
  const { rates, fix } = currentBasis(stores);
  const { accepted, body, priced } = piece;
  const made = accepted ?? body;
  const { prices } = countPiece(made, rates, fix, { size });
  if (isWholesale)
    return priced?.currency === rates.currency ? priced.wholesaleMinor : roundHalfAwayFromZero(prices.wholesale.value);
  return roundHalfAwayFromZero(retailInSize(priced, made, size, prices).value);
}

/** Tax, commission and fees of a sale. @param from  where the pieces lay: a shop has its own commission */
function moneyOf(stores: Stores, channelId: string, from: MadePlace, paidMinor: number): SaleMoney {
  const { selling } = currentBasis(stores).rates;
  const outlet = outletAt(from);
  const shop = outlet && stores.made.outlets().find(({ id }) => id === outlet.id);
  const channel = selling.channels.find(({ id }) => id === (channelId || shop?.channel)) ?? null;
  const share = shop?.commission.trim() ? readShare(shop.commission, 'commission') : null;
  return saleMoney(paidMinor, { channel, rule: selling.rule, commission: share?.ok ? share.value : null });
}

/** Takes the pieces of a sale back into the studio; tax, commission and fees go back with the money. */
export function refund(
  stores: Stores,
  id: number,
  { on, why }: { readonly on: string; readonly why: string },
): MadeEntry[] {
  return stores.inTransaction(() => {
    const sale = stores.made.entry(id);
    if (sale.kind !== 'sold' || sale.correctedBy !== null) throw new NotAcceptable('This is no sale that stands.', []);
    const reference = `refund ${String(id)}`;
    if (stores.made.hasReference(reference)) throw new NotAcceptable('This sale was refunded before.', []);
    const lines = sale.lines
      .filter(({ place }) => place === 'sold')
      .flatMap((line) => {
        const { item, grade, count } = line;
        return movePieces(item, count, { place: 'sold', grade, amounts: negated(line) }, { place: 'studio', grade });
      });
    const { channel, buyer } = sale;
    return [
      addLeaving(stores, newEntry(stores, { kind: 'refunded', on, why, channel, buyer, reference, lines }), 'refunded'),
    ];
  });
}

/** Ticks off a fair: what was brought and did not come home was sold; the rest goes back to the studio. */
export function tickOffFair(stores: Stores, { on, channel, place: text, home, customers }: FairSold): MadeEntry[] {
  const { rates } = currentBasis(stores);
  const place = heldPlace(stores, text);
  const there = stores.made.balances().filter((one) => one.place === place);
  const issues: Issue[] = [];
  const people = customers.trim() ? readCount(customers, 0) : null;
  if (people && !people.ok) issues.push({ path: 'customers', sentence: people.sentence });
  return stores.inTransaction(() => {
    const rows = home.map(({ item, grade, home: typed, price }, at) => {
      const brought = there.find((one) => one.item === item && one.grade === grade)?.count ?? 0;
      const back = readCount(typed || '0', 0);
      const money = price.trim() ? readMoney(price, rates.currency, 'amount') : null;
      const each = money?.ok ? money.value : setPrice(stores, stores.made.item(item), false);
      if (!back.ok) issues.push({ path: `home.${String(at)}.home`, sentence: back.sentence });
      else if (back.value > brought)
        issues.push({ path: `home.${String(at)}.home`, sentence: `Only ${String(brought)} were brought.` });
      if (money && !money.ok) issues.push({ path: `home.${String(at)}.price`, sentence: money.sentence });
      else if (each === null) issues.push({ path: `home.${String(at)}.price`, sentence: 'Give the price.' });
      const came = back.ok ? Math.min(brought, back.value) : 0;
      return { item, grade, came, sold: brought - came, paid: roundHalfAwayFromZero((each ?? 0) * (brought - came)) };
    });
    refuseIssues(issues, REFUSED);
    const sold = rows.filter((row) => row.sold > 0);
    const came = rows.filter((row) => row.came > 0);
    const money = moneyOf(
      stores,
      channel,
      place,
      sold.reduce((sum, { paid }) => sum + paid, 0),
    );
    const parts = shareSale(
      money,
      sold.map(({ paid }) => paid),
    );
    const entries: MadeEntry[] = [];
    if (sold.length > 0) {
      const lines = sold.flatMap(({ item, grade, sold: count }, at) =>
        soldPair(stores, { item, place, grade, count }, parts[at]),
      );
      const many = people?.ok ? people.value : 0;
      entries.push(addLeaving(stores, newEntry(stores, { kind: 'sold', on, channel, customers: many, lines }), 'sold'));
    }
    if (came.length > 0) {
      const lines = came.flatMap(({ item, grade, came: count }) =>
        movePieces(item, count, { place, grade }, { place: 'studio', grade }),
      );
      entries.push(stores.made.add(newEntry(stores, { kind: 'moved', on, lines })));
    }
    return entries;
  });
}

/** Saves the count of a place as differences. */
export function countPieces(stores: Stores, { on, place: text, counts, why }: PiecesCounted): MadeEntry[] {
  const place = heldPlace(stores, text);
  const there = stores.made.balances();
  return stores.inTransaction(() => {
    const changes = counts.flatMap(({ item, grade, count }) => {
      const before = there.find((one) => one.place === place && one.item === item && one.grade === grade)?.count ?? 0;
      return count === before ? [] : [{ item, grade, change: count - before }];
    });
    const entries: MadeEntry[] = [];
    const missing = changes.filter(({ change }) => change < 0);
    const found = changes.filter(({ change }) => change > 0);
    if (missing.length > 0) {
      const lines = missing.flatMap(({ item, grade, change }) =>
        movePieces(item, -change, { place, grade }, { place: 'lost', grade }),
      );
      entries.push(addLeaving(stores, newEntry(stores, { kind: 'lost', on, why, lines }), 'lost'));
    }
    if (found.length > 0) {
      const lines = found.flatMap(({ item, grade, change }) =>
        movePieces(item, change, { place: 'counted', grade }, { place, grade }),
      );
      entries.push(stores.made.add(newEntry(stores, { kind: 'counted', on, why, lines })));
    }
    return entries;
  });
}

/** Imports sales and refunds of a file, all or none; what is in the ledger already is left out. */
export function importSales(stores: Stores, { channel, place: text, source, rows }: SalesImport): MadeEntry[] {
  const place = heldPlace(stores, text);
  return stores.inTransaction(() =>
    rows.flatMap(({ on, reference, item, count, paidMinor, feeMinor }): MadeEntry[] => {
      if (count === 0 || stores.made.hasReference(reference)) return [];
      const usual = moneyOf(stores, channel, place, paidMinor);
      const amounts = feeMinor === null ? usual : { ...usual, feeMinor };
      const grade = 'good';
      const isRefund = count < 0;
      const lines = isRefund
        ? movePieces(item, -count, { place: 'sold', grade, amounts }, { place, grade })
        : movePieces(item, count, { place, grade }, { place: 'sold', grade, amounts });
      const kind = isRefund ? 'refunded' : 'sold';
      const entry = newEntry(stores, { kind, on, channel, reference, why: `imported from ${source}`, lines });
      return [addLeaving(stores, entry, kind)];
    }),
  );
}

/** Reverses an entry and that of its metal. @throws NotThere; NotAcceptable when it was reversed before */
export function reverseMade(stores: Stores, id: number, why: string): MadeEntry[] {
  return stores.inTransaction(() => {
    const entry = stores.made.entry(id);
    if (entry.kind === 'reversed') throw new NotAcceptable('A counter-entry stays. Enter what happened again.', []);
    if (entry.correctedBy !== null) throw new NotAcceptable('This entry was reversed before.', []);
    const metal = stores.made.metalEntryOf(id);
    const [counter] = metal === null ? [] : correctEntry(stores, metal, why);
    return [stores.made.add(reversedMade(entry, today(stores), why || 'reversed'), counter?.id ?? null)];
  });
}
