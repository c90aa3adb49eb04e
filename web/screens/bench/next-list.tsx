// What comes next for the maker, in the order of the plan.
import { useNavigate } from 'react-router';
import type { StepAtBench } from '../../hooks/use-bench.ts';
import { stepLink } from './step-link.ts';
import { minutesInWords, stepTitle } from './step-words.ts';

interface NextListProps {
  readonly heading: string;
  readonly steps: readonly StepAtBench[];
  readonly none?: string;
  /** Minutes below the name, not beside it. */
  readonly isNarrow?: boolean;
}

export function NextList({ heading, steps, none, isNarrow = false }: NextListProps) {
  const navigate = useNavigate();
  return (
    <section aria-label={heading}>
      <h2>{heading}</h2>
      {steps.length === 0 && <p className="bench-aside">{none}</p>}
      <ul>
        {steps.map(({ batch, step }) => (
          <li key={`${batch.id} ${step.key}`}>
            <button type="button" className="bench-row" onClick={() => void navigate(stepLink(batch.id, step.key))}>
              <span className="min-w-0 flex-1">
                {stepTitle(step)}: {step.pieces}
                <span className="bench-aside block">
                  {batch.name}
                  {batch.body.customer && !isNarrow ? `, ${batch.body.customer}` : ''}
                </span>
                {isNarrow && <span className="bench-aside block">{minutesInWords(step)}</span>}
              </span>
              {!isNarrow && <span className="bench-aside shrink-0 text-right">{minutesInWords(step)}</span>}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
