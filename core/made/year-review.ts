// The year on one page: pieces, money, bench time, estimate errors and promises.
import { madeBalances, type MadeStatement, madeStatements } from './made-balance.ts';
import type { MadeEntry } from './made-entry.ts';
import type { MadeItem } from './made-item.ts';
import { soldLines, type SoldSums, soldSums } from './sold-lines.ts';

/** The year on one page. */
export interface YearReview {
  readonly sums: SoldSums;
  /** Pieces of the period. */
  readonly pieces: Pick<MadeStatement, 'made' | 'sold' | 'melted' | 'given' | 'lost'>;
  /** Bench hours of pieces made in the period: actual, and by the estimate. */
  readonly benchHours: number;
  readonly estimateHours: number;
  /** Cost of pieces made in the period, minor units. */
  readonly costMinor: number;
  readonly estimateMinor: number;
  /** Batches with a due date that came in, and of them those in time. */
  readonly promised: number;
  readonly kept: number;
}

interface YearInput {
  readonly entries: readonly MadeEntry[];
  readonly items: readonly MadeItem[];
  readonly from: string;
  readonly until: string;
  /** Due day of a batch; '' for none. */
  readonly dueOf: (batchId: string) => string;
  /** Hours beside the bench, and costs of fairs, minor units. */
  readonly more: { readonly hours: number; readonly costMinor: number };
}

/** Draws up a period. @param from  ISO day; @param until  ISO day, its end included */
export function yearReview({ entries, items, from, until, dueOf, more }: YearInput): YearReview {
  const known = entries.filter(({ on }) => on <= until);
  const inPeriod = known.filter(({ on }) => on >= from);
  const lines = soldLines(known, new Map(items.map((item) => [item.id, item]))).filter(({ on }) => on >= from);
  const statements = madeStatements(madeBalances(inPeriod));
  const all = (of: (statement: MadeStatement) => number) => statements.reduce((sum, one) => sum + of(one), 0);
  const made = inPeriod.flatMap((entry) => entry.lines.filter(({ place }) => place === 'made'));
  const sum = (of: (line: MadeEntry['lines'][number]) => number) => made.reduce((total, line) => total + of(line), 0);
  const promised = inPeriod.flatMap(({ kind, batchId, on, correctedBy }) => {
    const due = kind === 'made' && batchId !== null && correctedBy === null ? dueOf(batchId) : '';
    return due ? [on <= due] : [];
  });
  return {
    sums: soldSums(lines, more),
    pieces: {
      made: all((one) => one.made),
      sold: all((one) => one.sold),
      melted: all((one) => one.melted),
      given: all((one) => one.given),
      lost: all((one) => one.lost),
    },
    benchHours: sum(({ minutes }) => minutes) / 60,
    estimateHours: sum(({ estimateMinutes }) => estimateMinutes) / 60,
    costMinor: sum(({ costMinor }) => costMinor),
    estimateMinor: sum(({ estimateMinor }) => estimateMinor),
    promised: promised.length,
    kept: promised.filter(Boolean).length,
  };
}
