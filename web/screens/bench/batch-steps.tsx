// The steps of a batch. Each can be opened, in or out of order.
import { clsx } from 'clsx';
import { Link, useNavigate } from 'react-router';
import { batchNumber } from '../../../core/bench/batch-number.ts';
import { EXTRA } from '../../../core/bench/bench-entry.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { workKinds } from '../../../core/work/work-kinds.ts';
import type { BenchBatch, BenchView } from '../../hooks/use-bench.ts';
import { words } from '../../words/bench.ts';
import { NextList } from './next-list.tsx';
import { nextFor } from './next-steps.ts';
import { stepLink } from './step-link.ts';
import { minutesInWords, stepTitle } from './step-words.ts';
import { UnattendedTimers } from './unattended-timers.tsx';

const stateWords = { untouched: '', started: 'started', paused: 'paused', left: 'unattended', done: 'done' } as const;

export function BatchSteps({ view, batch, maker }: { view: BenchView; batch: BenchBatch; maker: BenchMaker }) {
  const navigate = useNavigate();
  return (
    <main className="bench">
      <section className="bench-leaf">
        <p className="bench-aside flex justify-between">
          <span>
            {words.batchNumber} {batchNumber(batch.id)}
          </span>
          <Link className="link inline-flex min-h-[56px] items-center" to={`/batches/${batch.id}`}>
            {words.goToTheBatch}
          </Link>
        </p>
        <h1>{batch.name}</h1>
        <ol aria-label={words.allSteps} className="mt-3">
          {batch.steps.map((step) => {
            const state = view.logOf(batch.id, step.key)?.state ?? 'untouched';
            return (
              <li key={step.key}>
                <button
                  type="button"
                  className={clsx('bench-row', state === 'done' && 'text-soft')}
                  onClick={() => void navigate(stepLink(batch.id, step.key))}
                >
                  <span className="num bench-aside w-[1.6em]">{step.index + 1}</span>
                  <span className="min-w-0 flex-1">
                    {stepTitle(step)}: {step.pieces}
                  </span>
                  <span className={clsx('bench-aside', state === 'started' && 'font-semibold text-act')}>
                    {stateWords[state] || minutesInWords(step)}
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
        <details className="mt-4">
          <summary className="bench-press flex items-center">{words.otherWork}</summary>
          <div className="mt-3 flex flex-wrap gap-2">
            {workKinds.map(({ kind, name }) => (
              <button
                key={kind}
                type="button"
                className="bench-press bench-press-small"
                onClick={() => void navigate(stepLink(batch.id, `${EXTRA}${kind}`))}
              >
                {name}
              </button>
            ))}
          </div>
        </details>
      </section>
      <section className="bench-leaf">
        <UnattendedTimers view={view} />
        <NextList
          heading={words.nextForYou}
          steps={nextFor(maker, view).slice(0, 3)}
          isNarrow
          none={words.nothingIsScheduled}
        />
        <Link className="bench-press mt-auto flex items-center justify-center" to="/bench">
          {words.allBatches}
        </Link>
      </section>
    </main>
  );
}
