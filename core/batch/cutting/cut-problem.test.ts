// A batch's stock as a problem for the planner, and what a plan for it comes to.
import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, test } from 'vitest';
import { solveWith } from '../../../solver/highs.ts';
import { planBars } from '../../cut/bars/plan-bars.ts';
import { planSheets } from '../../cut/sheets/plan-sheets.ts';
import { alloysWith } from '../../metal/alloy.ts';
import { pendant, workshopFix, workshopRates } from '../../price/fixtures/workshop.ts';
import { countPiece } from '../../price/piece/count-piece.ts';
import { batchSchema } from '../batch.ts';
import { countBatch } from '../count-batch.ts';
import type { CutLine } from '../cut-list.ts';
import { newLotSchema, readLot, type ShelfLot } from '../stock/shelf.ts';
import { barProblemOf, type CutTerms, kerfFor, sheetProblemOf } from './cut-problem.ts';
import { acceptedStock, cutSums, standingInWords } from './planned-cut.ts';

const highs = await loadHighs();
const batch = batchSchema.parse({
  lines: [{ id: 'l', pieceId: 'p', pieceRevision: 1, quantities: { '': '10' } }],
  due: '',
  customer: '',
  note: '',
});
const count = countBatch(
  batch,
  batch.lines.map((line) => ({ line, piece: pendant })),
  workshopRates,
  workshopFix,
);
const sheet = count.issue.find(({ section }) => section.form === 'sheet');
const wire = count.issue.find(({ section }) => section.form === 'round');
if (!sheet || !wire) throw new Error('The pendant is cut from sheet and from wire.');
/** The same wire, its parts without a kerf of their own. */
const plainWire = { ...wire, lines: wire.lines.map((line) => ({ ...line, part: { ...line.part, kerf: '' } })) };
const alloys = alloysWith([]);

function lotOf(id: string, typed: object, isOffcut = false): ShelfLot {
  const read = readLot(newLotSchema.parse(typed), alloys, 'GBP');
  if ('problems' in read) throw new Error(JSON.stringify(read.problems));
  const label = { number: 1, supplier: '', owner: '', where: '', since: '2026-03-01' };
  return { ...read.lot, ...label, id, count: read.count, isOffcut };
}
const round = { alloy: 'silver-925', section: { form: 'round', diameter: '2 mm' } };
const lots = [
  lotOf('bar', { ...round, length: '500 mm', count: '2', paid: '40' }),
  lotOf('short', { ...round, length: '120 mm' }, true),
  lotOf('gift', { ...round, length: '250 mm' }),
  lotOf('thin', { ...round, section: { form: 'round', diameter: '1 mm' }, length: '900 mm' }),
];
const terms: CutTerms = {
  kerfMm: 0.3,
  keepFromMm: 30,
  gapMm: 0.5,
  marginMm: 1,
  keepSheetMm: { short: 10, long: 30 },
  sheetCutting: 'free',
  keepsGrain: false,
  bought: [{ id: 'new', size: { lengthMm: 1000 }, priceMinor: null }],
};

describe('bars', () => {
  const problem = barProblemOf(wire, lots, terms);

  test('only stock of this metal and section is used; an offcut costs nothing, other stock its price or its weight', () => {
    expect(problem.stock.map(({ id, cost }) => [id, cost])).toEqual([
      ['short', 0],
      // Nobody knows what was paid for it: by the gram as the bars, half as long, half as dear.
      ['gift', 1000],
      ['bar', 2000],
      // Twice as long, and a penny over.
      ['new', 4001],
    ]);
  });

  test('the pieces are the cut list in whole micrometres', () => {
    const post = countPiece(pendant, workshopRates, workshopFix).parts[1];
    const length = post?.cut?.kind === 'length' ? post.cut.length.value : NaN;
    expect(problem.pieces).toEqual([{ id: wire.lines[0]?.key, length: Math.round(length * 1000) / 1000, count: 10 }]);
  });

  test('the grams of a plan are blanks, offcuts and scrap', () => {
    const key = wire.lines[0]?.key ?? '';
    const remainder = 500 - 10 * ((problem.pieces[0]?.length ?? NaN) + 0.3);
    const plan = {
      cost: 2000,
      bound: 2000,
      consumed: 0,
      consumedBound: 0,
      proved: true,
      bars: [{ stock: 'bar', cuts: { [key]: 10 }, remainder }],
    };
    const sums = cutSums(wire, plan, lots, terms);
    expect(sums.shelf).toBeCloseTo(lots[0]?.grams ?? NaN, 9);
    expect(sums.offcuts).toBeCloseTo((remainder / 500) * (lots[0]?.grams ?? NaN), 9);
    expect(sums.blanks + sums.offcuts + sums.scrap).toBeCloseTo(sums.shelf, 9);
    expect(acceptedStock(wire, plan, lots, terms, 'GBP')).toMatchObject([
      { lotId: 'bar', offcut: { lengthMm: remainder } },
    ]);
    const bought = { ...plan, bars: [{ stock: 'new', cuts: { [key]: 10 }, remainder: 12 }] };
    expect(acceptedStock(wire, bought, lots, terms, 'GBP')).toMatchObject([
      { lotId: null, offcut: null, bought: { alloy: 'silver-925', size: { lengthMm: 1000 } } },
    ]);
    expect(cutSums(wire, bought, lots, terms)).toMatchObject({ toBuy: 1, shelf: 0 });
  });

  test('the quality of a plan is given in words', () => {
    const plan = { cost: 200, bound: 190, consumed: 0, consumedBound: 0, proved: false, bars: [] };
    expect(standingInWords(plan)).toBe('Within 5.0 % of the optimum');
    expect(standingInWords({ ...plan, bound: 200 })).toContain('Minimum stock (proven)');
    expect(standingInWords({ ...plan, proved: true })).toBe('Proven optimal');
  });
});

