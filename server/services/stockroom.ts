// Changes the stock of metal and goods: received, counted, put into jars, used by batches, returned.
import { randomUUID } from 'node:crypto';
import type { LotCount } from '../../contract/shelf.ts';
import {
  type End,
  fineOf,
  type MetalEntry,
  type MetalMass,
  metalMass,
  mgOf,
  move,
  type NewMetalEntry,
  partOf,
  reversed,
} from '../../core/account/entry.ts';
import { type JarKind, jarOf, type Place } from '../../core/account/place.ts';
import { typedGrams } from '../../core/account/typed-mg.ts';
import type { BatchRun } from '../../core/batch/batch-run.ts';
import {
  entriesOfGoodsReturn,
  entriesOfUse,
  type GoodsCounted,
  readGoodsCount,
} from '../../core/batch/buying/goods.ts';
import { kindOfLot, mgEach, type NewLot, type NewLotRow, readLot } from '../../core/batch/stock/shelf.ts';
import { localDay } from '../../core/measure/days.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { readCount, readGrams } from '../../core/measure/read/read-number.ts';
import type { ChargeForm } from '../../core/metal/charge-form.ts';
import { formCharged } from '../../core/price/piece/count-piece.ts';
import { NotAcceptable, NotThere } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { dayProblems } from './entry-problems.ts';
import { refuseField, refuseIssues } from './refuse.ts';

/** The day of the studio, ISO. */
export function today({ now }: Pick<Stores, 'now'>): string {
  return localDay(new Date(now()));
}

type EntryParts = Pick<NewMetalEntry, 'kind' | 'lines'> & Partial<NewMetalEntry>;

/** An entry of today with the fields that most entries share. @throws NotAcceptable for a day to come */
export function entryOf(stores: Stores, more: EntryParts): NewMetalEntry {
  const { currency } = currentBasis(stores).rates;
  refuseIssues(dayProblems(stores, more.on ?? today(stores)), 'This can’t be booked yet.');
  return { on: today(stores), batchId: null, why: '', corrects: null, currency, detail: {}, ...more };
}

/** New stock with what it weighs and what was paid. */
interface ReadStock {
  readonly row: NewLotRow;
  readonly mass: MetalMass;
  readonly pieces: number;
  readonly paidMinor: number | null;
  readonly form: ChargeForm | null;
}

/** Reads stock with or without a size. @throws NotAcceptable when a field cannot be read */
export function readStock(stores: Stores, typed: NewLot, bulkKind: 'grain' | 'ingot' = 'grain'): ReadStock {
  const { alloys, currency } = currentBasis(stores).rates;
  const named = { id: randomUUID(), owner: typed.owner.trim(), supplier: typed.supplier.trim(), alloy: typed.alloy };
  const alloy = alloys.get(typed.alloy);
  if (typed.section.form === 'grain') {
    const weighed = readGrams(typed.weighed);
    const paid = typed.paid.trim() ? readMoney(typed.paid, currency, 'amount') : null;
    refuseIssues(
      [
        ...(weighed.ok && weighed.value > 0 ? [] : [{ path: 'weighed', sentence: weighed.ok ? 'Give what it weighed.' : weighed.sentence }]), // prettier-ignore
        ...(paid === null || paid.ok ? [] : [{ path: 'paid', sentence: paid.sentence }]),
        ...(alloy ? [] : [{ path: 'alloy', sentence: 'This metal is not in the book.' }]),
      ],
      'This stock can’t be saved yet.',
    );
    const mass = metalMass(typed.alloy, alloy, mgOf(weighed.ok ? weighed.value : 0));
    const paidMinor = paid?.ok ? Math.round(paid.value) : null;
    return { row: { ...named, kind: bulkKind, lot: null }, mass, pieces: 1, paidMinor, form: null };
  }
  const read = readLot(typed, alloys, currency);
  if ('problems' in read) throw new NotAcceptable('This stock can’t be saved yet.', read.problems);
  const lot = { ...read.lot, id: named.id };
  const mass = metalMass(typed.alloy, alloy, read.count * mgEach(lot));
  return {
    row: { ...named, kind: kindOfLot(lot), lot },
    mass,
    pieces: read.count,
    paidMinor: read.paidMinor,
    form: formCharged[typed.section.form],
  };
}

