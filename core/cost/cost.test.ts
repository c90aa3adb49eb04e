// Each line of the cost against a sum by hand.
import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { pendant, workshop, workshopFix, workshopRates } from '../price/fixtures/workshop.ts';
import { countPiece } from '../price/piece/count-piece.ts';
import { readRates } from '../studio/rates.ts';
import { rejectsEach } from './rejects.ts';

const count = countPiece(pendant, workshopRates, workshopFix);
const line = (key: string) => count.column.lines.find((one) => one.key === key);
const exact = (key: string) => count.column.exact[count.column.lines.findIndex((one) => one.key === key)] ?? NaN;

describe('labour', () => {
  // Cut 10 ÷ 10 + 2 and set 8 at 30 an hour, solder 6 at 24: 11 × 0.50 + 6 × 0.40 = 7.90.
  test('is paid at the rate of the maker of each step', () => {
    expect(count.minutes.value).toBeCloseTo(17, 9);
    expect(exact('labour')).toBeCloseTo(790, 9);
    expect(line('labour')?.each.from.map(({ label }) => label)).toEqual(['maker’s rate', 'Second’s rate']);
  });
});

describe('bought items', () => {
  test('have a line each for findings, stones and outwork', () => {
    expect([exact('findings'), exact('stones'), exact('outwork')]).toEqual([35, 420, 210]);
  });

  test('packaging comes from the studio unless the piece has its own', () => {
    expect(exact('packaging')).toBe(60);
    const own = countPiece({ ...pendant, packaging: '1.10' }, workshopRates, workshopFix);
    expect(own.column.lines.find(({ key }) => key === 'packaging')?.each.value).toBe(110);
  });

  // Under 7.78 g of silver no hallmark is due in Britain (Hallmarking Act 1973 as amended, from memory).
  test('hallmarks are charged by weight when they are due or when the maker says so', () => {
    const grams = count.parts.reduce((sum, { net }) => sum + (net?.value ?? 0), 0);
    expect(grams).toBeLessThan(7.78);
    expect(line('marks')).toBeUndefined();
    const marked = countPiece({ ...pendant, marks: 'yes' }, workshopRates, workshopFix).column;
    expect(marked.lines.find(({ key }) => key === 'marks')?.each.value).toBe(grams <= 5 ? 120 : 250);
    // Five of them are above Britain's limit of 7.78 g; in the United States none is due.
    const heavy = { ...pendant, parts: pendant.parts.map((part) => ({ ...part, count: `5 * (${part.count})` })) };
    const abroad = readRates({ ...workshop, country: 'US' }, 1);
    const due = countPiece(heavy, workshopRates, workshopFix).column;
    expect(due.lines.some(({ key }) => key === 'marks')).toBe(true);
    for (const never of [
      countPiece({ ...heavy, marks: 'no' }, workshopRates, workshopFix),
      countPiece(heavy, abroad, workshopFix),
    ])
      expect(never.column.lines.some(({ key }) => key === 'marks')).toBe(false);
  });
});

describe('scrap', () => {
  // A gram of sterling at 1.00 a gram of silver: 0.925 and the copper in it.
  const content = 100 * 0.925 + 0.8 * 0.075;
  const grams = (kind: 'clean' | 'soldered' | 'filings') =>
    count.parts.reduce((sum, { scrap }) => sum + (scrap[kind]?.value ?? 0), 0);
  const lot = 2000 / 400;

  test('clean scrap returns its share, and other scrap passes the refiner’s loss and fee', () => {
    const back =
      grams('clean') * content * 0.8 +
      grams('soldered') * (content * 0.6 * 0.96 - lot) +
      grams('filings') * (content * 0.5 * 0.96 - lot);
    expect(-exact('scrap')).toBeCloseTo(back, 6);
  });

  test('scrap that nobody buys has no value', () => {
    const full = (grams('clean') + grams('soldered') + grams('filings')) * content;
    expect(count.column.lost?.value).toBeCloseTo(full + exact('scrap'), 6);
  });

  test('scrap that costs more than it returns is kept', () => {
    const dear = readRates({ ...workshop, lotCharge: '900' }, 1);
    const { lines } = countPiece(pendant, dear, workshopFix).column;
    const takesOff = -(lines.find(({ key }) => key === 'scrap')?.each.value ?? NaN);
    expect(takesOff).toBeCloseTo(grams('clean') * content * 0.8, 0);
  });
});

describe('rejects', () => {
  // Of 100 begun 90 leave the torch and 85.5 the setting. For each good one 1 ÷ 0.855 are begun: 0.11696 are spoilt at the
  // torch and 0.05263 in the setting.
  test('are paid by the pieces of good quality', () => {
    const steps = [
      { name: 'Cut', yield: 1, spent: 100 },
      { name: 'Solder', yield: 0.9, spent: 300 },
      { name: 'Set', yield: 0.95, spent: 700 },
    ];
    const rejects = rejectsEach(steps, given('metal', 250, 'GBP', 'test'), 'GBP');
    const [torch, setting] = [0.1 / 0.855, 0.05 / 0.95];
    expect(rejects?.takes.value).toBeCloseTo((torch + setting) * 100, 9);
    expect(rejects?.each.value).toBeCloseTo(torch * 550 + setting * 950, 9);
    expect(torch + setting).toBeCloseTo(1 / 0.855 - 1, 12);
  });

  test('cost nothing at full yield', () => {
    expect(rejectsEach([{ name: 'Cut', yield: 1, spent: 9 }], given('metal', 1, 'GBP', ''), 'GBP')).toBeNull();
  });

  test('lose their metal less its scrap value, and the work up to the spoilt step', () => {
    const [torch] = line('rejects')?.each.from ?? [];
    // Cut and solder: 9 of 17 minutes of hands, studio and consumables.
    const bench = exact('labour') + exact('overhead') + exact('consumables');
    expect(torch?.from[2]?.value).toBeCloseTo((bench * 9) / 17, 6);
    const content = 100 * 0.925 + 0.8 * 0.075;
    const net = count.parts.reduce((sum, part) => sum + (part.net?.value ?? 0), 0);
    const metal = exact('metal') + exact('solder') + exact('scrap') - net * (content * 0.6 * 0.96 - 5);
    expect(torch?.from[1]?.value).toBeCloseTo(metal, 6);
  });
});

test('the lines add up to the cost, to the minor unit', () => {
  const { cost, lines } = count.column;
  expect(lines.reduce((sum, { each }) => sum + each.value, 0)).toBe(cost.value);
});
