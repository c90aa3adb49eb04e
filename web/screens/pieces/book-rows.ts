// What the rows of the list of pieces are given.
import type { PieceDocument } from '../../../contract/pieces.ts';

export type SortKey = 'name' | 'weight' | 'minutes' | 'cost' | 'wholesale' | 'retail';
export interface Sorting {
  readonly key: SortKey;
  readonly descending: boolean;
}

export interface BookRowsProps {
  readonly pieces: readonly PieceDocument[];
  /** Those that are not shown too: a sort by figures waits until all are counted. */
  readonly all: readonly PieceDocument[];
  readonly sorting: Sorting | null;
}
