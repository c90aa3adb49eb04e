// All sizes of a piece: its size rows, or every pattern in every size row.
import type { Piece } from './piece.ts';
import type { Size, Sizes } from './sizes.ts';

const known = new WeakMap<Sizes, readonly Size[]>();

/**
 * Every size a piece is made in, in order: pattern by pattern where the piece has patterns. A measure that a pattern
 * gives wins over that of the size row.
 * @returns the same array for the same sizes; none for a piece without sizes
 */
export function sizesOf({ sizes }: Pick<Piece, 'sizes'>): readonly Size[] {
  const found = known.get(sizes) ?? combined(sizes);
  known.set(sizes, found);
  return found;
}

/** Whether the piece has sizes. */
export function hasSizes(piece: Pick<Piece, 'sizes'>): boolean {
  return sizesOf(piece).length > 0;
}

function combined({ patterns, rows }: Sizes): readonly Size[] {
  if (patterns.length === 0) return rows;
  if (rows.length === 0) return patterns;
  return patterns.flatMap((pattern) => rows.map((row) => inPattern(pattern, row)));
}

function inPattern(pattern: Size, row: Size): Size {
  const given = Object.entries(pattern.values).filter(([, text]) => text.trim() !== '');
  return {
    id: `${pattern.id}.${row.id}`,
    name: [pattern.name.trim(), row.name.trim()].filter(Boolean).join(', '),
    values: { ...row.values, ...Object.fromEntries(given) },
  };
}
