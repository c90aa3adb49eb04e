// The bench route: attended work in order, and unattended time beside it.
import type { Draft } from '@reduxjs/toolkit';
import { TriangleAlert } from 'lucide-react';
import { type CSSProperties, memo, useCallback, useState } from 'react';
import { showValue } from '../../../../core/figure/show.ts';
import { showNumber } from '../../../../core/format/numbers.ts';
import { driverNames, type StepComputation } from '../../../../core/piece/bench-time.ts';
import type { Remark } from '../../../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import { type Step, stepSchema, targetsOf } from '../../../../core/piece/step.ts';
import { cautionsFor } from '../../../../core/piece/step-care.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { type CautionId, cautionRule, cautionsOf } from '../../../../core/work/cautions.ts';
import type { Option } from '../../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { SectionTitle } from '../../../components/section-title.tsx';
import { useEditableRows } from '../../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { words } from '../../../words/piece.ts';
import { usePasteRows } from '../paste-rows.ts';
import { type Margin, memberOptions, useEditPiece, useSameOptions } from '../piece-context.ts';
import type { EditStep } from './edit-step.ts';
import { RouteOffer } from './route-offer.tsx';
import { StepMore } from './step-more.tsx';

/** Number, step, station, set-up, each, unattended, overlap. */
const columns: CSSProperties = { gridTemplateColumns: '34px 1fr 6em 5.6em 5.8em 7.6em 4.8em' };
const COLUMNS = 7;

interface StepRowsProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly margin: Margin;
  readonly edit: EditPiece;
}

const newStep = (_previous: Step | undefined, id: string): Step =>
  stepSchema.parse({ id, name: '', station: '', setUp: '', each: '', unattended: '', overlaps: false, byHand: true });

const stepsOf = (piece: Draft<Piece>) => piece.steps;

