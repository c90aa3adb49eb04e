// The dialogs of a step at the bench: weights, and what a bench day brings.
import { inOrder, type Weighing } from '../../../core/bench/bench-entry.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import type { BenchBatch, BenchView } from '../../hooks/use-bench.ts';
import { batchCount } from '../../state/batch-count.ts';
import { More } from './more.tsx';
import type { Happened } from './use-step-log.ts';
import { Weigh } from './weigh.tsx';

/** Which dialog is open; '' for none. */
export type StepDialog = '' | 'weigh' | 'more';

interface StepDialogsProps {
  readonly dialog: StepDialog;
  readonly view: BenchView;
  readonly batch: BenchBatch;
  readonly stepKey: string;
  readonly maker: BenchMaker;
  /** Whether the maker at this device works at it. */
  readonly isWorking: boolean;
  readonly log: (...happened: readonly Happened[]) => void;
  readonly onClose: () => void;
}

export function StepDialogs({ dialog, view, batch, stepKey, maker, isWorking, log, onClose }: StepDialogsProps) {
  const { rates } = useBasis();
  const startedEarlier = (at: number) => {
    const started = inOrder(view.entries).findLast(
      (one) => one.batchId === batch.id && one.step === stepKey && one.how === 'started' && one.maker === maker.id,
    );
    const isCorrected = isWorking && started?.uid !== undefined;
    log(...(isCorrected ? [{ how: 'voided', detail: { of: started.uid } } as const] : []), { how: 'started', at });
  };
  if (dialog === 'weigh')
    return (
      <WeighHere
        batch={batch}
        isFirst={batch.steps[0]?.key === stepKey}
        onWeight={(weighing, grams) => log({ how: 'weighed', detail: { weighing, grams } })}
        onClose={onClose}
      />
    );
  if (dialog === 'more')
    return (
      <More
        helpers={rates.bench.makers.filter(({ id }) => id !== maker.id)}
        sinceLast={lastEndOf(view, batch, maker)}
        onEarlier={startedEarlier}
        onHelper={(helper, minutes) => log({ how: 'worked', maker: helper, detail: { minutes } })}
        onHappened={(what) => log({ how: 'noted', detail: { what } })}
        onClose={onClose}
      />
    );
  return null;
}

/** The end of the last step that this maker finished in the batch. */
function lastEndOf(view: BenchView, batch: BenchBatch, maker: BenchMaker): number | null {
  const ends = batch.steps.flatMap(({ key }) => {
    const log = view.logOf(batch.id, key);
    return log && log.doneAt !== null && log.byMaker.has(maker.id) ? log.doneAt : [];
  });
  return ends.length > 0 ? Math.max(...ends) : null;
}

interface WeighHereProps {
  readonly batch: BenchBatch;
  readonly isFirst: boolean;
  readonly onWeight: (weighing: Weighing, grams: number) => void;
  readonly onClose: () => void;
}

function WeighHere({ batch, isFirst, onWeight, onClose }: WeighHereProps) {
  const basis = useBasis();
  const count = batchCount(batch.body, batch.made, basis);
  const out = count.runs.reduce((sum, run) => sum + run.quantity * run.count.weight.value, 0);
  return (
    <Weigh
      expected={{ in: count.grams.value, out, scrap: Math.max(0, count.grams.value - out) }}
      first={isFirst ? 'in' : 'out'}
      onWeight={onWeight}
      onClose={onClose}
    />
  );
}
