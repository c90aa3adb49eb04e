// Work on parts, sub-assemblies, joins and the finished piece, beside what the parts and joins imply.
import type { Draft } from '@reduxjs/toolkit';
import { type CSSProperties, memo } from 'react';
import { local } from '../../../../core/format/variants.ts';
import { capital } from '../../../../core/format/variants.ts';
import type { Issue } from '../../../../core/measure/issue.ts';
import { driverNames } from '../../../../core/piece/bench-time.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import type { StepKind } from '../../../../core/piece/step.ts';
import { type WorkRow, workRowSchema } from '../../../../core/piece/work-row.ts';
import type { WorkKind } from '../../../../core/work/work-kind.ts';
import { workKindOf, workKinds, workNamed } from '../../../../core/work/work-kinds.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { SectionTitle } from '../../../components/section-title.tsx';
import { type SetRow, useEditableRows } from '../../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { issuesAt } from '../../../state/basis.ts';
import { words } from '../../../words/piece.ts';
import { memberOptions, useEditPiece, useSameOptions } from '../piece-context.ts';

/** Number, name, kind, done to, count, set-up, each. */
const columns: CSSProperties = { gridTemplateColumns: '34px 1fr 9.5em 9.5em 6em 5.8em 5.4em' };
const COLUMNS = 7;
const offered = [...workKinds].sort((a, b) => a.name.localeCompare(b.name));
/** The options in British and American English: the same list for every row, so that rows stay equal. */
const optionsBySpelling = new Map<string, readonly Option[]>();

function offeredNow(): readonly Option[] {
  const spelling = local('colour');
  const options =
    optionsBySpelling.get(spelling) ?? offered.map(({ kind, name }) => ({ value: kind, label: local(name) }));
  optionsBySpelling.set(spelling, options);
  return options;
}

const newRow = (_previous: WorkRow | undefined, id: string): WorkRow => workRowSchema.parse({ id, name: '' });
const rowsOf = (piece: Draft<Piece>) => piece.work;

interface WorkRowsProps {
  readonly piece: Piece;
  readonly problems: readonly Issue[];
  readonly edit: EditPiece;
}

