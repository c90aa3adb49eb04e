// Sets prices, and undoes the last change.
import { useCallback } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import type { NewPrices } from '../../../contract/prices.ts';
import { failureIn } from '../../components/failure.tsx';
import { useAddPricesMutation } from '../../state/endpoints/prices.ts';
import { showToast } from '../../state/toasts.ts';

/** @returns why it was refused; '' when it is saved */
export type SetPrices = (how: NewPrices['how'], why: string, prices: NewPrices['prices']) => Promise<string>;

export function useSetPrices(pieces: readonly PieceDocument[]): SetPrices {
  const [add] = useAddPricesMutation();
  const send = useCallback<SetPrices>(
    async (how, why, prices) => {
      const answer = await add({ how, why, prices });
      return 'error' in answer ? failureIn(answer.error) : '';
    },
    [add],
  );
  return useCallback<SetPrices>(
    async (how, why, prices) => {
      const before = prices.flatMap(({ pieceId }) => {
        const priced = pieces.find(({ id }) => id === pieceId)?.priced;
        return priced ? [{ pieceId, wholesaleMinor: priced.wholesaleMinor, retailMinor: priced.retailMinor }] : [];
      });
      const refused = await send(how, why, prices);
      if (refused) return refused;
      const count = prices.length === 1 ? 'One price' : `${String(prices.length)} prices`;
      const says = `${count} ${how === 'left' ? 'kept' : 'changed'}.`;
      if (before.length > 0) showToast(says, () => void send('undone', 'undo', before));
      return '';
    },
    [send, pieces],
  );
}
