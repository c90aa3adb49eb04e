import { describe, expect, test } from 'vitest';
import { pendant, workshopFix, workshopRates } from '../../core/price/fixtures/workshop.ts';
import { countPiece } from '../../core/price/piece/count-piece.ts';
import { priceOutcome } from './price.ts';

const file = (pieces: unknown) => JSON.stringify({ format: 'noon-ledger/pieces', version: 2, pieces });

describe('noon price', () => {
  test('gives the figures of a piece’s page, and the lines add up to the cost', () => {
    const outcome = priceOutcome(file([pendant]), workshopRates, workshopFix);
    if ('error' in outcome) throw new Error(outcome.error);
    const [priced] = outcome.pieces;
    const count = countPiece(pendant, workshopRates, workshopFix);
    expect(priced).toMatchObject({
      name: 'Pendant',
      currency: 'GBP',
      cost: count.column.cost.value,
      wholesale: count.prices.wholesale.value,
      retail: count.prices.retail.value,
      problems: [],
    });
    expect(Object.values(priced?.lines ?? {}).reduce((sum, line) => sum + line, 0)).toBe(priced?.cost);
  });

  test('says without metal prices that metal costs nothing here', () => {
    const outcome = priceOutcome(file([pendant]), workshopRates, null);
    expect('pieces' in outcome && outcome.pieces[0]?.problems.map(({ path }) => path)).toEqual(['fix']);
  });

  test('refuses a file without pieces in a sentence', () => {
    expect(priceOutcome('{', workshopRates, null)).toHaveProperty('error', expect.stringContaining('not JSON'));
    expect(priceOutcome(file([{ name: 'x' }]), workshopRates, null)).toHaveProperty(
      'error',
      expect.stringMatching(/^At pieces\.0/),
    );
  });
});