/** Drawn again only when a step or the minutes have changed; a key among the parts does not matter here. */
export const StepRows = memo(function StepRows({ piece, count, margin, edit }: StepRowsProps) {
  const { steps } = piece;
  const { set, onMove, blank } = useEditableRows({ edit, list: 'steps', rows: steps, rowsOf: stepsOf, fresh: newStep });
  // A suggestion never changes a step that the maker changed.
  const editStep = useCallback<EditStep>(
    (index, step, field, change) => set(index, step, { ...change, byHand: true }, field),
    [set],
  );
  // A suggested step that was removed is not suggested again.
  const onRemove = useCallback(
    (index: number) =>
      edit('', (draft) => {
        const [gone] = draft.steps.splice(index, 1);
        if (gone?.from && !draft.declined.includes(gone.from)) draft.declined.push(gone.from);
      }),
    [edit],
  );
  const { parts, findings, groups, joins } = piece;
  const scopes = useSameOptions([
    { value: '', label: 'the whole piece' },
    ...memberOptions({ parts, findings, groups }),
    ...joins.map(({ id, name }) => ({ value: id, label: name.trim() || 'a join' })),
  ]);
  const onPaste = usePasteRows('steps', edit);

  return (
    <section aria-labelledby="route" className="mt-5" onPaste={onPaste}>
      <div className="flex items-baseline justify-between">
        <SectionTitle id="route" title={words.benchRoute} help="route-and-time" />
        <span className="aside num">
          {showValue(count.minutes.value, 'min')} {words.minBenchTimePerPiece}{' '}
          {showValue(count.unattended.value, 'min')} {words.minUnattendedPerBatch}
        </span>
      </div>
      <RouteOffer piece={piece} edit={edit} />
      <EditableRows
        grid={columns}
        heads={[
          { hidden: 'number' },
          'step',
          'where',
          { end: 'set-up, min', title: words.benchTimeOncePerBatch },
          { end: 'each, min', title: words.benchTimeForEachPiece },
          { end: 'unattended, min', title: words.unattendedMinutesAfterwardsOncePer },
          { start: 'overlap', title: words.canStartDuringTheUnattended },
        ]}
        onMove={onMove}
      >
        {[...steps, blank].map((step, index) => (
          <StepRow
            key={step.id}
            step={step}
            index={index}
            last={steps.length - 1}
            computation={count.steps[index] ?? null}
            scopes={scopes}
            cautions={cautionIds(step, piece)}
            remarks={margin.at(step.id)}
            editStep={editStep}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
    </section>
  );
}, sameSteps);

function sameSteps(before: StepRowsProps, after: StepRowsProps): boolean {
  const rows = ['steps', 'joins', 'parts', 'findings', 'groups', 'work', 'declined'] as const;
  const sameRecipe =
    before.piece.steps === after.piece.steps && before.count.minutes.value === after.count.minutes.value;
  // The offer depends on every row. It is computed later, with the margin, so that a key waits for neither.
  return (
    sameRecipe &&
    before.edit === after.edit &&
    before.margin === after.margin &&
    before.piece.route === after.piece.route &&
    rows.every((row) => before.piece[row].length === after.piece[row].length)
  );
}

interface StepRowProps {
  readonly step: Step;
  readonly index: number;
  readonly last: number;
  /** Null for the blank row at the foot. */
  readonly computation: StepComputation | null;
  readonly scopes: readonly Option[];
  /** Ids of its cautions, one after another: a text, so that an unchanged row is not drawn again. */
  readonly cautions: string;
  readonly remarks: readonly Remark[];
  readonly editStep: EditStep;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

const StepRow = memo(function StepRow(props: StepRowProps) {
  const { step, index, last, computation, scopes, cautions: cautionText, remarks, editStep, onMove, onRemove } = props;
  const edit = useEditPiece();
  const [more, setMore] = useState(false);
  const own = computation?.problems.map(({ path, sentence }) => [path, sentence]) ?? [];
  const problems = useRowProblems(Object.fromEntries(own) as Record<string, string>);
  const name = step.name || 'the step';
  const cautions = cautionsOf(cautionText.split(' ') as CautionId[]);
  const minutes = (key: 'setUp' | 'each' | 'unattended', label: string) => (
    <td role="cell" className="end num">
      <Field
        end
        value={step[key]}
        label={`${name}, ${label}`}
        placeholder="0"
        column={`step-${key}`}
        onChange={(value) => editStep(index, step, key, { [key]: value })}
        {...problems.at(key)}
      />
      {key === 'each' && computation && <span className="aside block">{driverInWords(step, computation)}</span>}
      {key === 'unattended' && step.load.trim() && <span className="aside block">{step.load.trim()} a load</span>}
    </td>
  );
  const nameField = (
    <Field
      wide
      value={step.name}
      label={computation ? `Step ${String(index + 1)}, name` : words.addAStep}
      placeholder={computation ? words.unnamed : words.addAStep}
      column="step"
      maxLength={120}
      onChange={(value) => editStep(index, step, 'name', { name: value })}
    />
  );
  const row = { name, index, last, columns: COLUMNS, isGrid: true, nameField, problems, onMove, onRemove };
  if (!computation) return <EditableRow {...row} isBlank lead={null} />;
  return (
    <EditableRow
      {...row}
      isBlank={false}
      lead={index + 1}
      leadClass="num text-soft"
      underName={
        <button
          type="button"
          className="chrome aside fold"
          aria-expanded={more}
          aria-label={[`${name}, more${cautions.length > 0 ? ' and cautions' : ''}`, extrasInWords(step, scopes)]
            .filter(Boolean)
            .join(': ')}
          onClick={() => setMore(!more)}
        >
          {extrasInWords(step, scopes) || 'more'}
          {cautions.length > 0 && <TriangleAlert size={13} className="ml-1 text-warn" aria-hidden="true" />}
        </button>
      }
      details={
        more && (
          <tr role="row">
            <td role="cell" style={{ gridColumn: '2 / -1' }} className="pt-0!">
              <StepMore step={step} index={index} scopes={scopes} problems={problems} editStep={editStep} />
              {cautions.length > 0 && (
                <div className="note mb-2">
                  {cautions.map(({ id, text }) => (
                    <p key={id}>{text}</p>
                  ))}
                  <p className="text-soft">{cautionRule}</p>
                </div>
              )}
            </td>
          </tr>
        )
      }
      problemIndent={1}
      remarks={remarks}
      edit={edit}
    >
      <td role="cell">
        <Field
          wide
          value={step.station}
          label={`${name}, station`}
          placeholder={words.bench}
          column="station"
          onChange={(station) => editStep(index, step, 'station', { station })}
        />
      </td>
      {minutes('setUp', words.setUpMinutesOncePer)}
      {minutes('each', 'minutes each')}
      {minutes('unattended', words.unattendedMinutesOncePerBatch)}
      <td role="cell" className="text-center">
        <input
          type="checkbox"
          className="size-[17px] accent-act"
          aria-label={`${name}, can overlap the unattended time of the step before`}
          checked={step.overlaps}
          disabled={index === 0}
          onChange={(event) => editStep(index, step, '', { overlaps: event.target.checked })}
        />
      </td>
    </EditableRow>
  );
});

function cautionIds(step: Step, piece: Piece): string {
  return cautionsFor(step, piece)
    .map(({ id }) => id)
    .join(' ');
}

// The usual case (the whole piece, nothing done again, full yield) shows nothing.
function extrasInWords(step: Step, scopes: readonly Option[]): string {
  const names = targetsOf(step).map((id) => scopes.find(({ value }) => value === id)?.label ?? 'deleted item');
  const [first, second, ...more] = names;
  const scope = [first, second, more.length > 0 && `${String(more.length)} more`].filter(Boolean).join(', ');
  const again = step.again.trim() && step.again.trim() !== '0 %' && `${step.again.trim()} done again`;
  return [scope, again, step.yield.trim() && `${step.yield.trim()} yield`].filter(Boolean).join(', ');
}

// The usual driver, a piece, is not shown.
function driverInWords({ per }: Step, { drivers }: StepComputation): string {
  if (per === 'piece') return '';
  if (per === 'load' || per === 'batch') return `a ${driverNames[per]}`;
  const count = Number.isInteger(drivers) ? String(drivers) : showNumber(drivers, 1);
  const name = driverNames[per].replace(/ of .*| or .*/, '');
  return `× ${count} ${count === '1' || name.startsWith('cm') ? name : `${name}s`}`;
}
