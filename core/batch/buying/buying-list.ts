// What open batches need and stock lacks, by supplier item: packs, price and order date.
import type { BarPlan } from '../../cut/bars/bar-problem.ts';
import type { SheetPlan } from '../../cut/sheets/sheet-problem.ts';
import { computed, type Figure, given, inSum, renamed, totalOf } from '../../figure/figure.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import { dayAfter } from '../../measure/days.ts';
import { sectionInWords } from '../../stock/words.ts';
import type { BatchCount } from '../count-batch.ts';
import type { CutLine, IssueLine } from '../cut-list.ts';
import type { CutTerms } from '../cutting/cut-problem.ts';
import { keyOfLot } from '../stock/shelf.ts';
import { sizeInWords } from '../stock/size-words.ts';
import { type GoodsName, goodsOfRun, goodsTogether, type Stocked } from './goods.ts';
import { breakFor, orderOf, type SupplierItem } from './price-list.ts';

/** A batch that needs metal or goods, and the latest day its work starts. */
export interface Wanting {
  readonly id: string;
  readonly title: string;
  readonly count: BatchCount;
  /** ISO day; '' without a due date. */
  readonly startBy: string;
}

/** Goods that batches need. */
export interface Goods extends GoodsName {
  readonly need: Figure;
  readonly wanting: readonly Wanting[];
}

/** A line of the buying list. */
export interface BuyingLine {
  readonly key: string;
  readonly name: string;
  /** mm of bars, number of sheets or findings, g of solder. */
  readonly need: Figure;
  readonly item: SupplierItem | null;
  readonly packs: number;
  /** Minor units for all packs; null without a supplier. */
  readonly paid: Figure | null;
  readonly wanting: readonly Pick<Wanting, 'id' | 'title' | 'startBy'>[];
  /** ISO day of the latest order; '' without a due date or a supplier. */
  readonly orderBy: string;
}

/** The needs of several batches for one stock item, joined. */
export function issueOfAll(batches: readonly Wanting[]): IssueLine[] {
  const byStock = new Map<string, { id: string; title: string; issue: IssueLine }[]>();
  for (const { id, title, count } of batches)
    for (const issue of count.issue)
      byStock.set(issue.stock, [...(byStock.get(issue.stock) ?? []), { id, title, issue }]);
  return [...byStock.values()].flatMap((wants): IssueLine[] => {
    const [first] = wants;
    if (!first) return [];
    const lines = wants.flatMap(({ id, issue }) =>
      issue.lines.map((line): CutLine => ({ ...line, key: `${id} ${line.key}` })),
    );
    const grams = totalOf(
      first.issue.alloy.name,
      'g',
      wants.map(({ title, issue }) => renamed(issue.grams, title)),
    );
    return [{ ...first.issue, lines, grams }];
  });
}

/** Items of the price lists that are exactly this stock, each as one bar or sheet with its price. */
export function offeredFor(
  issue: Pick<IssueLine, 'stock'>,
  items: readonly SupplierItem[],
  currency: string,
): CutTerms['bought'] {
  return items.flatMap((item) =>
    item.stock && item.currency === currency && keyOfLot(item.stock) === issue.stock
      ? [
          {
            id: itemKey(item),
            size: item.stock.size,
            priceMinor: roundHalfAwayFromZero(breakFor(item, 1).priceMinor / item.pack),
          },
        ]
      : [],
  );
}

/** Key of a supplier's item. */
export const itemKey = ({ supplier, item }: Pick<SupplierItem, 'supplier' | 'item'>) => `item ${supplier} ${item}`;

/** Solder, findings and bought parts of the batches, by name. */
export function goodsOf(batches: readonly Wanting[]): Goods[] {
  const wants = batches.flatMap((wanting) =>
    wanting.count.runs.flatMap((run) => goodsOfRun(run).map((want) => ({ ...want, wanting }))),
  );
  return goodsTogether(wants).map(({ key, name, unit, need, wants: of }) => ({
    key,
    name,
    unit,
    need,
    wanting: [...new Set(of.map(({ wanting }) => wanting))],
  }));
}

