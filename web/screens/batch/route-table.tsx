// The bench route of a batch: the time of each step for the whole batch, and when it is planned.
import { clsx } from 'clsx';
import { Fragment } from 'react';
import { type BatchRun } from '../../../core/batch/batch-run.ts';
import { type BatchCount, oneRunALine } from '../../../core/batch/count-batch.ts';
import { showHours } from '../../../core/figure/show.ts';
import { attendedMin } from '../../../core/piece/bench-time.ts';
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { useBenchLog } from '../../hooks/use-bench-log.ts';
import type { PlanOrWhy } from '../../hooks/use-plan.ts';
import { words } from '../../words/batch.ts';
import { words as benchWords } from '../../words/bench-story.ts';
import { momentInWords } from '../../words/done-in.ts';

interface RouteTableProps {
  readonly planned: PlanOrWhy | null;
  readonly batchId: string;
  readonly count: BatchCount;
}

/** Starts a step, or ends it. */
function StepPress({ block }: { block: PlanBlock }) {
  const { note, isLoading } = useBenchLog();
  const isStarted = block.state === 'started';
  const word = isStarted ? benchWords.done : benchWords.start;
  return (
    <button
      type="button"
      className="link text-[14px]"
      disabled={isLoading}
      aria-label={`${word}: ${block.step.name}`}
      onClick={() => note(isStarted ? 'done' : 'started', [block])}
    >
      {word}
    </button>
  );
}

export function RouteTable({ planned, batchId, count }: RouteTableProps) {
  const lines = oneRunALine(count.runs);
  const rows = lines.flatMap((run) =>
    run.piece.steps.map((step, index) => ({ run, step, index, isFirst: index === 0 && lines.length > 1 })),
  );
  if (rows.length === 0) return <p className="mt-5 text-soft">{words.thePieceHasNoSteps}</p>;
  const plan = planned && !('sentence' in planned) ? planned.plan : null;
  const quantityOf = (run: BatchRun) =>
    count.runs.reduce((sum, { line, quantity }) => sum + (line === run.line ? quantity : 0), 0);
  return (
    <section aria-labelledby="batch-route" className="mt-6">
      <h2 id="batch-route">{words.benchRoute}</h2>
      <table className="rows">
        <TableHeader
          of={[
            { hidden: 'number', width: 'w-[28px]' },
            'step',
            'where',
            { end: 'bench time' },
            { end: 'unattended, min' },
            { end: 'starts' },
            { end: 'finished' },
            { hidden: 'log', width: 'w-[60px]' },
          ]}
        />
        <tbody>
          {rows.map(({ run, step, index, isFirst }, at) => {
            const time = run.count.steps[index];
            const own = plan?.blocks.filter((block) => block.batch === batchId && block.step.index === at) ?? [];
            const starts = Math.min(...own.map((block) => block.start));
            const ends = Math.max(...own.map((block) => block.end));
            return (
              <Fragment key={`${run.line.id} ${step.id}`}>
                {isFirst && (
                  <tr>
                    <td colSpan={8} className="first pt-3! font-semibold">
                      {run.piece.name || words.unnamedPiece}
                    </td>
                  </tr>
                )}
                <tr className="border-b border-hair">
                  <td className="first num text-soft">{at + 1}</td>
                  <td className={clsx(step.overlaps && 'italic')}>
                    {step.name || 'step'}
                    {step.overlaps && <span className="aside ml-2 not-italic">{words.inParallel}</span>}
                  </td>
                  <td className="text-soft">{step.station}</td>
                  <td className="end num">{time ? showHours(attendedMin(time, quantityOf(run))) : ''}</td>
                  <td className="end num text-soft">
                    {time && time.unattendedMin > 0 ? showHours(time.unattendedMin) : ''}
                  </td>
                  <td className="end num">{plan && own.length > 0 ? momentInWords(plan, starts) : ''}</td>
                  <td className="end num">{plan && own.length > 0 ? momentInWords(plan, ends) : ''}</td>
                  <td className="end chrome">{own[0] && <StepPress block={own[0]} />}</td>
                </tr>
              </Fragment>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
