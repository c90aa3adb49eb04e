// What open batches lack, by supplier item: how many packs, at what price, and when to order.
import { given, inSum, reckoned, totalOf, type Figure } from '../figure/figure.ts';
import type { BarPlan } from '../cut/bars.ts';
import type { SheetPlan } from '../cut/sheets.ts';
import { dayAfter } from '../measure/days.ts';
import { readCount } from '../measure/read-number.ts';
import { sectionInWords } from '../stock/words.ts';
import type { BatchCount, BatchRun } from './count.ts';
import type { CutLine, IssueLine } from './cut-list.ts';
import type { CutTerms } from './cut-problem.ts';
import { breakFor, orderOf, type SupplierItem } from './price-list.ts';
import { sizeInWords } from './size-words.ts';
import { keyOfLot } from './shelf.ts';

/** A batch that wants metal or goods, and the day its work begins at the latest. */
export interface Wanting {
  readonly id: string;
  readonly title: string;
  readonly count: BatchCount;
  /** ISO day; '' when nothing is promised. */
  readonly startBy: string;
}

/** Solder or findings: not on the shelf, so what lies there is said by hand. */
export interface Goods {
  /** `solder silver solder, easy`, `finding brooch pin`. */
  readonly key: string;
  readonly name: string;
  /** g of solder, findings by number. */
  readonly need: Figure;
  readonly unit: 'g' | '';
  readonly wanting: readonly Wanting[];
}

/** A line of the buying list. */
export interface BuyingLine {
  readonly key: string;
  readonly name: string;
  /** mm of bars, sheets by number, g of solder, findings by number. */
  readonly need: Figure;
  readonly item: SupplierItem | null;
  readonly packs: number;
  /** Minor units, of all packs; null without a supplier. */
  readonly paid: Figure | null;
  readonly wanting: readonly Pick<Wanting, 'id' | 'title' | 'startBy'>[];
  /** ISO day to order on at the latest; '' when nothing is promised, or nobody sells it. */
  readonly orderBy: string;
}

/** Everything of one stock that several batches need, as if it were of one. */
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
      wants.map(({ title, issue }) => ({ ...issue.grams, label: title })),
    );
    return [{ ...first.issue, lines, grams }];
  });
}

/** Items of the lists that are just this stock: as the planner is offered them, a bar or sheet at the price of one. */
export function offeredFor(
  issue: Pick<IssueLine, 'stock'>,
  items: readonly SupplierItem[],
  currency: string,
): CutTerms['bought'] {
  return items.flatMap((item) =>
    item.stock && item.currency === currency && keyOfLot(item.stock) === issue.stock
      ? [{ id: itemKey(item), size: item.stock.size, priceMinor: Math.round(breakFor(item, 1).priceMinor / item.pack) }]
      : [],
  );
}

export const itemKey = ({ supplier, item }: Pick<SupplierItem, 'supplier' | 'item'>) => `item ${supplier} ${item}`;

/** Solder, findings and parts bought ready made of the batches, by name. */
export function goodsOf(batches: readonly Wanting[]): Goods[] {
  const wants = batches.flatMap((wanting) =>
    wanting.count.runs.flatMap((run) => wantsOf(run).map((want) => ({ ...want, wanting }))),
  );
  return [...new Set(wants.map(({ key }) => key))].flatMap((key): Goods[] => {
    const of = wants.filter((want) => want.key === key);
    const [first] = of;
    if (!first) return [];
    const { name, unit } = first;
    const need = totalOf(
      name,
      unit,
      of.map(({ figure }) => figure),
    );
    return [{ key, name, unit, need, wanting: [...new Set(of.map(({ wanting }) => wanting))] }];
  });
}

type Want = Pick<Goods, 'key' | 'name' | 'unit'> & { readonly figure: Figure };

function wantsOf({ start, count, name: run }: BatchRun): Want[] {
  const want = (sort: string, named: string, unit: Goods['unit'], each: Figure): Want => ({
    key: `${sort} ${named.toLowerCase()}`,
    name: named,
    unit,
    figure: reckoned(run, start.value * each.value, unit, () => `${inSum(start.value)} × ${inSum(each.value)}`, [
      start,
      each,
    ]),
  });
  const { parts, findings } = count.recipe.piece;
  const solder = count.joins.flatMap(({ solder: one, grams }) =>
    one && grams ? [want('solder', one.name, 'g', grams)] : [],
  );
  const ready = [
    ...findings.filter(({ kind }) => kind !== 'customer' && kind !== 'sent-out'),
    ...parts.filter(({ bought }) => bought),
  ].flatMap((row) => {
    const many = readCount(row.count, 0);
    const named = row.name.trim();
    return many.ok && named ? [want('finding', named, '', given('in a piece', many.value, '', 'the piece'))] : [];
  });
  return [...solder, ...ready].filter(({ figure }) => figure.value > 0);
}

/** The item of the lists that is cheapest for so much of it; null when nobody sells it. */
function cheapest(items: readonly SupplierItem[], amount: number): SupplierItem | null {
  return items.reduce<SupplierItem | null>(
    (best, item) => (best && orderOf(best, amount).paidMinor <= orderOf(item, amount).paidMinor ? best : item),
    null,
  );
}

/**
 * Solder and findings as lines to buy.
 * @param there  what lies in the studio already, by key of the goods
 */
export function goodsLines(
  goods: readonly Goods[],
  items: readonly SupplierItem[],
  there: (key: string) => number,
): BuyingLine[] {
  return goods.flatMap((one): BuyingLine[] => {
    const has = there(one.key);
    const lacks = one.need.value - has;
    if (lacks <= 1e-9) return [];
    const need =
      has > 0
        ? reckoned(one.name, lacks, one.unit, `${inSum(one.need.value)} − ${inSum(has)}`, [
            one.need,
            given('there already', has, one.unit, 'as typed'),
          ])
        : one.need;
    const per = one.unit === 'g' ? 'g' : 'each';
    const sold = items.filter(
      (item) => !item.stock && item.per === per && item.name.trim().toLowerCase() === one.name.toLowerCase(),
    );
    return [lineOf(one.key, one.name, need, cheapest(sold, lacks), lacks, one.wanting)];
  });
}

/**
 * What the cutting plan of a stock buys, as lines: one a size bought.
 * @param issue  of all batches together
 * @param plan   its cutting, from what lies on the shelf and `terms.bought`
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
    const why = 'the cutting plan of all open batches, after what lies on the shelf';
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
  return reckoned('to pay', paidMinor, item.currency, () => `${inSum(packs)} × ${inSum(priceMinor, item.currency)}`, [
    many,
    price,
  ]);
}
