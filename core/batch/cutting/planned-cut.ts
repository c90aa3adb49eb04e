// What the plan of one stock item comes to, and the plan as it is accepted.
import type { BarPlan } from '../../cut/bars/bar-problem.ts';
import type { SheetPlan } from '../../cut/sheets/sheet-problem.ts';
import { showNumber } from '../../format/numbers.ts';
import type { IssueLine } from '../cut-list.ts';
import { gramsOf, type ShelfLot, type StockSize } from '../stock/shelf.ts';
import type { CutTerms } from './cut-problem.ts';
import type { CutStock } from './issue-metal.ts';

interface PlannedStock {
  readonly stockId: string;
  readonly blankGrams: number;
  readonly offcut: StockSize | null;
}

/** One entry a bar or sheet. */
function plannedStock(issue: IssueLine, plan: BarPlan | SheetPlan, terms: CutTerms): PlannedStock[] {
  const gramsOfBlank = new Map(
    issue.lines.map(({ key, grams, count, cut }) => [
      key,
      // Mass of the blank alone: the plan counts its kerfs apart.
      cut.kind === 'length'
        ? gramsOf(issue.section, { lengthMm: cut.length.value }, issue.alloy)
        : grams.value / Math.max(1, count.value),
    ]),
  );
  if ('bars' in plan)
    return plan.bars.map(({ stock, cuts, remainder }) => ({
      stockId: stock,
      blankGrams: Object.entries(cuts).reduce((sum, [key, many]) => sum + many * (gramsOfBlank.get(key) ?? 0), 0),
      offcut: remainder > 0 && remainder >= terms.keepFromMm ? { lengthMm: remainder } : null,
    }));
  return plan.sheets.map(({ sheet, placements, offcut }) => ({
    stockId: sheet,
    blankGrams: placements.reduce((sum, { piece }) => sum + (gramsOfBlank.get(piece) ?? 0), 0),
    offcut: offcut && { widthMm: offcut.width, heightMm: offcut.height },
  }));
}

/** A plan in the form the ledger takes. */
export function acceptedStock(
  issue: IssueLine,
  plan: BarPlan | SheetPlan,
  lots: readonly ShelfLot[],
  terms: CutTerms,
  currency: string,
): CutStock[] {
  return plannedStock(issue, plan, terms).map(({ stockId, blankGrams, offcut }): CutStock => {
    if (lots.some(({ id }) => id === stockId)) return { lotId: stockId, blankGrams, offcut };
    const bought = terms.bought.find(({ id }) => id === stockId);
    return {
      lotId: null,
      blankGrams,
      offcut,
      ...(bought && {
        bought: {
          alloy: issue.alloy.id,
          section: { ...issue.section },
          size: bought.size,
          temper: '',
          paidMinor: bought.priceMinor,
          currency,
        },
      }),
    };
  });
}

/** g */
export interface CutSums {
  readonly shelf: number;
  readonly bought: number;
  readonly blanks: number;
  readonly offcuts: number;
  readonly scrap: number;
  /** Number of bars or sheets to buy. */
  readonly toBuy: number;
}

/** Totals of a plan: grams used, bought, kept and scrapped. */
export function cutSums(
  issue: IssueLine,
  plan: BarPlan | SheetPlan,
  lots: readonly ShelfLot[],
  terms: CutTerms,
): CutSums {
  let [shelf, bought, blanks, offcuts, toBuy] = [0, 0, 0, 0, 0];
  for (const { stockId, blankGrams, offcut } of plannedStock(issue, plan, terms)) {
    const lot = lots.find(({ id }) => id === stockId);
    const own = terms.bought.find(({ id }) => id === stockId);
    if (lot) shelf += lot.grams;
    else if (own) {
      bought += gramsOf(issue.section, own.size, issue.alloy);
      toBuy += 1;
    }
    blanks += blankGrams;
    offcuts += offcut ? gramsOf(issue.section, offcut, issue.alloy) : 0;
  }
  return { shelf, bought, blanks, offcuts, toBuy, scrap: Math.max(0, shelf + bought - blanks - offcuts) };
}

/** `Proven optimal`, `within 1.2 % of the optimum`. */
export function standingInWords({ cost, bound, proved }: BarPlan | SheetPlan): string {
  if (proved) return 'Proven optimal';
  if (bound >= cost) return 'Minimum stock (proven); offcuts may still improve';
  const share = cost > 0 ? ((cost - bound) / cost) * 100 : 0;
  return `Within ${share < 0.1 ? '0.1' : showNumber(share, 1)} % of the optimum`;
}
