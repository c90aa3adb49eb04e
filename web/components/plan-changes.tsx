// The effect of a change on each batch of a plan.
import type { Consequence } from '../../core/plan/studio/why.ts';
import type { Planned } from '../hooks/use-plan.ts';
import { words } from '../words/components.ts';
import { momentInWords } from '../words/done-in.ts';
import { daysLate } from '../words/late.ts';
import { stretchInWords } from '../words/plan-words.ts';

interface PlanChangesProps {
  readonly planned: Planned;
  /** Null where there is no feasible plan. */
  readonly changes: readonly Consequence[] | null;
  readonly nameOf: (batch: string) => string;
}

/** Largest number of batches that are named, the latest first. */
const MOST_CHANGES = 10;

export function PlanChanges({ planned: { plan }, changes, nameOf }: PlanChangesProps) {
  if (!changes) return <p className="text-stop">{words.theOtherStepsNoLonger}</p>;
  if (changes.length === 0) return <p className="text-soft">{words.noCompletionDateChanges}</p>;
  const worst = changes.toSorted((a, b) => b.daysLate - b.wasDaysLate - (a.daysLate - a.wasDaysLate));
  return (
    <ul aria-label={words.effectOnEachBatch}>
      {worst.slice(0, MOST_CHANGES).map(({ batch, by, at, daysLate: days, wasDaysLate }) => (
        <li key={batch} className={days > wasDaysLate ? 'text-stop' : undefined}>
          {nameOf(batch)}: {stretchInWords(by)} {by > 0 ? 'later' : 'sooner'}, {momentInWords(plan, at)}
          {days > 0 && `, ${daysLate(days)}`}
          {days === 0 && wasDaysLate > 0 && ', on time'}
        </li>
      ))}
      {worst.length > MOST_CHANGES && <li className="text-soft">and {worst.length - MOST_CHANGES} more moved</li>}
    </ul>
  );
}