test('discs of sheet are cut with their trim, and sheet is bought in its own size', () => {
  const bought = [{ id: 'new', size: { widthMm: 100, heightMm: 80 }, priceMinor: 9000 }];
  const problem = sheetProblemOf(sheet, lots, { ...terms, bought });
  expect(problem.sheets).toEqual([{ id: 'new', width: 100, height: 80, count: null, cost: 9000 }]);
  const face = countPiece(pendant, workshopRates, workshopFix).parts[0];
  const diameter = face?.cut?.kind === 'disc' ? face.cut.diameter.value : NaN;
  expect(problem.pieces).toEqual([{ id: sheet.lines[0]?.key, shape: 'disc', diameter, count: 10 }]);
});

describe('grams of any plan', () => {
  const still = { seconds: 2, elapsed: () => 0 };
  const solve = solveWith(highs);

  function plansOf<Plan>(steps: Generator<Plan, Plan | { readonly sentence: string }>): Plan[] {
    const plans: Plan[] = [];
    let step = steps.next();
    while (!step.done) {
      plans.push(step.value);
      step = steps.next();
    }
    return plans;
  }

  test('of bars are blanks, offcuts and scrap of every lot, before and after acceptance', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 60, max: 900 }), { minLength: 1, maxLength: 4 }),
        fc.constantFrom(0, 0.3, 1),
        fc.constantFrom(0, 20, 80),
        (lengths, kerfMm, keepFromMm) => {
          const shelf = lengths.map((mm, index) => {
            return lotOf(`lot ${String(index)}`, { ...round, length: `${String(mm)} mm`, paid: '9' });
          });
          const own = { ...terms, kerfMm, keepFromMm };
          const problem = barProblemOf(plainWire, shelf, own);
          for (const plan of plansOf(planBars(problem, solve, still))) {
            const { shelf: off, bought, blanks, offcuts, scrap } = cutSums(plainWire, plan, shelf, own);
            expect(blanks + offcuts + scrap).toBeCloseTo(off + bought, 6);
            expect(blanks).toBeGreaterThan(0);
            const stock = acceptedStock(plainWire, plan, shelf, own, 'GBP');
            expect(stock).toHaveLength(plan.bars.length);
            expect(stock.reduce((sum, { blankGrams }) => sum + blankGrams, 0)).toBeCloseTo(blanks, 9);
            for (const { offcut } of stock)
              if (offcut) expect('lengthMm' in offcut && offcut.lengthMm).toBeGreaterThanOrEqual(keepFromMm);
            expect(kerfMm === 0 && keepFromMm === 0 ? scrap : 0).toBeCloseTo(0, 6);
          }
        },
      ),
      { numRuns: 25, seed: 6 },
    );
  });

  test('of sheet do not depend on positions, and an offcut is a rectangle of at least the size to keep', () => {
    const own = { ...terms, bought: [{ id: 'new', size: { widthMm: 100, heightMm: 80 }, priceMinor: 9000 }] };
    let looked = 0;
    const moving = { seconds: 1, elapsed: () => (looked += 0.005) };
    for (const plan of plansOf(planSheets(sheetProblemOf(sheet, lots, own), moving))) {
      const { bought, blanks, offcuts, scrap, toBuy } = cutSums(sheet, plan, lots, own);
      expect(blanks + offcuts + scrap).toBeCloseTo(bought, 6);
      expect(toBuy).toBe(plan.sheets.length);
      for (const { offcut } of acceptedStock(sheet, plan, lots, own, 'GBP'))
        if (offcut && 'widthMm' in offcut) expect(Math.min(offcut.widthMm, offcut.heightMm)).toBeGreaterThanOrEqual(10);
    }
  });
});

test('the plan cuts with the kerf that its parts name, else with that of the tool', () => {
  const line = (kerf: string) => ({ part: { kerf } }) as CutLine;
  expect(kerfFor({ lines: [line(''), line('')] }, { kerfMm: 0.3 })).toBe(0.3);
  expect(kerfFor({ lines: [line('0.2 mm'), line('0.5 mm'), line('')] }, { kerfMm: 0.3 })).toBe(0.5);
  expect(kerfFor({ lines: [line('0')] }, { kerfMm: 0.3 })).toBe(0);
});
