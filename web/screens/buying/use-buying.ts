// What all open batches are short of: their stock is planned together against the shelf and the price lists, in a
// worker.
import { useMemo } from 'react';
import {
  type BuyingLine,
  type Goods,
  goodsLines,
  goodsOf,
  issueOfAll,
  stockLines,
  type Wanting,
} from '../../../core/batch/buying/buying-list.ts';
import type { Stocked } from '../../../core/batch/buying/goods.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import { batchTitle } from '../../../core/batch/count-batch.ts';
import { barProblemOf, sheetProblemOf } from '../../../core/batch/cutting/cut-problem.ts';
import { readTerms, usualTerms } from '../../../core/batch/cutting/cut-terms.ts';
import type { ShelfLot } from '../../../core/batch/stock/shelf.ts';
import { benchSteps } from '../../../core/bench/batch-steps.ts';
import { latestStart } from '../../../core/plan/studio/latest-start.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useCutting } from '../../hooks/use-cutting.ts';
import { useNow } from '../../hooks/use-now.ts';
import { batchCount } from '../../state/batch-count.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { useGetGoodsQuery, useGetPriceListsQuery, useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { madeLinesOf } from '../../state/made-lines.ts';
import type { CuttingAsked } from '../../workers/cutting.ts';

/** Time for each stock, s: a good plan comes at once, and a list needs no best one. */
const SECONDS = 0.7;
const NO_LOTS: readonly ShelfLot[] = [];
const NO_ITEMS: readonly SupplierItem[] = [];
const NO_GOODS: readonly Stocked[] = [];

export interface Buying {
  readonly isThere: boolean;
  readonly items: readonly SupplierItem[];
  readonly wanting: readonly Wanting[];
  readonly lines: readonly BuyingLine[];
  readonly goods: readonly Goods[];
  /** Quantity in stock of each item. */
  readonly stocked: readonly Stocked[];
  /** Stock whose cutting is still being planned, or has no plan. */
  readonly waiting: number;
  readonly problems: readonly string[];
}

export function useBuying(): Buying {
  const { data: batches } = useGetBatchesQuery();
  const { data: shelf } = useGetShelfQuery();
  const { data: items = NO_ITEMS } = useGetPriceListsQuery();
  const { data: stocked = NO_GOODS } = useGetGoodsQuery();
  const basis = useBasis();
  const { day } = useNow();
  const { currency, alloys, bench } = basis.rates;
  const lots = shelf?.lots ?? NO_LOTS;
  const wanting = useMemo(
    () =>
      (batches ?? [])
        .filter(({ batch }) => batch.body.state === 'planned')
        .map((item): Wanting => {
          const { id, body } = item.batch;
          const made = madeLinesOf(item);
          const count = batchCount(body, made, basis);
          const startBy = latestStart({ id, batch: body, steps: benchSteps(made, alloys) }, { bench, day });
          return { id, title: batchTitle(count), count, startBy };
        }),
    [batches, basis, alloys, bench, day],
  );
  const issues = useMemo(() => issueOfAll(wanting).filter(({ section }) => section.form !== 'grain'), [wanting]);
  const terms = useMemo(() => readTerms(usualTerms, currency, items), [currency, items]);
  const asked = useMemo(
    () =>
      'sentence' in terms || !shelf
        ? []
        : issues.map((issue): CuttingAsked => {
            const own = terms.of(issue);
            return issue.section.form === 'sheet'
              ? { stock: issue.stock, seconds: SECONDS, sheets: sheetProblemOf(issue, lots, own) }
              : { stock: issue.stock, seconds: SECONDS, bars: barProblemOf(issue, lots, own) };
          }),
    [issues, lots, terms, shelf],
  );
  const { plans, waiting } = useCutting(asked);
  const goods = useMemo(() => goodsOf(wanting), [wanting]);
  const problems: string[] = [];
  const ofStock = issues.flatMap((issue): BuyingLine[] => {
    const plan = plans.get(issue.stock);
    if (!plan || 'sentence' in terms) return [];
    if ('sentence' in plan) {
      problems.push(`${issue.alloy.name}: ${plan.sentence}`);
      return [];
    }
    return stockLines(issue, plan, terms.of(issue), items, wanting);
  });
  const lines = [...ofStock, ...goodsLines(goods, items, stocked)];
  return { isThere: Boolean(batches && shelf), items, wanting, lines, goods, stocked, waiting: waiting.size, problems };
}
