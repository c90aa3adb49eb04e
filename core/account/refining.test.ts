// Settlements and the economic lot, by hand.
import { describe, expect, test } from 'vitest';
import { given } from '../figure/figure.ts';
import { expectedSettlement, learnTerms, whenToSend } from './refining.ts';

const terms = { paid: 0.9, loss: 0.02, chargeMinor: 4500 };
const silver = given('fine silver', 80, 'GBP/g', 'invented');

describe('what a consignment should bring', () => {
  test('fine metal × price × what is left after the melt × share paid, less the charge', () => {
    // 300 g of sterling hold 277.5 g: 277.5 × 80 × 0.98 × 0.9 = 19,580.40; less 4,500.
    const figure = expectedSettlement([{ mg: 277_500, perGram: silver }], terms, 'GBP');
    expect(figure.value).toBeCloseTo(15_080.4, 6);
  });

  test('a small lot costs more than it brings', () => {
    expect(expectedSettlement([{ mg: 20_000, perGram: silver }], terms, 'GBP').value).toBeLessThan(0);
  });
});

describe('when to send', () => {
  const perMg = (0.925 * 80 * 0.98 * 0.9) / 1000;

  test('the charge is covered from charge ÷ value', () => {
    // 4,500 ÷ 0.0652680 a mg = 68,946 mg.
    expect(whenToSend(50_000, perMg, 10_000, terms, 0.08).paysFromMg).toBeCloseTo(68_946.5, 0);
  });

  test('the best lot is Harris’s square root of 2 × yearly weight × charge ÷ (value × rate)', () => {
    const { bestMg, monthsToBest, shouldSend } = whenToSend(200_000, perMg, 10_000, terms, 0.08);
    expect(bestMg).toBeCloseTo(Math.sqrt((2 * 120_000 * 4500) / (perMg * 0.08)), 6);
    expect(monthsToBest).toBeCloseTo((bestMg - 200_000) / 10_000, 6);
    expect(shouldSend).toBe(false);
    expect(whenToSend(500_000, perMg, 10_000, terms, 0.08)).toMatchObject({ monthsToBest: 0, shouldSend: true });
  });

  // An independent formulation: the yearly cost of charges and waiting, tried weight by weight.
  test('no other weight costs less a year', () => {
    const yearlyCost = (mg: number) => (120_000 / mg) * 4500 + (mg / 2) * perMg * 0.08;
    const { bestMg } = whenToSend(0, perMg, 10_000, terms, 0.08);
    for (let mg = 50_000; mg < 1_500_000; mg += 5000)
      expect(yearlyCost(bestMg)).toBeLessThanOrEqual(yearlyCost(mg) + 1e-9);
  });

  test('metal without a price is never sent, and a jar that nothing joins has no month', () => {
    expect(whenToSend(1000, 0, 10, terms, 0.08).shouldSend).toBe(false);
    expect(whenToSend(1000, perMg, 0, terms, 0.08)).toMatchObject({ monthsToBest: null });
  });
});

describe('what settlements teach', () => {
  test('the first changes little, ten the most of it; the spread falls to that of one settlement', () => {
    const short = { expectedMinor: 10_000, actualMinor: 9000 };
    // Normal mean with known variance (Gelman et al., Bayesian Data Analysis, 2.5): 1 − 0.1 × 625 ÷ (400 + 625).
    expect(learnTerms([short]).factor).toBeCloseTo(1 - (0.1 * 625) / 1025, 9);
    expect(learnTerms(Array.from({ length: 10 }, () => short)).factor).toBeCloseTo(1 - (0.1 * 6250) / 6650, 9);
    expect(learnTerms([])).toMatchObject({ factor: 1, settlements: 0 });
    expect(learnTerms([]).spread).toBeGreaterThan(learnTerms([short]).spread);
  });
});
