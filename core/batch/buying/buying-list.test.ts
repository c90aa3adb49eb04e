// The buying list: what batches need together, less what lies there, in packs, and by when.
import { expect, test } from 'vitest';
import type { BarPlan } from '../../cut/bars/bar-problem.ts';
import { pendant, workshopFix as fix, workshopRates as rates } from '../../price/fixtures/workshop.ts';
import { batchSchema } from '../batch.ts';
import { countBatch } from '../count-batch.ts';
import { readTerms, usualTerms } from '../cutting/cut-terms.ts';
import { buyingTable } from './buying-csv.ts';
import { goodsLines, goodsOf, issueOfAll, itemKey, offeredFor, stockLines, type Wanting } from './buying-list.ts';
import type { SupplierItem } from './price-list.ts';

const lines = (quantity: string) => [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': quantity } }];
const wanting = (id: string, quantity: string, startBy: string): Wanting => {
  const batch = batchSchema.parse({ lines: lines(quantity), due: '', customer: '', note: '' });
  const count = countBatch(batch, [{ line: batch.lines[0]!, piece: pendant }], rates, fix);
  return { id, title: id, count, startBy };
};
const both = [wanting('first', '4', '2026-03-20'), wanting('second', '6', '2026-03-12')];

const sold = (change: Partial<SupplierItem>): SupplierItem => ({
  supplier: 'Cove',
  item: 'x',
  name: '',
  stock: null,
  pack: 1,
  per: 'each',
  breaks: [{ from: 1, priceMinor: 1000 }],
  currency: 'GBP',
  leadDays: 5,
  ...change,
});

test('stock of several batches is one cutting problem: blanks add up, and each names its batch', () => {
  const issues = issueOfAll(both);
  expect(issues).toHaveLength(both[0]!.count.issue.length);
  for (const issue of issues) {
    const alone = both.map(({ count }) => count.issue.find(({ stock }) => stock === issue.stock)!);
    expect(issue.grams.value).toBeCloseTo(alone[0]!.grams.value + alone[1]!.grams.value, 9);
    expect(issue.lines.map(({ key }) => key.split(' ')[0])).toEqual([
      ...alone[0]!.lines.map(() => 'first'),
      ...alone[1]!.lines.map(() => 'second'),
    ]);
  }
});

test('findings add up by number and name, solder by weight, over all batches', () => {
  const goods = goodsOf(both);
  for (const finding of pendant.findings.filter(({ kind }) => kind !== 'sent-out')) {
    const of = goods.find(({ key }) => key === `finding ${finding.name.toLowerCase()}`);
    expect(of?.need.value).toBe(10 * Number(finding.count));
    expect(of?.wanting.map(({ id }) => id)).toEqual(['first', 'second']);
  }
  const joins = both[0]!.count.runs[0]!.count.joins.filter(({ grams }) => grams);
  for (const { solder, grams } of joins)
    expect(goods.find(({ key }) => key === `solder ${solder!.name.toLowerCase()}`)?.need.value).toBeGreaterThanOrEqual(
      10 * grams!.value - 1e-9,
    );
});

test('stock is subtracted, the cheaper supplier is chosen, and the earlier batch sets the order date', () => {
  const goods = goodsOf(both).filter(({ key }) => key.startsWith('finding'));
  const [first] = goods;
  if (!first) throw new Error('The sample piece has a finding.');
  const lying = (there: number) => [{ ...first, there, least: 0 }];
  const items = [
    sold({ name: first.name, supplier: 'Dear', breaks: [{ from: 1, priceMinor: 300 }] }),
    sold({ name: first.name.toUpperCase(), pack: 5, leadDays: 7 }),
  ];
  const [line] = goodsLines([first], items, lying(2));
  expect(line).toMatchObject({ packs: Math.ceil((first.need.value - 2) / 5), orderBy: '2026-03-05' });
  expect(line?.item?.supplier).toBe('Cove');
  expect(line?.paid?.value).toBe(1000 * (line?.packs ?? 0));
  expect(goodsLines([first], items, lying(first.need.value))).toEqual([]);
  expect(goodsLines([first], [], [])[0]).toMatchObject({ item: null, packs: 0, paid: null, orderBy: '' });
});

test('bars that the plan buys become packs of their supplier item', () => {
  const issue = issueOfAll(both).find(({ section }) => section.form === 'round');
  if (!issue) throw new Error('The sample piece is cut from something.');
  const bar = sold({
    item: 'bar',
    pack: 2,
    stock: { alloy: issue.alloy.id, section: { ...issue.section }, size: { lengthMm: 250 } },
  });
  const other = sold({ item: 'other', stock: { ...bar.stock!, alloy: 'copper-c110' } });
  expect(offeredFor(issue, [bar, other], 'GBP')).toEqual([
    { id: itemKey(bar), size: { lengthMm: 250 }, priceMinor: 500 },
  ]);
  expect(offeredFor(issue, [bar], 'EUR')).toEqual([]);
  const terms = readTerms(usualTerms, 'GBP', [bar]);
  if ('sentence' in terms) throw new Error(terms.sentence);
  const used = (stock: string) => ({ stock, cuts: {}, remainder: 0 });
  const plan = { bars: [used(itemKey(bar)), used('on the shelf'), used(itemKey(bar)), used(itemKey(bar))] };
  const [line] = stockLines(issue, plan as unknown as BarPlan, terms.of(issue), [bar], both);
  // Three bars are two packs of two.
  expect(line).toMatchObject({ packs: 2, orderBy: '2026-03-07', need: { value: 3 } });
  expect(line?.wanting.map(({ id }) => id)).toEqual(['first', 'second']);
  expect(buyingTable([line!])[1]).toEqual([
    'Cove', 'bar', line!.name, '2', '2', '20.00', 'GBP', '2026-03-07', 'first; second',
  ]); // prettier-ignore
});

test('goods below their reorder level are bought, whether a batch needs them or not', () => {
  const [first] = goodsOf(both).filter(({ key }) => key.startsWith('finding'));
  if (!first) throw new Error('The sample piece has a finding.');
  const kept = { key: 'consumable saw blades', name: 'Saw blades', unit: '' as const, there: 5, least: 24 };
  const items = [sold({ name: 'saw blades', pack: 12 }), sold({ name: first.name })];
  const lines = goodsLines([first], items, [kept, { ...first, there: 1, least: 4 }]);
  expect(lines.map(({ name, need, packs }) => [name, need.value, packs])).toEqual([
    [first.name, first.need.value + 4 - 1, first.need.value + 3],
    ['Saw blades', 19, 2],
  ]);
  expect(lines[1]).toMatchObject({ wanting: [], orderBy: '' });
  // As many as there should be.
  expect(goodsLines([], items, [{ ...kept, there: 24 }])).toEqual([]);
});
