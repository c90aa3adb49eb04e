// Changes to the sizes of a piece: measures that vary, and rows.
import type { Sizes } from './sizes.ts';

/** Names offered for measures that vary, in the order they are offered. */
const usualNames = ['size', 'across', 'length', 'height', 'depth', 'span', 'girth', 'reach'];

type Row = Sizes['rows'][number];

/** Adds a measure under the first usual name that is free; the first measure brings the first row. */
export function withMeasure(sizes: Sizes, newId: () => string): Sizes {
  const taken = new Set(sizes.parameters.map(({ name }) => name));
  const name = usualNames.find((usual) => !taken.has(usual)) ?? '';
  return {
    ...sizes,
    parameters: [...sizes.parameters, { id: newId(), name }],
    rows: sizes.rows.length > 0 ? sizes.rows : [{ id: newId(), name: 'one size', values: {} }],
  };
}

/** Renames a measure. */
export function withMeasureNamed(sizes: Sizes, id: string, name: string): Sizes {
  return { ...sizes, parameters: sizes.parameters.map((each) => (each.id === id ? { ...each, name } : each)) };
}

/** Removes a measure; the last one takes the rows with it. */
export function withoutMeasure(sizes: Sizes, id: string): Sizes {
  const parameters = sizes.parameters.filter((each) => each.id !== id);
  const isLast = parameters.length === 0;
  return { ...sizes, parameters, rows: isLast ? [] : sizes.rows, patterns: isLast ? [] : sizes.patterns };
}

/** The rows of the size table: sizes, or patterns that are made in every size. */
export type SizeGroup = 'rows' | 'patterns';

/** Adds a row with the measures of the last one; a pattern starts without measures of its own. */
export function withSize(sizes: Sizes, newId: () => string, group: SizeGroup = 'rows'): Sizes {
  const values = group === 'rows' ? { ...sizes.rows.at(-1)?.values } : {};
  return { ...sizes, [group]: [...sizes[group], { id: newId(), name: '', values }] };
}

/** Changes fields of a row. */
export function withSizeChanged(sizes: Sizes, id: string, changed: Partial<Row>): Sizes {
  const change = (rows: readonly Row[]) => rows.map((row) => (row.id === id ? { ...row, ...changed } : row));
  return { ...sizes, rows: change(sizes.rows), patterns: change(sizes.patterns) };
}

/** Removes a row. */
export function withoutSize(sizes: Sizes, id: string): Sizes {
  const rest = (rows: readonly Row[]) => rows.filter((row) => row.id !== id);
  return { ...sizes, rows: rest(sizes.rows), patterns: rest(sizes.patterns) };
}
