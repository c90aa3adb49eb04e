// The bench route of a batch in words: how long each step takes for all of it, and when it is planned.
import { Fragment } from 'react';
import { clsx } from 'clsx';
import { oneRunALine, type BatchCount, type BatchRun } from '../../../core/batch/count.ts';
import { showHours } from '../../../core/figure/show.ts';
import { handsMin } from '../../../core/piece/bench-time.ts';
import type { Plan } from '../../../core/plan/forward.ts';
import { momentInWords } from '../../parts/done-in.ts';

interface RouteTableProps {
  readonly plan: Plan | { readonly sentence: string } | null;
  readonly batchId: string;
  readonly count: BatchCount;
}

export function RouteTable({ plan, batchId, count }: RouteTableProps) {
  const lines = oneRunALine(count.runs);
  const rows = lines.flatMap((run) =>
    run.piece.steps.map((step, index) => ({ run, step, index, isFirst: index === 0 && lines.length > 1 })),
  );
  if (rows.length === 0)
    return <p className="mt-5 text-soft">The piece has no bench route yet, so there is nothing to plan.</p>;
  const made = plan && !('sentence' in plan) ? plan : null;
  const quantityOf = (run: BatchRun) =>
    count.runs.reduce((sum, { line, quantity }) => sum + (line === run.line ? quantity : 0), 0);
  return (
    <section aria-labelledby="batch-route" className="mt-6">
      <h2 id="batch-route">Bench route</h2>
      <table className="rows">
        <thead>
          <tr>
            <th className="first w-[28px]">
              <span className="sr-only">number</span>
            </th>
            <th scope="col">step</th>
            <th scope="col">where</th>
            <th scope="col" className="end">
              hands
            </th>
            <th scope="col" className="end">
              by itself
            </th>
            <th scope="col" className="end">
              starts
            </th>
            <th scope="col" className="end">
              done
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ run, step, index, isFirst }, at) => {
            const time = run.count.steps[index];
            const bars = made?.bars.filter((bar) => bar.batch === batchId && bar.step === at) ?? [];
            const first = bars[0];
            const last = bars.at(-1);
            return (
              <Fragment key={`${run.line.id} ${step.id}`}>
                {isFirst && (
                  <tr>
                    <td colSpan={7} className="first pt-3! font-semibold">
                      {run.piece.name || 'Unnamed piece'}
                    </td>
                  </tr>
                )}
                <tr className="border-b border-hair">
                  <td className="first num text-soft">{at + 1}</td>
                  <td className={clsx(step.meanwhile && 'italic')}>
                    {step.name || 'step'}
                    {step.meanwhile && <span className="aside not-italic"> meanwhile</span>}
                  </td>
                  <td className="text-soft">{step.station}</td>
                  <td className="end num">{time ? showHours(handsMin(time, quantityOf(run))) : ''}</td>
                  <td className="end num text-soft">
                    {time && time.byItselfMin > 0 ? showHours(time.byItselfMin) : ''}
                  </td>
                  <td className="end num">{made && first ? momentInWords(made, first.from) : ''}</td>
                  <td className="end num">{made && last ? momentInWords(made, last.to) : ''}</td>
                </tr>
              </Fragment>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