/** Receives stock, takes in a customer's, or enters what lay there before. @throws NotAcceptable when a field cannot be read */
export function addLot(stores: Stores, typed: NewLot, detail: NewMetalEntry['detail'] = {}): MetalEntry[] {
  const { row, mass, pieces, paidMinor, form } = readStock(stores, typed);
  const [kind, from] = row.owner
    ? (['customer-in', 'customer'] as const)
    : typed.isOpening
      ? (['opening', 'opening'] as const)
      : (['received', 'supplier'] as const);
  const to: End = { place: row.owner ? 'kept' : 'stock', lot: row.id, pieces };
  const lines = move(mass, { place: from, paidMinor: row.owner ? null : paidMinor }, to);
  const receipt = form && paidMinor !== null && !row.owner
    ? { alloy: typed.alloy, form, grams: typedGrams(mass.mg), paid: typed.paid, source: row.supplier || 'stock received' }
    : undefined; // prettier-ignore
  const entry = entryOf(stores, { kind, why: typed.why, lines, detail: { ...detail, ...(receipt && { receipt }) } });
  return stores.inTransaction(() => {
    const added = stores.account.add([entry], [row]);
    if (typed.where.trim()) stores.account.putLot(row.id, typed.where.trim());
    return added;
  });
}

/** What is in stock of a lot. */
interface InStock {
  readonly mass: MetalMass;
  readonly pieces: number;
  readonly place: Place;
}

/** @throws NotThere when nothing of it is in stock */
function stockOf({ account }: Stores, id: string): InStock {
  const found = account.balancesOfLot(id).find(({ place }) => place === 'stock' || place === 'kept');
  if (!found) throw new NotThere('This item is not in stock.');
  return { mass: found, pieces: found.pieces, place: found.place };
}

/**
 * A number of bars, or grams of grain, taken from a lot.
 * @throws NotAcceptable when the amount cannot be read, or is more than there is
 */
export function takeFromLot(
  stores: Stores,
  id: string,
  amount: string,
): { readonly mass: MetalMass; readonly from: End } {
  const there = stockOf(stores, id);
  const isBulk = stores.account.lot(id).row.lot === null;
  const reading = isBulk ? readGrams(amount) : readCount(amount);
  if (!reading.ok) refuseField('amount', reading.sentence, 'This can’t be booked yet.');
  const most = isBulk ? there.mass.mg : there.pieces;
  const wanted = isBulk ? mgOf(reading.value) : reading.value;
  if (wanted <= 0 || wanted > most) {
    const sentence = `There are ${isBulk ? `${String(most / 1000)} g` : String(most)} of it.`;
    refuseField('amount', sentence, 'This can’t be booked yet.');
  }
  const mass = partOf(there.mass, isBulk ? wanted : Math.round((there.mass.mg * wanted) / there.pieces));
  const pieces = isBulk ? Number(wanted === most) : wanted;
  return { mass, from: { place: there.place, lot: id, pieces } };
}

/** Records the count of a lot. @throws NotThere; NotAcceptable when the count cannot be read */
export function countLot(stores: Stores, id: string, { count, why }: LotCount): MetalEntry[] {
  const { row } = stores.account.lot(id);
  const there = stockOf(stores, id);
  const reading = row.lot === null ? readGrams(count) : readCount(count, 0);
  if (!reading.ok) refuseField('count', reading.sentence, 'This count was not saved.');
  const pieces = row.lot === null ? (reading.value > 0 ? 1 : 0) : reading.value;
  const mg = row.lot === null ? mgOf(reading.value) : pieces * mgEach(row.lot);
  const change = mg - there.mass.mg;
  if (change === 0 && pieces === there.pieces) return [];
  const end: End = { place: there.place, lot: id, pieces: Math.abs(pieces - there.pieces) };
  const mass = change < 0 ? partOf(there.mass, -change) : found(there.mass, change);
  const lines = change < 0 ? move(mass, end, { place: 'counted' }) : move(mass, { place: 'counted' }, end);
  return stores.account.add([entryOf(stores, { kind: 'counted', why, lines })]);
}

/** Metal that was found is like what is there. */
function found(there: MetalMass, mg: number): MetalMass {
  const scale = there.mg === 0 ? 0 : (there.mg + mg) / there.mg;
  const more = (value: number) => Math.round(value * scale) - value;
  const { Ag, Au, Pt, Pd } = there.fine;
  return { alloy: there.alloy, mg, fine: { Ag: more(Ag), Au: more(Au), Pt: more(Pt), Pd: more(Pd) } };
}

