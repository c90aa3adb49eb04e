// The step at the bench now, and the one to start next.
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { blockTitle } from '../../../core/plan/studio/studio-plan.ts';
import { useBenchLog } from '../../hooks/use-bench-log.ts';
import type { Planned } from '../../hooks/use-plan.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/day.ts';
import { batchesInWords } from '../../words/plan-words.ts';

interface NextUpProps {
  readonly planned: Planned;
  readonly nameOf: (batch: string) => string;
}

export function NextUp({ planned: { plan }, nameOf }: NextUpProps) {
  const { note, error, isLoading } = useBenchLog();
  const busy = new Set(plan.blocks.filter(({ state }) => state === 'started').map(({ maker }) => maker));
  const [next] = plan.blocks.filter((block) => block.isHead && block.state !== 'started' && !busy.has(block.maker));
  const start = (block: PlanBlock) => note('started', [block]);
  return (
    <div className="chrome max-w-[22em] text-right">
      {next && (
        <button type="button" className="button" disabled={isLoading} onClick={() => start(next)}>
          Start: {blockTitle(next).toLowerCase()}
        </button>
      )}
      {next && <p className="aside">{batchesInWords(next, nameOf)}</p>}
      {error && <p className="problem">{problemOf(error)?.detail ?? words.cantConnectToNoonLedger}</p>}
    </div>
  );
}
