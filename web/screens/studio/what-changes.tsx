// The effect of accepting the draft on all prices.
import { countPiece } from '../../../core/price/piece/count-piece.ts';
import type { Rates } from '../../../core/studio/rates.ts';
import { Num } from '../../components/num.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/studio.ts';

export function WhatChanges({ rates }: { rates: Rates }) {
  const basis = useBasis();
  const { data: pieces = [] } = useGetPiecesQuery();
  const moved = pieces
    .map(({ id, body }) => ({
      id,
      name: body.name,
      now: pieceCount(body, basis).prices.wholesale,
      then: countPiece(body, rates, basis.fix).prices.wholesale,
    }))
    .filter(({ now, then }) => now.value !== then.value);
  return (
    <section className="note mb-5" aria-labelledby="changes">
      <h2 id="changes" className="text-ink!">
        {moved.length === 0 ? words.theseChangesAffectNoWholesale : words.theseChangesAffectWholesalePrices}
      </h2>
      {moved.length > 0 && (
        <table className="w-full">
          <tbody>
            {moved.map(({ id, name, now, then }) => (
              <tr key={id}>
                <td>{name || words.unnamedPiece}</td>
                <td className="text-right">
                  <Num figure={now} />
                </td>
                <td className="w-[1.6em] text-center">{words.to}</td>
                <td className="text-right font-semibold">
                  <Num figure={then} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