/** The cheapest item of the price lists for an amount; null when nobody sells it. */
function cheapest(items: readonly SupplierItem[], amount: number): SupplierItem | null {
  return items.reduce<SupplierItem | null>(
    (best, item) => (best && orderOf(best, amount).paidMinor <= orderOf(item, amount).paidMinor ? best : item),
    null,
  );
}

/** Goods as lines to buy: what batches need and the reorder level, less what is in stock. */
export function goodsLines(
  goods: readonly Goods[],
  items: readonly SupplierItem[],
  stocked: readonly Stocked[],
): BuyingLine[] {
  const needed = new Set(goods.map(({ key }) => key));
  const kept = stocked.filter(({ key, least }) => least > 0 && !needed.has(key));
  const all = [...goods, ...kept.map((one) => ({ ...one, need: totalOf(one.name, one.unit, []), wanting: [] }))];
  return all.flatMap(({ key, name, unit, need: wanted, wanting }): BuyingLine[] => {
    const { there = 0, least = 0 } = stocked.find((one) => one.key === key) ?? {};
    const lacks = wanted.value + least - there;
    if (lacks <= 1e-9) return [];
    const how = `${inSum(wanted.value)} + ${inSum(least)} − ${inSum(there)}`;
    const need =
      there > 0 || least > 0
        ? computed(name, lacks, unit, how, [
            wanted,
            given('always there', least, unit, 'as counted'),
            given('there already', there, unit, 'as counted, less what batches took since'),
          ])
        : wanted;
    const per = unit === 'g' ? 'g' : 'each';
    const sold = items.filter(
      (item) => !item.stock && item.per === per && item.name.trim().toLowerCase() === name.toLowerCase(),
    );
    return [lineOf(key, name, need, cheapest(sold, lacks), lacks, wanting)];
  });
}

/**
 * What the cutting plan of a stock item buys, one line a size.
 * @param issue  of all batches together
 * @param plan   its cutting plan, from stock and `terms.bought`
 */
export function stockLines(
  issue: IssueLine,
  plan: BarPlan | SheetPlan,
  terms: CutTerms,
  items: readonly SupplierItem[],
  batches: readonly Wanting[],
): BuyingLine[] {
  const used = 'bars' in plan ? plan.bars.map(({ stock }) => stock) : plan.sheets.map(({ sheet }) => sheet);
  const wanting = batches.filter(({ count }) => count.issue.some(({ stock }) => stock === issue.stock));
  return terms.bought.flatMap(({ id, size }): BuyingLine[] => {
    const many = used.filter((stock) => stock === id).length;
    if (many === 0) return [];
    const name = `${issue.alloy.name}, ${sectionInWords(issue.section)}, ${sizeInWords(size)}`;
    const why = 'the cutting plan of all open batches, after stock is used';
    const need = given(name, many, '', why);
    const item = items.find((one) => itemKey(one) === id) ?? null;
    return [lineOf(`${issue.stock} ${id}`, name, need, item, many, wanting)];
  });
}

function lineOf(
  key: string,
  name: string,
  need: Figure,
  item: SupplierItem | null,
  amount: number,
  wanting: readonly Wanting[],
): BuyingLine {
  const startBy = wanting
    .map((one) => one.startBy)
    .filter(Boolean)
    .sort()[0];
  const order = item ? orderOf(item, amount) : null;
  return {
    key,
    name,
    need,
    item,
    packs: order?.packs ?? 0,
    paid: item && order ? paidFor(item, order) : null,
    wanting: wanting.map(({ id, title, startBy: by }) => ({ id, title, startBy: by })),
    orderBy: item && startBy ? dayAfter(startBy, -item.leadDays) : '',
  };
}

function paidFor(item: SupplierItem, { packs, paidMinor }: { packs: number; paidMinor: number }): Figure {
  const { from, priceMinor } = breakFor(item, packs);
  const price = given(
    from > 1 ? `a pack, from ${String(from)}` : 'a pack',
    priceMinor,
    item.currency,
    `price list of ${item.supplier}, item ${item.item}`,
  );
  const many = given('packs', packs, '', `of ${String(item.pack)}${item.per === 'g' ? ' g' : ''}`);
  return computed('to pay', paidMinor, item.currency, () => `${inSum(packs)} × ${inSum(priceMinor, item.currency)}`, [
    many,
    price,
  ]);
}
