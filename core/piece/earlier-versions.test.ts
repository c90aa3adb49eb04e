// Piece files of version 2 keep their meaning.
import { expect, test } from 'vitest';
import { withStandardTerms } from './earlier-versions.ts';
import { emptyPiece, pieceSchema } from './piece.ts';

const step = { id: 's', name: 'Pickle', station: 'pickle', setUp: '2', each: '' };

test('the step fields of version 2 get the names of version 3 and keep their values', () => {
  const old = { ...emptyPiece, steps: [{ ...step, byItself: '15', meanwhile: true, handsOn: 'all' }] };
  const [read] = pieceSchema.parse(withStandardTerms(old)).steps;
  expect(read).toMatchObject({ unattended: '15', overlaps: true, transfer: 'all' });
});

test('a piece of version 3 comes back as the same object', () => {
  const piece = { ...emptyPiece, steps: [{ ...step, unattended: '15', overlaps: false }] };
  expect(withStandardTerms(piece)).toBe(piece);
});

test('a value that is no piece comes back unchanged', () => {
  for (const value of [null, 3, 'piece', [], {}, { steps: 'none' }, { steps: [null, 4] }])
    expect(withStandardTerms(value)).toBe(value);
});
