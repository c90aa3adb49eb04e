import { describe, expect, test } from 'vitest';
import type { Fix } from '../metal/fix.ts';
import { type Piece, pieceSchema } from '../piece/piece.ts';
import { countPiece } from '../price/piece/count-piece.ts';
import { readRates } from '../studio/rates.ts';
import { startingStudio } from '../studio/studio.ts';
import { type Batch, batchSchema } from './batch.ts';
import { madeLine } from './batch-run.ts';
import { batchTotals, metalTotals } from './batch-totals.ts';
import { countBatch } from './count-batch.ts';

const rates = readRates(startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }), 1);
const fix: Fix = {
  id: 1,
  on: '2026-03-02',
  at: '2026-03-02T12:00:00Z',
  currency: 'GBP',
  prices: { Ag: '1' },
  source: 'test',
};
const part = {
  name: 'Ring',
  alloy: 'silver-925',
  section: { form: 'round', diameter: '20 ga' },
  blank: { rule: 'straight', length: '50 mm' },
  count: '2',
  trim: '1 mm',
} as const;
const piece = pieceSchema.parse({
  name: 'Link',
  note: '',
  batchSize: '1',
  // 20 gauge and the 0.8118 mm it is are one coil.
  parts: [
    { ...part, id: 'a' },
    { ...part, id: 'b', section: { form: 'round', diameter: '0.8118 mm' } },
    { ...part, id: 'c', section: { form: 'round', diameter: '1 mm' }, count: '1' },
  ],
  findings: [],
  steps: [{ id: 's', name: 'Make', station: '', setUp: '10', each: '2', unattended: '30', overlaps: false }],
});
const batch = batchSchema.parse({
  lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '12' } }],
  due: '',
  customer: '',
  note: '',
});
const madeOf = ({ lines }: Batch, of: Piece = piece) => lines.map((line) => ({ line, piece: of }));
const count = countBatch(batch, madeOf(batch), rates, fix);

test('blanks are the quantity times the blanks of a piece, cut with their trim', () => {
  expect(count.cutList.map((line) => line.count.value)).toEqual([24, 24, 12]);
  expect(count.cutList[0]?.length?.value).toBeCloseTo(24 * 51, 9);
});

test('the grams of the cut list equal the grams to issue, stock by stock', () => {
  expect(count.issue).toHaveLength(2);
  expect(count.grams.value).toBeCloseTo(
    count.cutList.reduce((sum, { grams }) => sum + grams.value, 0),
    9,
  );
  const cutForOne = countPiece(piece, rates, fix).column.lines[0]?.takes.value ?? NaN;
  expect(count.grams.value).toBeCloseTo(12 * cutForOne, 9);
});

test('bench time is the set-up once and the minutes of every piece', () => {
  expect(count.hands.value).toBeCloseTo((10 + 12 * 2) / 60, 9);
  expect(count.unattended.value).toBeCloseTo(0.5, 9);
});

test('a batch of twelve costs twelve times one piece of that batch', () => {
  const one = countPiece(piece, rates, fix, { batchSize: 12 });
  expect(count.cost.value).toBe(12 * one.column.cost.value);
  expect(count.wholesale.value).toBe(12 * one.prices.wholesale.value);
  expect(count.left.value).toBe(count.wholesale.value - count.cost.value);
});

test('a quantity that cannot be read is reported, and the count uses one', () => {
  const [line] = batch.lines;
  const none = { ...batch, lines: [{ ...line, quantities: { '': 'some' } }] } as Batch;
  const wrong = countBatch(none, madeOf(none), rates, fix);
  expect(wrong.problems[0]).toMatchObject({ path: 'l.quantities.' });
  expect(wrong.quantity).toBe(1);
});

test('several batches add up by metal', () => {
  const batches = [
    { name: 'Link', count },
    { name: 'Link again', count },
  ];
  expect(batchTotals('hands', 'h', batches, ({ hands }) => hands).value).toBeCloseTo(2 * count.hands.value, 9);
  const [silver] = metalTotals(batches);
  expect(silver?.alloy.id).toBe('silver-925');
  expect(silver?.grams.value).toBeCloseTo(2 * count.grams.value, 9);
});

test('a batch without lines, from an early version, is one line of its piece', () => {
  const before = { pieceId: 'p', pieceRevision: 3, size: 'm', quantity: '8', due: '', customer: 'x', note: '' };
  expect(batchSchema.parse({ ...before, finished: true })).toMatchObject({
    kind: 'stock',
    state: 'finished',
    lines: [{ pieceId: 'p', pieceRevision: 3, quantities: { m: '8' } }],
  });
});

