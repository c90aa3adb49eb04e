// The core's reckoning for the screens, remembering what has not changed between keystrokes.
import { weakMapMemoize } from '@reduxjs/toolkit';
import { createContext, useContext, useMemo } from 'react';
import type { Fix } from '../../core/metal/fix.ts';
import type { Receipt } from '../../core/metal/receipt.ts';
import { computeStep, stepEach } from '../../core/piece/bench-time.ts';
import { computeJoin } from '../../core/piece/compute-join.ts';
import type { Piece } from '../../core/piece/piece.ts';
import { computePart } from '../../core/piece/compute-part.ts';
import { countPiece, type PieceCount } from '../../core/price/piece/count-piece.ts';
import { readRates, withReceipts, type Issue, type Rates } from '../../core/studio/rates.ts';
import type { Studio } from '../../core/studio/studio.ts';
import { useGetFixesQuery, useGetReceiptsQuery, useGetStudioQuery } from '../state/api.ts';

/** Reckoners that remember what has not changed between keystrokes. */
export const recipeFunctions = {
  part: weakMapMemoize(computePart),
  join: weakMapMemoize(computeJoin),
  step: weakMapMemoize(computeStep),
  minutes: weakMapMemoize(stepEach),
};
const rememberedRates = weakMapMemoize(readRates);
const rememberedPiece = weakMapMemoize((piece: Piece, rates: Rates, fix: Fix | null, size?: string) =>
  countPiece(piece, rates, fix, { size, compute: recipeFunctions }),
);

/** What everything is reckoned with: the studio's accepted settings and the current fix. */
export interface Basis {
  readonly studio: Studio;
  /** Of the studio. */
  readonly revision: number;
  readonly rates: Rates;
  readonly fix: Fix | null;
  /** Metal received, latest first. */
  readonly receipts: readonly Receipt[];
}

const BasisContext = createContext<Basis | null>(null);
/** Hands the basis to every screen below the frame. */
export const BasisProvider = BasisContext.Provider;

/** Fetches the basis; null until it is there. */
export function useFetchedBasis(): { basis: Basis | null; isNew: boolean; failed: boolean } {
  const { data: studio, error } = useGetStudioQuery();
  const isNew = error !== undefined && 'status' in error && error.status === 404;
  const { data: fixes, error: fixError } = useGetFixesQuery();
  const { data: receipts, error: receiptError } = useGetReceiptsQuery();
  const basis = useMemo(() => {
    if (!studio || !fixes || !receipts) return null;
    const accepted = studio.accepted ?? studio.body;
    const rates = withReceipts(rememberedRates(accepted, studio.revision), receipts);
    return { studio: accepted, revision: studio.revision, rates, fix: fixes[0] ?? null, receipts };
  }, [studio, fixes, receipts]);
  return { basis, isNew, failed: error !== undefined || fixError !== undefined || receiptError !== undefined };
}

/** @throws Error outside the frame, which waits for the basis */
export function useBasis(): Basis {
  const basis = useContext(BasisContext);
  if (!basis) throw new Error('The studio and its fix are fetched by the frame; this screen is outside it.');
  return basis;
}

/** @param size  which of its sizes, by id; its first when left out */
export function pieceCount(piece: Piece, { rates, fix }: Basis, size?: string): PieceCount {
  return rememberedPiece(piece, rates, fix, size);
}

/** The problems below a path, with the path cut off: of `parts.2`, `{ 'section.diameter': '...' }`. */
export function problemsAt(problems: readonly Issue[], path: string): Readonly<Record<string, string>> {
  const below = problems.filter((problem) => problem.path.startsWith(`${path}.`));
  return Object.fromEntries(below.map((problem) => [problem.path.slice(path.length + 1), problem.sentence]));
}
