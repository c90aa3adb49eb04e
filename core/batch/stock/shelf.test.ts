// Stock, and what a cutting plan does to it: grams in are grams out, and a counter-entry leaves nothing behind.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { balances } from '../../account/balance.ts';
import { isBalanced, type MetalEntry, mgOf, reversed, sumOf } from '../../account/entry.ts';
import { alloysWith } from '../../metal/alloy.ts';
import { stockKey } from '../cut-list.ts';
import { bookCut, type Booking, type CutStock, gramsHeld } from '../cutting/issue-metal.ts';
import { keyOfLot, newLotSchema, readLot, type ShelfLot } from './shelf.ts';

const alloys = alloysWith([]);
const wire = newLotSchema.parse({
  alloy: 'silver-925',
  section: { form: 'round', diameter: '1 mm' },
  length: '1 m',
  count: '3',
  paid: '30',
});
const read = readLot(wire, alloys, 'GBP');
if ('problems' in read) throw new Error(JSON.stringify(read.problems));
const label = { number: 1, supplier: '', owner: '', where: '', since: '2026-03-01' };
const lot: ShelfLot = { ...read.lot, ...label, id: 'wire', count: read.count };

describe('received stock', () => {
  test('a metre of 1 mm sterling weighs π/4 × 1 mm² × 1000 mm × 10.36 g/cm³ and costs a third of three', () => {
    expect(read.lot.grams).toBeCloseTo((Math.PI / 4) * 10.36, 9);
    expect(read).toMatchObject({ count: 3, lot: { paidMinor: 1000, size: { lengthMm: 1000 }, isOffcut: false } });
  });

  test('18 gauge and 1.02 mm are one stock, and another alloy is another stock', () => {
    const gauge = readLot({ ...wire, section: { form: 'round', diameter: '18 ga' } }, alloys, 'GBP');
    if ('problems' in gauge) throw new Error('18 ga is a gauge of silver.');
    // ASTM B258: 18 gauge is 1.02362 mm.
    expect(keyOfLot(gauge.lot)).toBe(stockKey('silver-925', { form: 'round', diameterMm: 1.0236 }));
    expect(keyOfLot(lot)).not.toBe(stockKey('silver-999', { form: 'round', diameterMm: 1 }));
  });

  test('a sheet has two lengths, and a field that cannot be read is named', () => {
    const sheet = {
      ...wire,
      section: { form: 'sheet' as const, thickness: '0.8 mm' },
      length: '',
      width: '100',
      height: '3 in',
    };
    expect(readLot(sheet, alloys, 'GBP')).toMatchObject({ lot: { size: { widthMm: 100, heightMm: 76.2 } } });
    expect(readLot({ ...wire, length: 'long' }, alloys, 'GBP')).toMatchObject({ problems: [{ path: 'length' }] });
    expect(readLot({ ...wire, alloy: 'unobtainium' }, alloys, 'GBP')).toMatchObject({ problems: [{ path: 'alloy' }] });
  });
});

/** As it is bought: without what the shelf knows of it. */
const boughtLike = ({ alloy, section, size, temper, paidMinor, currency }: ShelfLot) => {
  return { alloy, section, size, temper, paidMinor, currency };
};

let ids = 0;
const newId = () => `new ${String((ids += 1))}`;
const cut = (stock: CutStock[], lots: readonly ShelfLot[] = [lot]) =>
  bookCut({ currency: 'GBP', stock }, { lots, alloys, newId, batchId: 'batch', on: '2026-03-02' });
const bookingOf = (result: ReturnType<typeof cut>): Booking => {
  if ('sentence' in result) throw new Error(result.sentence);
  return result;
};
const stored = ({ entries }: Booking): MetalEntry[] =>
  entries.map((entry, at) => ({ ...entry, id: at + 1, at: '2026-03-02T10:00:00Z', correctedBy: null }));
