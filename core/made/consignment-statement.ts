// The statement of a shop for a period: sold, commission, due, and what is still there.
import { madeBalances } from './made-balance.ts';
import type { MadeEntry } from './made-entry.ts';
import type { MadePlace } from './made-place.ts';

/** Pieces of one item that a shop sold. */
interface StatementLine {
  readonly item: string;
  readonly count: number;
  readonly paidMinor: number;
  readonly commissionMinor: number;
  /** Tax and fees. */
  readonly otherMinor: number;
  readonly dueMinor: number;
}

/** The statement of a shop. */
export interface ShopStatement {
  readonly lines: readonly StatementLine[];
  readonly paidMinor: number;
  readonly commissionMinor: number;
  readonly otherMinor: number;
  readonly dueMinor: number;
  /** Pieces that came and went otherwise. */
  readonly brought: number;
  readonly takenBack: number;
  /** Pieces there at the end, by item. */
  readonly there: readonly { readonly item: string; readonly count: number }[];
}

/** @param from  ISO day; @param until  ISO day, its end included */
export function shopStatement(
  entries: readonly MadeEntry[],
  place: MadePlace,
  from: string,
  until: string,
): ShopStatement {
  const lines = new Map<string, StatementLine>();
  let [brought, takenBack] = [0, 0];
  for (const entry of entries) {
    if (entry.on < from || entry.on > until) continue;
    for (const [index, line] of entry.lines.entries()) {
      // Lines come in pairs: where a piece left, and where it came to.
      const other = entry.lines[index % 2 === 0 ? index + 1 : index - 1];
      if (line.place !== place || !other) continue;
      if (other.place === 'sold') lines.set(line.item, withSale(lines.get(line.item), other));
      else if (line.count > 0) brought += line.count;
      else takenBack -= line.count;
    }
  }
  const sold = [...lines.values()].filter(({ count, paidMinor }) => count !== 0 || paidMinor !== 0);
  const sum = (of: (line: StatementLine) => number) => sold.reduce((all, line) => all + of(line), 0);
  return {
    lines: sold,
    paidMinor: sum(({ paidMinor }) => paidMinor),
    commissionMinor: sum(({ commissionMinor }) => commissionMinor),
    otherMinor: sum(({ otherMinor }) => otherMinor),
    dueMinor: sum(({ dueMinor }) => dueMinor),
    brought,
    takenBack,
    there: madeBalances(entries, until).filter((one) => one.place === place),
  };
}

function withSale(before: StatementLine | undefined, line: MadeEntry['lines'][number]): StatementLine {
  const { item, count, paidMinor, commissionMinor, taxMinor, feeMinor } = line;
  const otherMinor = taxMinor + feeMinor;
  return {
    item,
    count: count + (before?.count ?? 0),
    paidMinor: paidMinor + (before?.paidMinor ?? 0),
    commissionMinor: commissionMinor + (before?.commissionMinor ?? 0),
    otherMinor: otherMinor + (before?.otherMinor ?? 0),
    dueMinor: paidMinor - commissionMinor - otherMinor + (before?.dueMinor ?? 0),
  };
}
