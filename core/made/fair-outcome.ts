// What came of a fair by the entries: takings, pieces, and the pieces of each customer.
import { readPlain } from '../measure/read/read-number.ts';
import type { Fair } from '../price/fair/fair.ts';
import { daysOfFair } from '../price/fair/fair-days.ts';
import type { FairOutcome } from './fair-learning.ts';
import type { MadeEntry } from './made-entry.ts';
import type { MadePlace } from './made-place.ts';

/** What came of a fair. */
export interface FairCame {
  /** Paid by customers, minor units. */
  readonly paidMinor: number;
  readonly pieces: number;
  /** Pieces of each customer. */
  readonly baskets: readonly number[];
}

/** Sales of a fair that stand. An entry of many customers spreads its pieces over them as evenly as can be. */
export function fairCame(entries: readonly MadeEntry[], fairId: string): FairCame {
  const place: MadePlace = `fair/${fairId}`;
  const baskets: number[] = [];
  let paidMinor = 0;
  for (const { kind, lines, customers, correctedBy } of entries) {
    if (kind !== 'sold' || correctedBy !== null) continue;
    if (!lines.some((line) => line.place === place)) continue;
    const sold = lines.filter((line) => line.place === 'sold');
    const pieces = sold.reduce((sum, { count }) => sum + count, 0);
    paidMinor += sold.reduce((sum, line) => sum + line.paidMinor, 0);
    baskets.push(...spread(pieces, customers));
  }
  return { paidMinor, pieces: baskets.reduce((sum, count) => sum + count, 0), baskets };
}

function spread(pieces: number, customers: number): number[] {
  // Where nobody counted customers, each piece is one.
  const many = customers > 0 ? Math.min(customers, Math.max(1, pieces)) : pieces;
  return Array.from({ length: many }, (_, at) => Math.floor(pieces / many) + (at < pieces % many ? 1 : 0));
}

/** A fair as it is kept. */
interface KeptFair {
  readonly id: string;
  readonly body: Pick<Fair, 'from' | 'days' | 'visitors' | 'visitorsCame'>;
}

/** What came of the fairs with sales before another one, the latest first. */
export function pastFairs(fairs: readonly KeptFair[], entries: readonly MadeEntry[], next: KeptFair): FairOutcome[] {
  return fairs
    .filter(({ id, body }) => id !== next.id && body.from !== '' && (!next.body.from || body.from < next.body.from))
    .toSorted((a, b) => b.body.from.localeCompare(a.body.from))
    .map(({ id, body }) => ({ body, baskets: fairCame(entries, id).baskets }))
    .filter(({ baskets }) => baskets.length > 0)
    .map(({ body, baskets }, before) => {
      const counted = visitorsIn(body.visitorsCame);
      // Where nobody counted, the forecast stands for the visitors of whom some bought.
      return { days: daysOfFair(body), visitors: counted || visitorsIn(body.visitors), counted, baskets, before };
    });
}

function visitorsIn(typed: string): number {
  const read = readPlain(typed || '0', 'number of visitors', '400', () => undefined);
  return read.ok ? read.value : 0;
}