const mgAt = (place: string, entries: readonly MetalEntry[]) =>
  sumOf(entries.flatMap(({ lines }) => lines.filter((line) => line.place === place))).mg;

describe('an accepted plan', () => {
  const grams = lot.grams;

  test('takes the bar, keeps the offcut, fills the jar and leaves the blanks with the batch', () => {
    const booking = bookingOf(cut([{ lotId: 'wire', blankGrams: 0.7 * grams, offcut: { lengthMm: 250 } }]));
    const entries = stored(booking);
    expect(booking.lots).toMatchObject([{ kind: 'offcut', lot: { size: { lengthMm: 250 }, isOffcut: true } }]);
    expect(entries.every(({ lines }) => isBalanced(lines))).toBe(true);
    expect(gramsHeld(entries, 'batch')).toBeCloseTo(0.7 * grams, 2);
    expect(mgAt('jar/clean/silver-925', entries)).toBe(mgOf(0.05 * grams));
    expect(mgAt('stock', entries)).toBe(mgOf(0.25 * grams) - mgOf(grams));
  });

  test('first receives the stock that was bought for it', () => {
    const bought = boughtLike(lot);
    const { entries } = bookingOf(cut([{ lotId: null, bought, blankGrams: 1, offcut: null }]));
    expect(entries.map(({ kind }) => kind)).toEqual(['received', 'issued']);
    expect(entries[0]?.lines.find(({ place }) => place === 'supplier')?.paidMinor).toBe(1000);
  });

  test('a bar that was weighed weighs more than its measures say, and so do its blanks', () => {
    const heavy = { ...lot, grams: 1.02 * grams };
    const entries = stored(
      bookingOf(cut([{ lotId: 'wire', blankGrams: 0.75 * grams, offcut: { lengthMm: 250 } }], [heavy])),
    );
    expect(gramsHeld(entries, 'batch')).toBeCloseTo(1.02 * 0.75 * grams, 2);
    expect(mgAt('jar/clean/silver-925', entries)).toBe(0);
  });

  test('is refused when there is too little stock, or a bar is too short', () => {
    const line = { lotId: 'wire', blankGrams: 1, offcut: null };
    expect(cut([line, line, line, line])).toMatchObject({ sentence: expect.stringContaining('fewer bars') as string });
    expect(cut([{ ...line, lotId: 'gone' }])).toMatchObject({
      sentence: expect.stringContaining('no longer in stock') as string,
    });
    expect(cut([{ ...line, offcut: { lengthMm: 999 } }])).toMatchObject({
      sentence: expect.stringContaining('shorter than its blanks') as string,
    });
  });
});

const plans = fc.array(
  fc.record({
    share: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
    kept: fc.constantFrom(0, 100, 390),
    isBought: fc.boolean(),
  }),
  { minLength: 1, maxLength: 3 },
);

test('a plan neither gains nor loses a milligram, and its counter-entry leaves nothing behind', () => {
  fc.assert(
    fc.property(plans, (lines) => {
      const bought = boughtLike(lot);
      const stock = lines.map(({ share, kept, isBought }): CutStock => ({
        lotId: isBought ? null : 'wire',
        ...(isBought && { bought }),
        blankGrams: share * lot.grams,
        offcut: kept > 0 ? { lengthMm: kept } : null,
      }));
      const entries = stored(bookingOf(cut(stock)));
      expect(entries.every((entry) => isBalanced(entry.lines))).toBe(true);
      const blanks = lines.reduce((sum, { share }) => sum + share * lot.grams, 0);
      expect(Math.abs(gramsHeld(entries, 'batch') - blanks)).toBeLessThanOrEqual(0.0015 * lines.length);
      const back = entries.map((entry) => ({ ...entry, lines: reversed(entry, '2026-03-03', '').lines }));
      expect(balances([...entries, ...back])).toEqual([]);
    }),
    { numRuns: 100, seed: 5 },
  );
});
