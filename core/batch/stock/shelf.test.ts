// The shelf and what a cutting plan does to it: grams in are grams out, and what is given back is just what was held.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../../metal/alloy.ts';
import { stockKey } from '../cut-list.ts';
import { type CutStock, entriesOfCut, entriesOfReturn, gramsHeld } from '../cutting/issue-metal.ts';
import { keyOfLot, newLotSchema, type NewShelfEntry, readLot, type ShelfLot } from './shelf.ts';

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
const lot: ShelfLot = { ...read.lot, id: 'wire', count: read.count };

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
  entriesOfCut({ currency: 'GBP', stock }, lots, alloys, newId, 'batch');
const entriesOf = (result: ReturnType<typeof cut>): readonly NewShelfEntry[] => {
  if ('sentence' in result) throw new Error(result.sentence);
  return result;
};
/** The shelf after entries. */
function after(lots: readonly ShelfLot[], entries: readonly NewShelfEntry[]): ShelfLot[] {
  const counts = new Map(lots.map((one) => [one.id, one]));
  for (const { lot: of, change } of entries)
    if (of) counts.set(of.id, { ...of, count: (counts.get(of.id)?.count ?? 0) + change });
  return [...counts.values()].filter(({ count }) => count > 0);
}

describe('an accepted plan', () => {
  test('takes the bar, adds the offcut and records the scrap', () => {
    const grams = lot.grams;
    const entries = entriesOf(cut([{ lotId: 'wire', blankGrams: 0.7 * grams, offcut: { lengthMm: 250 } }]));
    expect(entries.map(({ how, change }) => [how, change])).toEqual([
      ['cut', -1],
      ['offcut', 1],
      ['scrap', 0],
    ]);
    expect(entries[2]?.grams).toBeCloseTo(0.05 * grams, 9);
    expect(gramsHeld(entries)).toBeCloseTo(0.7 * grams, 9);
  });

  test('first receives the stock that was bought for it', () => {
    const bought = boughtLike(lot);
    const entries = entriesOf(cut([{ lotId: null, bought, blankGrams: 1, offcut: null }]));
    expect(entries.map(({ how }) => how)).toEqual(['in', 'cut', 'scrap']);
    expect(entries[0]?.lot).toMatchObject({ paidMinor: 1000 });
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

describe('a returned plan', () => {
  const plans = fc.array(
    fc.record({
      share: fc.double({ min: 0.1, max: 0.6, noNaN: true }),
      kept: fc.constantFrom(0, 100, 390),
      isBought: fc.boolean(),
    }),
    { minLength: 1, maxLength: 3 },
  );

  test('neither gains nor loses grams, and leaves stock as before but for purchases', () => {
    fc.assert(
      fc.property(plans, (lines) => {
        const bought = boughtLike(lot);
        const stock = lines.map(({ share, kept, isBought }): CutStock => ({
          lotId: isBought ? null : 'wire',
          ...(isBought && { bought }),
          blankGrams: share * lot.grams,
          offcut: kept > 0 ? { lengthMm: kept } : null,
        }));
        const entries = entriesOf(cut(stock));
        const blanks = lines.reduce((sum, { share }) => sum + share * lot.grams, 0);
        expect(gramsHeld(entries)).toBeCloseTo(blanks, 9);
        const then = after([lot], entries);
        const back = entriesOfReturn(entries, then, 'batch');
        if ('sentence' in back) throw new Error(back.sentence);
        expect(gramsHeld([...entries, ...back])).toBeCloseTo(0, 9);
        // What was bought for the batch lies there now.
        const came = entries.filter(({ how }) => how === 'in').map(({ lot: of }) => ({ ...of, count: 1 }));
        expect(after(then, back)).toHaveLength(1 + came.length);
        expect(after(then, back)).toEqual(expect.arrayContaining([lot, ...came]));
      }),
      { numRuns: 100, seed: 5 },
    );
  });

  test('is returned once only, and not after its offcut was used', () => {
    const entries = entriesOf(cut([{ lotId: 'wire', blankGrams: 1, offcut: { lengthMm: 250 } }]));
    const then = after([lot], entries);
    const back = entriesOfReturn(entries, then, 'batch') as readonly NewShelfEntry[];
    expect(entriesOfReturn([...entries, ...back], after(then, back), 'batch')).toEqual([]);
    const used = then.filter(({ isOffcut }) => !isOffcut);
    expect(entriesOfReturn(entries, used, 'batch')).toMatchObject({
      sentence: expect.stringContaining('offcut') as string,
    });
  });
});
