// The basis of all computation in the page: fetched once by the frame, read by every screen below it.
import { createContext, useContext, useMemo } from 'react';
import { withReceipts } from '../../core/studio/rates.ts';
import { type Basis, rememberedRates } from '../state/basis.ts';
import { useGetFixesQuery, useGetReceiptsQuery } from '../state/endpoints/metal.ts';
import { useGetStudioQuery } from '../state/endpoints/studio.ts';

const BasisContext = createContext<Basis | null>(null);
/** Provides the basis to every screen below the frame. */
export const BasisProvider = BasisContext.Provider;

/** Fetches the basis. @returns null until it has arrived */
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