/** Puts pieces of a lot into a jar. @throws NotAcceptable when there is less of it */
export function scrapLot(
  stores: Stores,
  id: string,
  {
    on,
    amount,
    kind,
    why,
  }: { readonly on: string; readonly amount: string; readonly kind: JarKind; readonly why: string },
): MetalEntry[] {
  const { mass, from } = takeFromLot(stores, id, amount);
  const lines = move(mass, from, { place: jarOf(kind, mass.alloy) });
  return stores.account.add([entryOf(stores, { kind: 'scrapped', on, why, lines })]);
}

/** Gives a customer's metal back. @throws NotAcceptable for metal of the studio */
export function handBack(
  stores: Stores,
  id: string,
  { on, why }: { readonly on: string; readonly why: string },
): MetalEntry[] {
  const { mass, pieces, place } = stockOf(stores, id);
  if (place !== 'kept') throw new NotAcceptable('This is the studio’s own metal.', []);
  const lines = move(mass, { place, lot: id, pieces }, { place: 'customer' });
  return stores.account.add([entryOf(stores, { kind: 'customer-out', on, why, lines })]);
}

/** Fills or counts a jar. @throws NotAcceptable when its weight cannot be read */
export function fillJar(
  stores: Stores,
  typed: { readonly on: string; readonly kind: JarKind; readonly alloy: string; readonly grams: string; readonly how: 'opening' | 'counted'; readonly why: string }, // prettier-ignore
): MetalEntry[] {
  const reading = readGrams(typed.grams);
  if (!reading.ok) refuseField('grams', reading.sentence, 'This can’t be booked yet.');
  const { alloys } = currentBasis(stores).rates;
  const place = jarOf(typed.kind, typed.alloy);
  const there = stores.account.balances(place).filter(({ alloy }) => alloy === typed.alloy);
  const before = there[0]?.mg ?? 0;
  const change = mgOf(reading.value) - (typed.how === 'counted' ? before : 0);
  if (change === 0) return [];
  const other: End = { place: typed.how };
  // What is in the mixed jar by the account has a fine content; what is found there has none until it is assayed.
  const known = typed.kind === 'mixed' ? undefined : alloys.get(typed.alloy);
  const mass = there[0] && change < 0 ? partOf(there[0], -change) : { alloy: typed.alloy, mg: Math.abs(change), fine: fineOf(known, Math.abs(change)) }; // prettier-ignore
  const lines = change < 0 ? move(mass, { place }, other) : move(mass, other, { place });
  return stores.account.add([entryOf(stores, { kind: typed.how, on: typed.on, why: typed.why, lines })]);
}

/** Records the count of goods. @throws NotAcceptable when an amount cannot be read */
export function countGoods({ goods }: Stores, typed: GoodsCounted): void {
  const entry = readGoodsCount(
    typed,
    goods.stocked().find(({ key }) => key === typed.key),
  );
  if (entry && 'problems' in entry) throw new NotAcceptable('This count was not saved.', entry.problems);
  if (entry) goods.add([entry]);
}

/** Takes the goods of a batch from stock, as far as there are any; only once. */
export function takeGoods({ goods }: Stores, batchId: string, runs: readonly BatchRun[]): void {
  const before = goods.entriesOf(batchId).reduce((sum, { change }) => sum + change, 0);
  if (before === 0) goods.add(entriesOfUse(runs, goods.stocked(), batchId));
}

/** Returns exactly what a batch holds. @throws NotAcceptable when an offcut of it has been used since */
export function giveStockBack(stores: Stores, batchId: string): void {
  const entries = stores.account.entries({ batchId, limit: 1000 });
  // What an earlier form of the ledger gave back names no entry that it reversed.
  const givenBack = entries.find(({ kind, corrects }) => kind === 'reversed' && corrects === null)?.id ?? 0;
  const open = entries.filter(
    ({ id, kind, correctedBy }) => id > givenBack && correctedBy === null && (kind === 'issued' || kind === 'returned'),
  );
  try {
    for (const entry of open) stores.account.add([reversed(entry, today(stores), 'returned')]);
  } catch (error) {
    if (!(error instanceof NotAcceptable)) throw error;
    throw new NotAcceptable(
      'An offcut of this batch has been cut for another since. Its metal cannot be returned.',
      [],
    );
  }
  stores.goods.add(entriesOfGoodsReturn(stores.goods.entriesOf(batchId)));
}
