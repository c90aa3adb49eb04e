// What calls now: unattended work that has ended. The sound is switched on beside it.
import { clockInWords } from '../../../core/format/days.ts';
import { blockTitle, type StudioPlan } from '../../../core/plan/studio/studio-plan.ts';
import { useBenchLog } from '../../hooks/use-bench-log.ts';
import { useCalls } from '../../hooks/use-calls.ts';
import { words } from '../../words/day.ts';
import { batchesInWords } from '../../words/plan-words.ts';

interface DayCallsProps {
  readonly plan: StudioPlan;
  readonly nameOf: (batch: string) => string;
}

export function DayCalls({ plan, nameOf }: DayCallsProps) {
  const { calls, hasSound, setSound } = useCalls(plan);
  const { note } = useBenchLog();
  return (
    <>
      {calls.map((block) => (
        <p
          key={`${block.batch} ${block.step.key}`}
          role="alert"
          className="note note-stop chrome mt-2 flex flex-wrap items-baseline gap-x-4"
        >
          <span>
            <b>{blockTitle(block)}</b> of {batchesInWords(block, nameOf)} ended at {clockInWords(block.end)}.
          </span>
          <button type="button" className="link" onClick={() => note('done', [block])}>
            {words.done}
          </button>
        </p>
      ))}
      <label className="chrome mt-1 flex items-center gap-2 text-[15px] text-soft">
        <input type="checkbox" checked={hasSound} onChange={({ target }) => setSound(target.checked)} />
        {words.soundWhenUnattendedWorkEnds}
      </label>
    </>
  );
}
