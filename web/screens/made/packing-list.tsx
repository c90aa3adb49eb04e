// What to pack for a fair: from what is there, and what to make before.
import { useState } from 'react';
import { type DesignStanding, packingList } from '../../../core/made/make-next.ts';
import { picksFor } from '../../../core/made/picks.ts';
import { planFair } from '../../../core/price/fair/fair-plan.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useCostOfPiece } from '../../hooks/use-cost-of-piece.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useGetFairsQuery } from '../../state/endpoints/fairs.ts';
import { useMovePiecesMutation } from '../../state/endpoints/made.ts';
import { words } from '../../words/made.ts';

interface PackingListProps {
  readonly made: Made;
  readonly standings: readonly DesignStanding[];
}

export function PackingList({ made, standings }: PackingListProps) {
  const { data: fairs = [] } = useGetFairsQuery();
  const { day } = useNow();
  const { rates } = useBasis();
  const costOf = useCostOfPiece();
  const coming = fairs.filter(({ body, archivedAt }) => !archivedAt && (body.from === '' || body.from >= day));
  const [chosen, setChosen] = useState('');
  const fair = coming.find(({ id }) => id === chosen) ?? coming[0];
  if (!fair) return null;
  const wanted = new Map<string, number>();
  for (const { level, toMake } of planFair(fair.body, rates, costOf).levels)
    if (level.piece) wanted.set(level.piece, (wanted.get(level.piece) ?? 0) + toMake);
  const inStudio = new Map<string, number>();
  for (const { item, place, grade, count } of made.held) {
    const known = made.itemOf.get(item);
    if (!known || place !== 'studio' || grade !== 'good') continue;
    const key = `${known.pieceId} ${known.size}`;
    inStudio.set(key, (inStudio.get(key) ?? 0) + count);
  }
  const lines = packingList(standings, wanted, inStudio);
  const sum = (of: 'bring' | 'take' | 'make') => lines.reduce((all, line) => all + line[of], 0);
  return (
    <section aria-labelledby="packing">
      <h2 id="packing">{words.packing}</h2>
      <p className="chrome mt-1">
        <Choice
          open
          value={fair.id}
          options={coming.map(({ id, body }) => ({ value: id, label: body.name || words.fair }))}
          label={words.chooseAFair}
          onChange={setChosen}
        />
      </p>
      {lines.length === 0 && <p className="aside mt-1">{words.nothingToBring}</p>}
      {lines.length > 0 && (
        <table className="rows mt-1" aria-labelledby="packing">
          <TableHeader of={[words.piece, { end: words.bring }, { end: words.takeAlong }, { end: words.makeBefore }]} />
          <tbody>
            {lines.map(({ pieceId, size, name, sizeName, bring, take, make }) => (
              <tr key={`${pieceId} ${size}`} className="border-b border-hair">
                <td className="first">{[name, sizeName].filter(Boolean).join(', ')}</td>
                <td className="end num">{bring}</td>
                <td className="end num">{take || ''}</td>
                <td className={`end num ${make > 0 ? 'font-semibold text-warn' : ''}`}>{make || ''}</td>
              </tr>
            ))}
            <tr className="font-semibold">
              <td className="first">{words.total}</td>
              <td className="end num">{sum('bring')}</td>
              <td className="end num">{sum('take')}</td>
              <td className="end num">{sum('make')}</td>
            </tr>
          </tbody>
        </table>
      )}
      {sum('take') > 0 && <PackNow key={fair.id} made={made} fairId={fair.id} lines={lines} />}
    </section>
  );
}

interface PackNowProps {
  readonly made: Made;
  readonly fairId: string;
  readonly lines: readonly { readonly pieceId: string; readonly size: string; readonly take: number }[];
}

function PackNow({ made, fairId, lines }: PackNowProps) {
  const { day } = useNow();
  const [move, { error, isLoading }] = useMovePiecesMutation();
  const booked = useMadeBooked();
  const pack = async () => {
    const wanted = lines.map(({ pieceId, size, take }) => ({ pieceId, size, count: take }));
    const picks = picksFor(wanted, made.held, made.itemOf, 'studio');
    booked(await move({ on: day, to: `fair/${fairId}`, picks, why: '' }), words.movedToFair);
  };
  return (
    <>
      <button type="button" className="button chrome mt-2" disabled={isLoading} onClick={() => void pack()}>
        {words.moveAll}
      </button>
      <Failure of={[error]} />
    </>
  );
}
