// Work that went on over the end of a shift: proposes when it was stopped.
import { useState } from 'react';
import { forgottenStop } from '../../../core/bench/forgotten-stop.ts';
import { timeOfDay } from '../../../core/bench/moment-as-day.ts';
import type { Stretch } from '../../../core/bench/work-log.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { momentNow } from '../../hooks/use-seconds.ts';
import { words } from '../../words/bench.ts';
import type { Happened } from './use-step-log.ts';

interface ForgottenProps {
  readonly stretch: Stretch;
  readonly maker: BenchMaker;
  readonly onCorrect: (...entries: readonly Happened[]) => void;
}

export function Forgotten({ stretch, maker, onCorrect }: ForgottenProps) {
  const [workedThrough, setWorkedThrough] = useState(false);
  const stop = forgottenStop(stretch, momentNow(), maker);
  if (!stop || workedThrough) return null;
  const again = stop.again === null ? '' : ` and go on at ${timeOfDay(stop.again)}`;
  return (
    <div className="bench-note mt-2" role="alert">
      <p>
        You have worked on this since {timeOfDay(stretch.from)}. Did you stop at {timeOfDay(stop.end)}
        {again}?
      </p>
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="bench-press bench-press-small"
          onClick={() =>
            onCorrect(
              { how: 'paused', at: stop.end },
              ...(stop.again === null ? [] : [{ how: 'started' as const, at: stop.again }]),
            )
          }
        >
          {words.yesCorrect}
        </button>
        <button type="button" className="bench-press bench-press-small" onClick={() => setWorkedThrough(true)}>
          {words.noIWorked}
        </button>
      </div>
    </div>
  );
}
