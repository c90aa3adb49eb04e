// The order of a list by one of its columns.

/** What the heads of a sorted table need. */
export interface ListSorting {
  /** The key of a column; `-key` for the largest first; '' for the usual order. */
  readonly sort: string;
  readonly onSort: (key: string) => void;
}

const byAlphabet = new Intl.Collator(undefined, { numeric: true });

/** Rows in the order of a column; those without a value come last. An unknown key leaves them as they are. */
export function sortRows<Row>(
  rows: readonly Row[],
  sort: string,
  by: Readonly<Record<string, (row: Row) => string | number | null>>,
): readonly Row[] {
  const value = by[sort.replace(/^-/, '')];
  if (!value) return rows;
  const sign = sort.startsWith('-') ? -1 : 1;
  return rows.toSorted((a, b) => {
    const [first, second] = [value(a), value(b)];
    if (first === null || second === null || first === '' || second === '') return rank(first) - rank(second);
    const order =
      typeof first === 'number' && typeof second === 'number'
        ? first - second
        : byAlphabet.compare(String(first), String(second));
    return sign * order;
  });
}

function rank(value: string | number | null): number {
  return value === null || value === '' ? 1 : 0;
}

/** A press sorts up, then down, then as before. */
export function nextSort(sort: string, key: string): string {
  if (sort === key) return `-${key}`;
  return sort === `-${key}` ? '' : key;
}
