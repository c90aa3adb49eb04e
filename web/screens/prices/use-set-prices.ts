// Sets prices, and undoes the last change.
import { useCallback, useState } from 'react';
import type { PieceDocument } from '../../../contract/pieces.ts';
import type { NewPrices } from '../../../contract/prices.ts';
import { failureIn } from '../../components/failure.tsx';
import { useAddPricesMutation } from '../../state/endpoints/prices.ts';

/** @returns why it was refused; '' when it is saved */
export type SetPrices = (how: NewPrices['how'], why: string, prices: NewPrices['prices']) => Promise<string>;

export interface LastChange {
  readonly says: string;
  readonly undo: () => Promise<string>;
}

export function useSetPrices(pieces: readonly PieceDocument[]): { setPrices: SetPrices; last: LastChange | null } {
  const [add] = useAddPricesMutation();
  const [last, setLast] = useState<LastChange | null>(null);
  const send = useCallback<SetPrices>(
    async (how, why, prices) => {
      const answer = await add({ how, why, prices });
      return 'error' in answer ? failureIn(answer.error) : '';
    },
    [add],
  );
  const setPrices = useCallback<SetPrices>(
    async (how, why, prices) => {
      const before = prices.flatMap(({ pieceId }) => {
        const priced = pieces.find(({ id }) => id === pieceId)?.priced;
        return priced ? [{ pieceId, wholesaleMinor: priced.wholesaleMinor, retailMinor: priced.retailMinor }] : [];
      });
      const refused = await send(how, why, prices);
      if (refused) return refused;
      const undo = async () => {
        const undone = await send('undone', 'undo', before);
        if (!undone) setLast(null);
        return undone;
      };
      const count = prices.length === 1 ? 'One price' : `${String(prices.length)} prices`;
      setLast(before.length > 0 ? { says: `${count} ${how === 'left' ? 'kept' : 'changed'}.`, undo } : null);
      return '';
    },
    [send, pieces],
  );
  return { setPrices, last };
}
