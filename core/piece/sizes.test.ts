import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { computeRecipe } from './compute-recipe.ts';
import { pieceOf, sheet, wire } from './fixtures/check.ts';
import type { Piece } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';
import { parameterProblem } from './sizes.ts';

const alloys = alloysWith([]);
const sized: Piece = {
  ...pieceOf({
    parts: [
      { id: 'disc', section: sheet(), blank: { rule: 'disc', diameter: 'across' } },
      { id: 'rim', section: wire('2 mm'), blank: { rule: 'straight', length: '3.2*across + 1 mm' } },
      { id: 'band', section: wire('2 mm'), blank: { rule: 'ring-band', system: 'uk', size: 'size' } },
      { id: 'post', section: wire(), blank: { rule: 'straight', length: '11 mm' } },
    ],
  }),
  sizes: {
    parameters: [
      { id: 'a', name: 'across' },
      { id: 's', name: 'size' },
    ],
    rows: [
      { id: 'small', name: 'small', values: { a: '20 mm', s: 'L½' } },
      { id: 'large', name: 'large', values: { a: '1 in', s: 'Q' } },
    ],
    price: 'each',
    patterns: [],
  },
};
const lengthsIn = (id: string) => {
  const row = sized.sizes.rows.find((each) => each.id === id);
  if (!row) throw new Error('There is no such size.');
  const { parts, problems } = computeRecipe(pieceInSize(sized, row), alloys);
  return {
    problems,
    mm: parts.map(({ blank }) =>
      blank?.kind === 'length' ? blank.length.value : blank?.kind === 'disc' ? blank.diameter.value : NaN,
    ),
  };
};

describe('a measure of a size in a field', () => {
  test('is used as it is, in a sum, and as a ring size', () => {
    const { mm, problems } = lengthsIn('small');
    expect(problems).toEqual([]);
    // UK L½: 37.5 + 1.25 × 11.5 mm round the inside (BS 6820).
    const expected = [20, 65, 37.5 + 1.25 * 11.5 + 2 * Math.PI, 11];
    mm.forEach((value, index) => expect(value).toBeCloseTo(expected[index] ?? NaN, 9));
  });

  test('changes with the size', () => {
    expect(lengthsIn('large').mm[0]).toBeCloseTo(25.4, 9);
    expect(lengthsIn('large').mm[1]).toBeCloseTo(3.2 * 25.4 + 1, 9);
  });

  test('leaves rows that name no measure the same objects', () => {
    const [row] = sized.sizes.rows;
    const made = row && pieceInSize(sized, row);
    expect(made?.parts[3]).toBe(sized.parts[3]);
    expect(made?.parts[0]).not.toBe(sized.parts[0]);
  });

  test('is reported at the field when the size lacks it', () => {
    const row = { id: 'x', name: '', values: {} };
    expect(computeRecipe(pieceInSize(sized, row), alloys).problems.map(({ path }) => path)).toContain(
      'parts.0.blank.diameter',
    );
  });
});

test('has a unique name of one word that is no unit', () => {
  expect(parameterProblem('across', ['size'])).toBeNull();
  expect(parameterProblem('Size', ['size'])).toMatch(/used twice/);
  expect(parameterProblem('mm', [])).toMatch(/unit already/);
  expect(parameterProblem('inside 2', [])).toMatch(/letters only/);
  expect(parameterProblem('', [])).toMatch(/letters only/);
});
