// Undo, pause, and the one button that comes next for a step.
import type { BenchStep } from '../../../core/bench/batch-steps.ts';
import type { NewBenchEntry } from '../../../core/bench/bench-entry.ts';
import type { StepLog } from '../../../core/bench/work-log.ts';
import { words } from '../../words/bench.ts';
import { shortMinutes } from './step-words.ts';
import { undoWords } from './undo-words.ts';
import type { Happened } from './use-step-log.ts';

interface StepActionsProps {
  /** Null for work that is not in the route. */
  readonly step: BenchStep | null;
  readonly state: StepLog['state'];
  /** Whether the maker at this device works at it. */
  readonly isWorking: boolean;
  /** The entry that an undo takes back; null where there is none. */
  readonly last: NewBenchEntry | null;
  /** Name of the step after it; '' where there is none. */
  readonly next: string;
  readonly log: (...happened: readonly Happened[]) => void;
  readonly onDone: () => void;
}

export function StepActions({ step, state, isWorking, last, next, log, onDone }: StepActionsProps) {
  return (
    <div className="mt-3 grid grid-cols-[auto_auto_1fr] gap-3">
      <button
        type="button"
        className="bench-press"
        disabled={last === null}
        onClick={() => last?.uid !== undefined && log({ how: 'voided', detail: { of: last.uid } })}
      >
        {words.undo} {last && <span className="block text-[15px] font-normal text-soft">{undoWords(last)}</span>}
      </button>
      <button type="button" className="bench-press" disabled={!isWorking} onClick={() => log({ how: 'paused' })}>
        {words.pause}
      </button>
      <Onward step={step} state={state} isWorking={isWorking} next={next} log={log} onDone={onDone} />
    </div>
  );
}

function Onward({ step, state, isWorking, next, log, onDone }: Omit<StepActionsProps, 'last'>) {
  const leaves = step !== null && step.unattendedMin > 0;
  const press = (said: string, onClick: () => void) => (
    <button type="button" className="bench-press bench-go" onClick={onClick}>
      {said}
    </button>
  );
  if (isWorking && leaves)
    return press(`Leave it: ${shortMinutes(step.unattendedMin)} unattended`, () => log({ how: 'left' }));
  if (state === 'left') return press(words.takeOutDone, onDone);
  if (isWorking) return press(next ? `Done: on to ${lowerFirst(next)}` : words.done, onDone);
  // A step without attended work is left at once.
  const how = leaves && step.attendedMin === 0 ? 'left' : 'started';
  return press(state === 'untouched' ? words.start : words.startAgain, () => log({ how }));
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
