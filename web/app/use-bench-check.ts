// The bench check of a piece on the page, a moment behind the hand: a key is painted first.
import { useDeferredValue, useMemo } from 'react';
import { benchCheckAll, type Remark } from '../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { useBasis } from './reckoning.ts';

export function useBenchCheck(piece: Piece): readonly Remark[] {
  const { rates } = useBasis();
  const settled = useDeferredValue(piece);
  return useMemo(() => benchCheckAll(settled, rates.alloys, rates.country), [settled, rates]);
}
