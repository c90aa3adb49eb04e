// What the bench log tells of this piece.
import type { Piece } from '../../../core/piece/piece.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { useGetPieceAtBenchQuery } from '../../state/endpoints/bench.ts';
import { LastTimes } from './last-times.tsx';
import { LearnedTimes } from './learned-times.tsx';

export function AtBench({ id, piece, edit }: { id: string; piece: Piece; edit: Edit<Piece> }) {
  const { data } = useGetPieceAtBenchQuery(id);
  if (!data || data.lastTimes.length === 0) return null;
  return (
    <>
      <LearnedTimes piece={piece} learned={data.learned} edit={edit} />
      <LastTimes times={data.lastTimes} />
    </>
  );
}
