import { describe, expect, test } from 'vitest';
import { alloysWith } from '../../core/metal/alloy.ts';
import { discBlank, pieceOf, sheet } from '../../core/piece/fixtures/check.ts';
import { checkOutcome } from './check.ts';

const alloys = alloysWith([]);
const steel = pieceOf({
  name: 'Cog',
  parts: [{ id: 'p', alloy: 'steel-low-carbon', section: sheet(), blank: discBlank }],
  steps: ['Pickle'],
});
const check = (file: unknown) => checkOutcome(typeof file === 'string' ? file : JSON.stringify(file), alloys, 'GB');

describe('noon check', () => {
  test('gives the findings of each piece as the screen does', () => {
    const file = { format: 'noon-ledger/pieces', version: 2, pieces: [steel, { ...steel, name: 'Bare', steps: [] }] };
    expect(check(file)).toEqual({
      pieces: [
        {
          name: 'Cog',
          remarks: [
            {
              rule: 'steel-pickle',
              severity: 'stop',
              about: 'Pickle',
              sentence: expect.stringContaining('steel') as string,
              why: expect.stringContaining('plates copper') as string,
              remedy: 'Brush it clean instead',
              known: null,
            },
          ],
        },
        { name: 'Bare', remarks: [] },
      ],
    });
  });

  test.each([
    ['{', /^This is not JSON/],
    [{ format: 'drawing' }, /not a Noon Ledger piece file/],
    [
      { format: 'noon-ledger/piece', version: 2, piece: { ...steel, parts: [{ ...steel.parts[0], trim: 1 }] } },
      /^At piece\.parts\.0\.trim/,
    ],
  ])('gives the place and the reason for a damaged file (%#)', (file, error) => {
    expect(check(file)).toEqual({ error: expect.stringMatching(error) as string });
  });
});
