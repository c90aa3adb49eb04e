// The ledger reads what the format pages show.
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { blankRules } from '../core/blank/blank.ts';
import { countPiece } from '../core/price/piece/count-piece.ts';
import { formNames } from '../core/stock/words.ts';
import { readRates } from '../core/studio/rates.ts';
import { startingStudio } from '../core/studio/studio.ts';
import { pieceFileSchema } from './pieces.ts';

const page = readFileSync('docs/formats/piece.md', 'utf8');
const example = JSON.parse(/```json\n([\s\S]*?)```/.exec(page)?.[1] ?? '') as unknown;

describe('the piece file', () => {
  test('the example on its page is read and can be computed', () => {
    const file = pieceFileSchema.parse(example);
    if (file.format !== 'noon-ledger/piece') throw new Error('The example is one piece.');
    const { piece } = file;
    const rates = readRates(
      startingStudio({ name: '', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' }),
      1,
    );
    const problems = countPiece(piece, rates, null).problems.filter(({ path }) => path !== 'fix');
    expect(problems).toEqual([]);
  });

  test('every form of stock and every blank rule is on the page', () => {
    const words = [...Object.keys(formNames), ...blankRules.map(({ fresh }) => fresh.rule)];
    for (const word of words) expect(page).toContain(`\`${word}\``);
  });

  test('a file that is written and read again is unchanged', () => {
    const file = pieceFileSchema.parse(example);
    expect(pieceFileSchema.parse(JSON.parse(JSON.stringify(file)))).toEqual(file);
  });
});
