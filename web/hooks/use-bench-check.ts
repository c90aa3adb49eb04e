// The bench check of a piece on the page, a moment behind typing.
import { useCallback } from 'react';
import { benchChecking, type Remark } from '../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { recipeFunctions } from '../state/piece-count.ts';
import { useBasis } from './use-basis.ts';
import { useTimeSliced } from './use-time-sliced.ts';

const NONE: readonly Remark[] = [];

export function useBenchCheck(piece: Piece): readonly Remark[] {
  const { rates } = useBasis();
  const start = useCallback(() => benchChecking(piece, rates.alloys, rates.country, recipeFunctions), [piece, rates]);
  return useTimeSliced(start) ?? NONE;
}
