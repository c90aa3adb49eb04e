// Conservation: whatever is booked, nothing appears or vanishes, gross and fine, at every date and to the milligram.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { balances, fineHeld, statements } from './balance.ts';
import { returnLines } from './batch-return.ts';
import {
  fineMetals,
  fineOf,
  isBalanced,
  type MetalEntry,
  type MetalLine,
  metalMass,
  move,
  partOf,
  reversed,
  sumOf,
} from './entry.ts';
import { heldKind, jarOf, outsidePlaces, type Place } from './place.ts';

const alloys = alloysWith([]);
const mass = (alloy: string, mg: number) => metalMass(alloy, alloys.get(alloy), mg);
let ids = 0;
const entry = (on: string, lines: readonly MetalLine[], more: Partial<MetalEntry> = {}): MetalEntry => ({
  id: (ids += 1),
  at: `${on}T12:00:00.000Z`,
  kind: 'received',
  on,
  batchId: null,
  why: '',
  corrects: null,
  correctedBy: null,
  currency: 'GBP',
  detail: {},
  lines,
  ...more,
});

describe('fine content', () => {
  test('is that of the named fineness: 412 g of sterling are 381.1 g of fine silver', () => {
    expect(fineOf(alloys.get('silver-925'), 412_000)).toEqual({ Ag: 381_100, Au: 0, Pt: 0, Pd: 0 });
  });

  test('a part takes its share, and the last part all that is left', () => {
    const all = mass('gold-18k-yellow', 10_001);
    const first = partOf(all, 3333);
    expect(first.fine.Au + partOf(all, 6668).fine.Au).toBeCloseTo(all.fine.Au, -1);
    expect(partOf(all, all.mg).fine).toEqual(all.fine);
  });
});

describe('a batch that is settled', () => {
  const held = balances([
    entry('2026-03-01', move(mass('silver-925', 100_000), { place: 'stock' }, { place: 'work/b' })),
    entry('2026-03-01', move(mass('copper-c110', 20_000), { place: 'stock' }, { place: 'work/b' })),
  ]).filter(({ place }) => place === 'work/b');

  test('issued is pieces, offcuts, scrap and loss; the loss is what is missing', () => {
    const { lines, loss } = returnLines({
      place: 'work/b',
      held,
      finishedMg: 90_000,
      pieces: 6,
      shares: new Map([
        ['silver-925', 75],
        ['copper-c110', 15],
      ]),
      back: [
        { alloy: 'silver-925', mg: 22_800, to: { place: jarOf('soldered', 'silver-925') } },
        { alloy: 'copper-c110', mg: 4600, to: { place: jarOf('clean', 'copper-c110') } },
      ],
    });
    // 100 − 75 − 22.8 = 2.2 g of silver and 20 − 15 − 4.6 = 0.4 g of copper.
    expect([...loss]).toEqual([
      ['silver-925', 2200],
      ['copper-c110', 400],
    ]);
    expect(isBalanced(lines)).toBe(true);
    const after = balances([
      entry(
        '2026-03-01',
        held.map((one) => ({ ...one, paidMinor: null })),
      ),
      entry('2026-03-02', lines),
    ]);
    expect(after.filter(({ place }) => place === 'work/b')).toEqual([]);
  });

  test('more than was issued is a loss below zero, and strange metal is refused', () => {
    const one = { place: 'work/b' as const, held, pieces: 1, shares: new Map([['silver-925', 1]]) };
    expect(returnLines({ ...one, finishedMg: 101_000, back: [] }).loss.get('silver-925')).toBe(-1000);
    const back = [{ alloy: 'brass-c260', mg: 1, to: { place: 'jar/clean/brass-c260' as const } }];
    expect(() => returnLines({ ...one, finishedMg: 0, back })).toThrow(RangeError);
  });
});

const days = ['2024-02-29', '2024-12-31', '2025-01-01', '2025-07-15', '2026-11-12'];
const places: readonly Place[] = [
  'stock',
  'finished',
  'work/a',
  'work/b',
  'jar/clean/silver-925',
  'refiner/r',
  ...outsidePlaces,
];
const randomEntries = fc.array(
  fc.record({
    on: fc.constantFrom(...days),
    from: fc.constantFrom(...places),
    to: fc.constantFrom(...places),
    alloy: fc.constantFrom('silver-925', 'silver-999', 'gold-14k-yellow', 'platinum-950', 'copper-c110'),
    mg: fc.integer({ min: 0, max: 900_000 }),
    isReversed: fc.boolean(),
  }),
  { maxLength: 60 },
);

describe('random years of entries', () => {
  const booked = randomEntries.map((drawn) =>
    drawn.flatMap(({ on, from, to, alloy, mg, isReversed }) => {
      const one = entry(on, move(mass(alloy, mg), { place: from }, { place: to }));
      return isReversed ? [one, entry(on, reversed(one, on, '').lines)] : [one];
    }),
  );

  test('in = out + held + lost at every date, gross and in each fine metal', () => {
    fc.assert(
      fc.property(booked, (entries) => {
        for (const day of days) {
          const { mg, fine } = sumOf(balances(entries, day));
          expect([mg, ...fineMetals.map((metal) => fine[metal])]).toEqual([0, 0, 0, 0, 0]);
        }
      }),
      { numRuns: 150, seed: 22 },
    );
  });

  test('statements of two periods join: the end of one is the start of the next', () => {
    fc.assert(
      fc.property(booked, (entries) => {
        const flowsOf = (from: string, until: string) =>
          entries.filter(({ on }) => on >= from && on <= until).flatMap(({ lines }) => lines);
        const first = statements([], flowsOf('2024-01-01', '2024-12-31'));
        const second = statements(balances(entries, '2024-12-31'), flowsOf('2025-01-01', '2026-12-31'));
        for (const { alloy, start, end, held, outside } of second) {
          expect(start).toBe(first.find((one) => one.alloy === alloy)?.end ?? 0);
          expect(end).toBe(Object.values(held).reduce((sum, mg) => sum + mg, 0));
          const now = balances(entries).filter((one) => one.alloy === alloy && heldKind(one.place) !== null);
          expect(end).toBe(now.reduce((sum, { mg }) => sum + mg, 0));
          expect(start + Object.values(outside).reduce((sum, mg) => sum + mg, 0)).toBe(end);
        }
      }),
      { numRuns: 100, seed: 23 },
    );
  });

  test('a counter-entry leaves everything as it was', () => {
    const one = entry(
      '2026-03-01',
      move(
        mass('gold-14k-yellow', 777),
        { place: 'supplier' },
        { place: 'stock', lot: 'x', pieces: 2, paidMinor: 900 },
      ),
    );
    expect(balances([one, entry('2026-03-02', reversed(one, '2026-03-02', 'typed twice').lines)])).toEqual([]);
  });
});

test('fine metal is told by kind of place', () => {
  const held = balances([
    entry('2026-03-01', move(mass('silver-925', 100_000), { place: 'supplier' }, { place: 'stock' })),
    entry('2026-03-01', move(mass('silver-925', 40_000), { place: 'stock' }, { place: 'finished' })),
  ]);
  const fine = fineHeld(held);
  expect([fine.stock.Ag, fine.finished.Ag, fine.jar.Ag]).toEqual([55_500, 37_000, 0]);
});
