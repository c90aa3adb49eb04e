// What runs unattended, with the time it has left: it calls by sound, on the screen and in the page's title.
import { clsx } from 'clsx';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { timeOfDay } from '../../../core/bench/moment-as-day.ts';
import { playCall } from '../../hooks/play-call.ts';
import type { BenchView, StepAtBench } from '../../hooks/use-bench.ts';
import { useSeconds } from '../../hooks/use-seconds.ts';
import { words } from '../../words/bench.ts';
import { stepLink } from './step-link.ts';
import { countdownOf, stepTitle } from './step-words.ts';

const SOUND_KEY = 'noon-bench-sound';
/** ms between two calls of what nobody has taken out. */
const CALL_AGAIN_MS = 30_000;

export function UnattendedTimers({ view }: { view: BenchView }) {
  const now = useSeconds();
  const navigate = useNavigate();
  const running = view.underWay.flatMap((one) => {
    if (one.log?.state !== 'left' || one.log.leftAt === null) return [];
    return [{ ...one, endsAt: one.log.leftAt + one.step.unattendedMin }];
  });
  const over = running.filter(({ endsAt }) => endsAt <= now);
  const { hasSound, setSound } = useCall(over);
  return (
    <section aria-label={words.runsUnattended}>
      <h2 className="flex items-center justify-between">
        {words.runsUnattended}
        <button
          type="button"
          className="bench-press bench-press-small text-[16px]!"
          aria-pressed={hasSound}
          onClick={() => setSound(!hasSound)}
        >
          {hasSound ? words.soundOn : words.soundOff}
        </button>
      </h2>
      {running.length === 0 && <p className="bench-aside">{words.nothingRuns}</p>}
      <ul aria-live="polite">
        {running
          .toSorted((a, b) => a.endsAt - b.endsAt)
          .map(({ batch, step, endsAt }) => (
            <li key={`${batch.id} ${step.key}`}>
              <button
                type="button"
                className={clsx('bench-row', endsAt <= now && 'bench-calls')}
                onClick={() => void navigate(stepLink(batch.id, step.key))}
              >
                <span className="min-w-0 flex-1">
                  {stepTitle(step)}: {step.pieces}
                  <span className="bench-aside block">
                    {batch.name}, {endsAt <= now ? `ended ${timeOfDay(endsAt)}` : `until ${timeOfDay(endsAt)}`}
                  </span>
                </span>
                <span className={clsx('num text-[30px] font-semibold', endsAt <= now && 'text-stop')}>
                  {countdownOf(endsAt - now)}
                </span>
              </button>
            </li>
          ))}
      </ul>
    </section>
  );
}

/** Rings when something is over, and again until it is taken out; the title says so, too. */
function useCall(over: readonly StepAtBench[]): { hasSound: boolean; setSound: (on: boolean) => void } {
  const [hasSound, keepSound] = useState(() => localStorage.getItem(SOUND_KEY) !== 'off');
  const title = useRef(document.title);
  const keys = over.map(({ batch, step }) => `${batch.id} ${step.key}`).join('\n');
  const [first] = over;
  const said = first ? `${stepTitle(first.step)}: take out` : '';
  useEffect(() => {
    if (keys === '') return undefined;
    const before = title.current;
    document.title = `● ${said}`;
    if (hasSound) playCall();
    const again = setInterval(() => hasSound && playCall(), CALL_AGAIN_MS);
    return () => {
      clearInterval(again);
      document.title = before;
    };
  }, [keys, said, hasSound]);
  return {
    hasSound,
    setSound: (on) => {
      localStorage.setItem(SOUND_KEY, on ? 'on' : 'off');
      keepSound(on);
      // The press allows the page to make sounds.
      if (on) playCall();
    },
  };
}