describe('several sizes and pieces in one batch', () => {
  const sized = pieceSchema.parse({
    ...piece,
    parts: [{ ...piece.parts[0], blank: { rule: 'straight', length: 'reach' }, trim: '' }],
    sizes: {
      price: 'each',
      parameters: [{ id: 'reach', name: 'reach' }],
      rows: [
        { id: 's', name: 'small', values: { reach: '40 mm' } },
        { id: 'm', name: 'middle', values: { reach: '50 mm' } },
        { id: 'l', name: 'large', values: { reach: '60 mm' } },
      ],
    },
  });
  const both = batchSchema.parse({
    ...batch,
    lines: [
      { id: 'a', pieceId: 'sized', pieceRevision: 1, quantities: { s: '4', l: '6' } },
      { id: 'b', pieceId: 'p', pieceRevision: 1, quantities: { '': '12' } },
    ],
  });
  const [a, b] = both.lines;
  const counted = countBatch(
    both,
    [
      { line: a as Batch['lines'][number], piece: sized },
      { line: b as Batch['lines'][number], piece },
    ],
    rates,
    fix,
  );

  test('each wanted size is cut on its own', () => {
    expect(counted.quantity).toBe(22);
    expect(counted.runs.map(({ name, quantity }) => [name, quantity])).toEqual([
      ['Link, small', 4],
      ['Link, large', 6],
      ['Link', 12],
    ]);
    // Two links in a piece: 8 of 40 mm and 12 of 60 mm.
    expect(counted.cutList.slice(0, 2).map(({ count, length }) => [count.value, length?.value])).toEqual([
      [8, 320],
      [12, 720],
    ]);
  });

  test('set-up is counted once and spread over all sizes of a piece', () => {
    // 10 minutes and 2 each for ten; the same for twelve.
    expect(counted.hands.value).toBeCloseTo((10 + 20 + 10 + 24) / 60, 9);
    // The pickle takes all sizes at once: 30 minutes for each piece.
    expect(counted.unattended.value).toBeCloseTo(1, 9);
  });

  test('grams of one stock are issued together', () => {
    const gauge20 = counted.issue.find(({ lines }) => lines.some(({ run }) => run.name === 'Link, small'));
    expect(gauge20?.lines.map(({ run, part }) => `${run.name} ${part.id}`)).toEqual([
      'Link, small a',
      'Link, large a',
      'Link a',
      'Link b',
    ]);
  });

  test('a part with a quantity set by hand keeps that quantity', () => {
    const more = { ...both, blanks: { 'a/s/a': '11' } };
    const [first] = countBatch(more, [{ line: a as Batch['lines'][number], piece: sized }], rates, fix).cutList;
    expect(first?.count).toMatchObject({ value: 11, source: 'as typed on the cut list' });
  });
});

describe('units measured one by one', () => {
  // Wire round each stone: 3.1416 x (stone + 1 mm wire).
  const wrapped = pieceSchema.parse({
    name: 'Pebble loop',
    note: '',
    batchSize: '10',
    parts: [
      {
        id: 'loop',
        name: 'Loop',
        alloy: 'silver-925',
        section: { form: 'round', diameter: '1 mm' },
        blank: { rule: 'straight', length: 'pi * (across + 1 mm)' },
        count: '1',
        trim: '',
      },
    ],
    findings: [],
    steps: [
      { id: 's', name: 'Bend', station: '', setUp: '', each: '2', unattended: '', overlaps: false, yield: '90 %' },
    ],
    sizes: {
      parameters: [{ id: 'x', name: 'across' }],
      rows: [{ id: 'usual', name: 'usual', values: { x: '20 mm' } }],
      price: 'each',
    },
  });
  const measured = batchSchema.parse({
    lines: [
      {
        id: 'l',
        pieceId: 'p',
        pieceRevision: 1,
        quantities: { '': '99' },
        units: [
          { id: 'u1', name: '', values: { x: '18.4 mm' } },
          { id: 'u2', name: 'grey', values: { x: '23.1 mm' } },
          { id: 'u3', name: '', values: {} },
        ],
      },
    ],
    due: '',
    customer: '',
    note: '',
    spares: { how: 'chance' },
  });
  const units = countBatch(
    measured,
    measured.lines.map((line) => madeLine(line, wrapped)),
    rates,
    fix,
  );

  test('are a run each, numbered, and cut to their own measures', () => {
    expect(units.quantity).toBe(3);
    expect(units.runs.map(({ name }) => name)).toEqual([
      'Pebble loop, no. 1',
      'Pebble loop, no. 2 grey',
      'Pebble loop, no. 3',
    ]);
    const lengths = units.cutList.map(({ length }) => length?.value ?? NaN);
    [60.95, 75.71, 65.97].forEach((mm, index) => expect(lengths[index]).toBeCloseTo(mm, 1));
  });

  test('have a weight and a cost of their own, and no extras', () => {
    const weights = units.runs.map((run) => run.count.weight.value);
    expect(weights[1]).toBeGreaterThan(weights[2] ?? NaN);
    expect(weights[2]).toBeGreaterThan(weights[0] ?? NaN);
    const costs = units.runs.map((run) => run.count.column.cost.value);
    expect(costs[1]).toBeGreaterThan(costs[0] ?? NaN);
    expect(units.runs.map(({ start }) => start.value)).toEqual([1, 1, 1]);
    expect(units.runs.every((run) => run.count.batchSize === 3)).toBe(true);
  });
});
