// Counts by name: numbers in the place of names, checked by hand.
import { describe, expect, test } from 'vitest';
import { alloysWith } from '../metal/alloy.ts';
import { computeRecipe } from './compute-recipe.ts';
import { pieceSchema, type PieceTyped } from './piece.ts';
import { pieceInSize } from './piece-in-size.ts';

const alloys = alloysWith([]);
const wire = { form: 'round', diameter: '1' } as const;
const part = (id: string, name: string, count: string, more: Partial<PieceTyped['parts'][number]> = {}) => ({
  id,
  name,
  alloy: 'silver-925',
  section: wire,
  blank: { rule: 'straight', length: '20' } as const,
  count,
  trim: '',
  ...more,
});
const row = { price: '', grams: '' };
const recipeOf = (typed: Partial<PieceTyped>) =>
  computeRecipe(
    pieceSchema.parse({ name: '', note: '', batchSize: '1', parts: [], findings: [], steps: [], ...typed }),
    alloys,
  );
const counts = (typed: Partial<PieceTyped>) => recipeOf(typed).parts.map(({ count }) => count);

describe('a count', () => {
  test.each([
    ['posts + 1', 5],
    ['2 * posts', 8],
    ['2 x Posts', 8],
    ['post - 1', 3],
    ['3 * (posts + tide bars)', 18],
    ['7', 7],
  ])('%s is %d with four posts and two tide bars', (typed, expected) => {
    expect(
      counts({ parts: [part('a', 'Post', '4'), part('b', 'Tide bar', '2'), part('c', 'Ring', typed)] }).at(-1),
    ).toBe(expected);
  });

  test('follows the links of a chain, and moves with its length', () => {
    // Inside 4 mm, wire 1 mm: pitch 4 mm; 100 mm need 25 links (common practice: pitch is the inside diameter).
    const chain = (length: string) => part('chain', 'Chain', '1', { blank: { rule: 'chain', length, inside: '4' } });
    const wraps = (length: string) =>
      recipeOf({
        parts: [chain(length), part('w', 'Bars', 'links - 1')],
        joins: [{ id: 'j', name: 'Close the bars', kind: 'solder', parts: ['w'], count: 'bars', amount: '1' }],
      });
    const short = wraps('100 mm');
    const links = short.parts[0]?.count ?? 0;
    expect(links).toBeGreaterThan(20);
    expect(short.parts[1]?.count).toBe(links - 1);
    expect(short.joins[0]?.joints).toBe(links - 1);
    expect(wraps('200 mm').parts[1]?.count).toBe((wraps('200 mm').parts[0]?.count ?? 0) - 1);
  });

  test('follows holes, findings and joins', () => {
    const recipe = recipeOf({
      parts: [
        part('tag', 'Tag', '3', { hole: '1', holes: '2' }),
        part('rivets', 'Rivets', 'tag holes'),
        part('rings', 'Rings', 'holes + pearls'),
        part('tubes', 'Tubes', 'hang'),
      ],
      findings: [{ id: 'p', name: 'Pearl', count: '5', ...row }],
      joins: [{ id: 'h', name: 'Hang', kind: 'link', parts: ['tag'], count: '2 * tag' }],
    });
    expect(recipe.parts.map(({ count }) => count)).toEqual([3, 6, 11, 6]);
    expect(recipe.problems).toEqual([]);
  });

  test('within a sub-assembly is of one sub-assembly, outside of the piece', () => {
    const group = { id: 'g', name: 'Drop', count: '2', closed: false, vents: '' };
    const parts = [
      part('a', 'Posts', '3', { group: 'g' }),
      part('b', 'Caps', 'posts', { group: 'g' }),
      part('c', 'Loops', 'posts'),
      part('d', 'Bails', 'drops'),
    ];
    // Two drops with three posts and three caps each; six loops; two bails.
    expect(counts({ groups: [group], parts })).toEqual([6, 6, 6, 2]);
  });

  test('may name a measure of the size table beside another count', () => {
    const piece = pieceSchema.parse({
      name: '',
      note: '',
      batchSize: '1',
      parts: [part('a', 'Posts', 'rows * 2'), part('b', 'Caps', 'posts + rows')],
      findings: [],
      steps: [],
      sizes: {
        parameters: [{ id: 'r', name: 'rows' }],
        rows: [{ id: 's', name: 'usual', values: { r: '4' } }],
        price: 'each',
      },
    });
    const [size] = piece.sizes.rows;
    const recipe = computeRecipe(size ? pieceInSize(piece, size) : piece, alloys);
    expect(recipe.parts.map(({ count }) => count)).toEqual([8, 12]);
  });

  test('that refers to itself is a problem, not an endless loop', () => {
    const recipe = recipeOf({ parts: [part('a', 'Posts', 'caps'), part('b', 'Caps', 'posts')] });
    expect(recipe.problems.map(({ path, sentence }) => `${path}: ${sentence}`)).toContain(
      'parts.0.count: “caps” refers to itself. Give one of these counts as a number.',
    );
  });

  test('with an unknown name is a problem beside it', () => {
    const { problems } = recipeOf({ parts: [part('a', 'Posts', 'pegs + 1')] });
    expect(problems).toEqual([
      {
        path: 'parts.0.count',
        sentence: '“pegs + 1” is not understood. Give a number, or the name of a part, finding or join: links + 1.',
      },
    ]);
  });
});

test('a name wins over the plural of another, and the order of rows does not matter', () => {
  const parts = [part('a', 'Link', '2'), part('b', 'Links', '9'), part('c', 'Bars', 'links')];
  expect(counts({ parts })).toEqual([2, 9, 9]);
  expect(counts({ parts: [...parts].reverse() })).toEqual([9, 9, 2]);
});

test('a recipe without names stays the same object', () => {
  const piece = pieceSchema.parse({
    name: '',
    note: '',
    batchSize: '1',
    parts: [part('a', 'Posts', '2 x 3')],
    findings: [],
    steps: [],
  });
  expect(computeRecipe(piece, alloys).piece).toBe(piece);
});
