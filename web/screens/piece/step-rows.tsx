// The bench route: what hands do in order, and what works by itself meanwhile.
import { memo, useCallback, type CSSProperties } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import type { Piece, Step } from '../../../core/piece/piece.ts';
import type { StepReckoning } from '../../../core/piece/bench-time.ts';
import type { PieceCount } from '../../../core/price/count.ts';
import type { Edit } from '../../app/use-document.ts';
import { Field } from '../../parts/field.tsx';
import { ProblemLine } from '../../parts/problem-line.tsx';
import { useRowProblems } from '../../parts/use-problems.ts';
import { Row } from '../../parts/row.tsx';
import { moveByKeys, moveRow, RowTools } from '../../parts/row-tools.tsx';
import { useGhost } from '../../parts/use-ghost.ts';

/** Number, step, where, set-up, each, by itself, meanwhile. */
const columns: CSSProperties = { gridTemplateColumns: '34px 1fr 6.4em 5.6em 5em 5.4em 5.9em' };

const COLUMNS = 7;

interface StepRowsProps {
  readonly steps: readonly Step[];
  readonly count: PieceCount;
  readonly edit: Edit<Piece>;
}

/** Drawn again only when a step or the minutes have changed: a key among the parts is no concern of it. */
export const StepRows = memo(function StepRows({ steps, count, edit }: StepRowsProps) {
  const ghost = useGhost(steps, (_previous, id): Step => ({
    id,
    name: '',
    station: '',
    setUp: '',
    each: '',
    byItself: '',
    meanwhile: false,
  }));
  const editStep = useCallback<EditStep>(
    (index, step, field, change) =>
      edit(`steps.${step.id}.${field}`, (piece) => {
        piece.steps[index] ??= { ...step };
        change(piece.steps[index]);
      }),
    [edit],
  );
  const onMove = useCallback(
    (index: number, by: 1 | -1) => edit('', (piece) => moveRow(piece.steps, index, by)),
    [edit],
  );
  const onRemove = useCallback((index: number) => edit('', (piece) => void piece.steps.splice(index, 1)), [edit]);

  return (
    <section aria-labelledby="route" className="mt-5">
      <div className="flex items-baseline justify-between">
        <h2 id="route">Bench route</h2>
        <span className="aside num">
          {showValue(count.minutes.value, 'min')} min hands a piece, {showValue(count.byItself.value, 'min')} min by
          itself a batch
        </span>
      </div>
      <table role="table" className="rows rows-fixed" style={columns}>
        <thead role="rowgroup">
          <tr role="row">
            <th role="columnheader" className="first">
              <span className="sr-only">number</span>
            </th>
            <th role="columnheader">step</th>
            <th role="columnheader">where</th>
            <th role="columnheader" className="end" title="Minutes of hands, once a batch">
              set-up, min
            </th>
            <th role="columnheader" className="end" title="Minutes of hands for each piece">
              each, min
            </th>
            <th role="columnheader" className="end" title="Minutes it works by itself afterwards, once a batch">
              by itself
            </th>
            <th role="columnheader" title="May start while the step before it works by itself">
              meanwhile
            </th>
          </tr>
        </thead>
        {[...steps, ghost].map((step, index) => (
          <StepRow
            key={step.id}
            step={step}
            index={index}
            last={steps.length - 1}
            reckoning={count.steps[index] ?? null}
            editStep={editStep}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </table>
    </section>
  );
}, sameSteps);

function sameSteps(before: StepRowsProps, after: StepRowsProps): boolean {
  return (
    before.steps === after.steps &&
    before.edit === after.edit &&
    before.count.minutes.value === after.count.minutes.value
  );
}

type EditStep = (index: number, step: Step, field: string, change: (step: Step) => void) => void;

interface StepRowProps {
  readonly step: Step;
  readonly index: number;
  readonly last: number;
  /** Null for the blank row at the foot. */
  readonly reckoning: StepReckoning | null;
  readonly editStep: EditStep;
  readonly onMove: (index: number, by: 1 | -1) => void;
  readonly onRemove: (index: number) => void;
}

const StepRow = memo(function StepRow({ step, index, last, reckoning, editStep, onMove, onRemove }: StepRowProps) {
  const own = reckoning?.problems.map(({ path, sentence }) => [path, sentence]) ?? [];
  const problems = useRowProblems(Object.fromEntries(own) as Record<string, string>);
  const name = step.name || 'the step';
  const minutes = (key: 'setUp' | 'each' | 'byItself', label: string) => (
    <td role="cell" className="end num">
      <Field
        end
        value={step[key]}
        label={`${name}, ${label}`}
        placeholder="0"
        column={`step-${key}`}
        onChange={(value) => editStep(index, step, key, (changed) => void (changed[key] = value))}
        {...problems.at(key)}
      />
    </td>
  );
  return (
    <Row className={reckoning ? undefined : 'blank-row'} onKeyDown={(event) => moveByKeys(event, index, onMove)}>
      <tr role="row">
        <td role="cell" className="first num text-soft">
          {reckoning && <RowTools name={name} index={index} last={last} onMove={onMove} onRemove={onRemove} />}
          {reckoning ? index + 1 : ''}
        </td>
        <td role="cell">
          <Field
            wide
            value={step.name}
            label={reckoning ? `Step ${String(index + 1)}, name` : 'Add a step'}
            placeholder={reckoning ? 'unnamed' : 'Add a step'}
            column="step"
            maxLength={120}
            onChange={(value) => editStep(index, step, 'name', (changed) => void (changed.name = value))}
          />
        </td>
        {reckoning ? (
          <>
            <td role="cell">
              <Field
                wide
                value={step.station}
                label={`${name}, where`}
                placeholder="bench"
                column="station"
                onChange={(value) => editStep(index, step, 'station', (changed) => void (changed.station = value))}
              />
            </td>
            {minutes('setUp', 'set-up minutes, once a batch')}
            {minutes('each', 'minutes each')}
            {minutes('byItself', 'minutes by itself, once a batch')}
            <td role="cell" className="text-center">
              <input
                type="checkbox"
                className="size-[17px] accent-act"
                aria-label={`${name}, may start while the step before works by itself`}
                checked={step.meanwhile}
                disabled={index === 0}
                onChange={(event) =>
                  editStep(index, step, '', (changed) => void (changed.meanwhile = event.target.checked))
                }
              />
            </td>
          </>
        ) : (
          <td role="cell" style={{ gridColumn: `span ${String(COLUMNS - 2)}` }} />
        )}
      </tr>
      <ProblemLine problems={problems} columns={COLUMNS} indent={1} />
    </Row>
  );
});