export const WorkRows = memo(function WorkRows({ piece, problems, edit }: WorkRowsProps) {
  const { work, parts, findings, groups, joins } = piece;
  const { set, onMove, onRemove, blank } = useEditableRows({ edit, list: 'work', rows: work, rowsOf, fresh: newRow });
  const targets = useSameOptions([
    { value: '', label: words.theFinishedPiece },
    ...memberOptions({ parts, findings, groups }),
    ...joins.map(({ id, name }) => ({ value: id, label: name.trim() || words.aJoin })),
  ]);
  return (
    <section aria-labelledby="work" className="mt-5">
      <SectionTitle id="work" title={words.work} help="route-and-time" />
      <p className="aside">{words.cuttingJoiningPickling}</p>
      <EditableRows
        grid={columns}
        heads={[
          { hidden: 'number' },
          'work',
          'kind',
          'done to',
          { end: 'number' },
          { end: 'set-up, min' },
          { end: 'each, min' },
        ]}
        onMove={onMove}
      >
        {[...work, blank].map((row, index) => (
          <Row
            key={row.id}
            row={row}
            index={index}
            last={work.length - 1}
            isBlank={row === blank}
            problems={issuesAt(problems, `work.${String(index)}`)}
            targets={targets}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
      <OfferedFinishes work={work} edit={edit} />
    </section>
  );
}, sameWork);

const finishes = workKinds.filter((kind: WorkKind) => kind.offered);

// Optional finishes the piece does not have yet, one press each.
function OfferedFinishes({ work, edit }: { readonly work: Piece['work']; readonly edit: EditPiece }) {
  const missing = finishes.filter(({ kind }) => !work.some((row) => (row.kind || workNamed(row.name)) === kind));
  if (missing.length === 0) return null;
  return (
    <p className="chrome mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[14px] text-soft">
      <span>{words.oftenAdded}</span>
      {missing.map(({ kind, verb }) => (
        <button
          key={kind}
          type="button"
          className="link"
          onClick={() =>
            edit(
              '',
              (piece) => void piece.work.push(workRowSchema.parse({ id: crypto.randomUUID(), name: verb, kind })),
            )
          }
        >
          {verb}
        </button>
      ))}
    </p>
  );
}

// Names of parts are options here, and the rows are its own; nothing else matters.
function sameWork(before: WorkRowsProps, after: WorkRowsProps): boolean {
  const [a, b] = [before.piece, after.piece];
  const names = ({ parts, findings, groups, joins }: Piece) =>
    [...parts, ...findings, ...groups, ...joins].map(({ id, name }) => `${id} ${name}`).join('|');
  return (
    a.work === b.work &&
    before.edit === after.edit &&
    ((a.parts === b.parts && a.findings === b.findings && a.groups === b.groups && a.joins === b.joins) ||
      names(a) === names(b))
  );
}

interface RowProps {
  readonly row: WorkRow;
  readonly index: number;
  readonly last: number;
  readonly isBlank: boolean;
  /** By path within the row. */
  readonly problems: Readonly<Record<string, string>>;
  readonly targets: readonly Option[];
  readonly set: SetRow<WorkRow>;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

const Row = memo(function Row(props: RowProps) {
  const { row, index, last, isBlank, problems: sentences, targets, set, onMove, onRemove } = props;
  const edit = useEditPiece();
  const problems = useRowProblems(sentences);
  const kind = row.kind || workNamed(row.name);
  const usual = workKindOf(kind);
  const name = row.name.trim() || words.work;
  const number = (key: 'count' | 'setUp' | 'each', label: string, placeholder: string) => (
    <td role="cell" className="end num">
      <Field
        end
        value={row[key]}
        label={`${name}, ${label}`}
        placeholder={placeholder}
        column={`work-${key}`}
        onChange={(value) => set(index, row, { [key]: value })}
        {...problems.at(key)}
      />
      {key === 'count' && <span className="aside block">{driverNames[usual.driver]}</span>}
    </td>
  );
  return (
    <EditableRow
      name={name}
      index={index}
      last={last}
      columns={COLUMNS}
      isGrid
      isBlank={isBlank}
      lead={isBlank ? null : index + 1}
      leadClass="num text-soft"
      nameField={
        <Field
          value={row.name}
          label={isBlank ? words.addWork : `Work ${String(index + 1)}, name`}
          placeholder={isBlank ? words.addWork : usual.verb}
          column="work"
          maxLength={120}
          onChange={(value) => set(index, row, { name: value })}
        />
      }
      problems={problems}
      problemIndent={1}
      remarks={[]}
      edit={edit}
      onMove={onMove}
      onRemove={onRemove}
    >
      <td role="cell">
        <Choice
          value={row.kind}
          options={kindOptions(row.name)}
          label={isBlank ? words.addWorkOfAKind : `${name}, kind of work`}
          onChange={(value) =>
            set(index, row, {
              kind: value as WorkRow['kind'],
              ...(!row.name.trim() && value && { name: capital(workKindOf(value as StepKind).name) }),
            })
          }
        />
      </td>
      {!isBlank && (
        <>
          <td role="cell">
            <Choice
              value={row.on}
              options={targets}
              label={`${name}, done to`}
              onChange={(on) => set(index, row, { on })}
            />
          </td>
          {number('count', 'number per piece', words.counted)}
          {number('setUp', words.setUpMinutesOncePer, usual.start.setUp || '0')}
          {number('each', 'minutes each', usual.start.each || '0')}
        </>
      )}
    </EditableRow>
  );
});

function kindOptions(name: string): Option[] {
  const known = name.trim() ? workKindOf(workNamed(name)).name : words.chooseWork;
  return [{ value: '', label: local(known) }, ...offeredNow()];
}
