// The usual cautions of a route, each with the steps it concerns.
import { memo } from 'react';
import { cautionRule, cautionsFor } from '../../core/piece/cautions.ts';
import type { Step } from '../../core/piece/step.ts';
import { words } from '../words/components.ts';

export const CautionNotes = memo(function CautionNotes({ steps }: { steps: readonly Step[] }) {
  const byCaution = new Map<string, { text: string; steps: number[] }>();
  steps.forEach((step, index) => {
    for (const { id, text } of cautionsFor(step))
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
