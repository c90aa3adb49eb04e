// A list that is sorted by its heads. The order stands in the address and is remembered on this device.
import { useMemo, useState } from 'react';
import { type ListSorting, nextSort, sortRows } from './sort-rows.ts';
import { useListState } from './use-list-state.ts';

/**
 * @param list  names the list on this device
 * @param by    what a row is sorted by, by the key of its column
 * @returns the rows in order, and what the heads need
 */
export function useSorted<Row>(
  list: string,
  rows: readonly Row[],
  by: Readonly<Record<string, (row: Row) => string | number | null>>,
): { readonly sorted: readonly Row[]; readonly sorting: ListSorting } {
  // A page may have two lists: each has its own word in the address.
  const [name] = useState(`${list}-sort`);
  const [usual] = useState<Readonly<Record<string, string>>>({ [name]: '' });
  const [state, setState] = useListState(list, usual, [name]);
  const sort = state[name] ?? '';
  const sorted = useMemo(() => sortRows(rows, sort, by), [rows, sort, by]);
  return { sorted, sorting: { sort, onSort: (key) => setState({ [name]: nextSort(sort, key) }) } };
}
