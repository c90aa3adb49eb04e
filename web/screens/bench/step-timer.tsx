// The time of the step, beside its estimate.
import { clsx } from 'clsx';
import type { BenchStep } from '../../../core/bench/batch-steps.ts';
import type { StepLog } from '../../../core/bench/work-log.ts';
import { showHours } from '../../../core/figure/show.ts';
import { words } from '../../words/bench.ts';
import { countdownOf, shortMinutes } from './step-words.ts';

export function StepTimer({ log, step }: { log: StepLog; step: BenchStep | null }) {
  const expected = step?.exactMin ?? 0;
  const share = expected > 0 ? Math.min(1, log.minutes / expected) : 0;
  const each = log.good > 0 ? log.minutes / log.good : 0;
  return (
    <section aria-label={words.thisStep}>
      <p className="bench-aside flex justify-between">
        <span>{words.thisStep}</span>
        {expected > 0 && <span>of about {showHours(expected)}</span>}
      </p>
      <p className={clsx('bench-clock', log.state === 'paused' && 'text-soft')} role="timer">
        {countdownOf(log.minutes)}
      </p>
      {expected > 0 && (
        <div className="mt-2 h-[12px] bg-hair" aria-hidden="true">
          <div
            className={clsx('h-full', log.minutes > expected ? 'bg-warn' : 'bg-act')}
            style={{ width: `${String(100 * share)}%` }}
          />
        </div>
      )}
      <p className="bench-aside mt-1">
        {log.state === 'paused' ? 'paused' : ''}
        {each > 0 && ` ${String(log.good)} at ${shortMinutes(each)} each`}
      </p>
    </section>
  );
}
