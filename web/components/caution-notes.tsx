// The usual cautions of a route, each with the steps it concerns.
import { memo, useMemo } from 'react';
import type { Piece } from '../../core/piece/piece.ts';
import { cautionsFor } from '../../core/piece/step-care.ts';
import { cautionRule } from '../../core/work/cautions.ts';
import { useDebounced } from '../hooks/use-debounced.ts';
import { words } from '../words/components.ts';

export const CautionNotes = memo(function CautionNotes({
  pieces,
}: {
  pieces: readonly Pick<Piece, 'steps' | 'parts' | 'findings' | 'groups' | 'joins'>[];
}) {
  const byCaution = new Map<string, { text: string; steps: number[] }>();
  const steps = pieces.flatMap((piece) => piece.steps.map((step) => ({ step, piece })));
  steps.forEach(({ step, piece }, index) => {
    for (const { id, text } of cautionsFor(step, piece))
      byCaution.set(id, { text, steps: [...(byCaution.get(id)?.steps ?? []), index + 1] });
  });
  if (byCaution.size === 0) return null;
  return (
    <section aria-labelledby="cautions" className="note mt-4">
      <h2 id="cautions" className="text-warn!">
        {words.cautions}
      </h2>
      <ul>
        {[...byCaution].map(([id, { text, steps: concerned }]) => (
          <li key={id}>
            <b>
              {concerned.length === 1 ? words.step : words.steps} {concerned.join(', ')}:
            </b>{' '}
            {text}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-soft">{cautionRule}</p>
    </section>
  );
});

/** The cautions of a piece that is being typed: they follow once the typing rests. */
export function RestedCautions({ piece }: { piece: Piece }) {
  const rested = useDebounced(piece);
  const pieces = useMemo(() => [rested], [rested]);
  return <CautionNotes pieces={pieces} />;
}
