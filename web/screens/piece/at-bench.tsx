// What the bench log tells of this piece.
import type { Piece } from '../../../core/piece/piece.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { useGetPieceAtBenchQuery } from '../../state/endpoints/bench.ts';
import { LastTimes } from './last-times.tsx';
import { LearnedTimes } from './learned-times.tsx';

interface AtBenchProps {
  readonly id: string;
  readonly piece: Piece;
  /** The version in force: times are learned beside it. */
  readonly accepted: Piece;
  readonly edit: Edit<Piece>;
}

export function AtBench({ id, piece, accepted, edit }: AtBenchProps) {
  const { data } = useGetPieceAtBenchQuery(id);
  if (!data || data.lastTimes.length === 0) return null;
  return (
    <>
      <LearnedTimes piece={piece} accepted={accepted} learned={data.learned} edit={edit} />
      <LastTimes times={data.lastTimes} />
    </>
  );
}
