// Findings: bought and put in as they come; stones, work sent out, and what belongs to the customer.
import { memo, useCallback, useMemo, type CSSProperties } from 'react';
import { weakMapMemoize, type Draft } from '@reduxjs/toolkit';
import type { Alloy } from '../../../core/metal/alloys.ts';
import type { Remark } from '../../../core/piece/checks/bench-check.ts';
import { findingKinds, findingSchema, stoneShapes, type Finding, type Piece } from '../../../core/piece/piece.ts';
import type { Issue } from '../../../core/studio/rates.ts';
import { problemsAt, useBasis } from '../../hooks/use-basis.ts';
import { Choice, type Option } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { Labelled } from '../../components/labelled.tsx';
import { ProblemLine } from '../../components/problem-line.tsx';
import { RemarkRow, type EditPiece } from '../../components/remark-lines.tsx';
import { moveByKeys, useRowMoves } from '../../hooks/use-row-moves.ts';
import { RowTools } from '../../components/row-tools.tsx';
import { SortableRow, SortableRows } from '../../components/sortable-rows.tsx';
import { useBlankRow } from '../../hooks/use-blank-row.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { usePasteRows } from './paste-rows.ts';
import { groupOptions, useEditPiece, type Margin } from './piece-context.ts';

/** Name, kind, price, weight, each. */
const columns: CSSProperties = { gridTemplateColumns: '1fr 9em 7em 7em 3.4em' };
const COLUMNS = 5;

const kindNames = {
  finding: 'finding',
  stone: 'stone',
  blank: 'bought blank',
  'sent-out': 'work sent out',
  customer: 'customer’s own',
} as const satisfies Record<Finding['kind'], string>;
const kindOptions: readonly Option[] = findingKinds.map((value) => ({ value, label: kindNames[value] }));
const shapeOptions: readonly Option[] = stoneShapes.map((value) => ({ value, label: value }));

interface FindingRowsProps {
  readonly piece: Piece;
  readonly problems: readonly Issue[];
  readonly margin: Margin;
  readonly edit: EditPiece;
}

const newFinding = (_previous: Finding | undefined, id: string): Finding =>
  findingSchema.parse({ id, name: '', count: '1', price: '', grams: '' });

const findingsOf = (piece: Draft<Piece>) => piece.findings;

export function FindingRows({ piece, problems, margin, edit }: FindingRowsProps) {
  const { findings } = piece;
  const ghost = useBlankRow(findings, newFinding);
  const set = useCallback<SetFinding>(
    (index, finding, change) =>
      edit(`findings.${finding.id}.${Object.keys(change).join()}`, (draft) => {
        draft.findings[index] ??= { ...finding };
        Object.assign(draft.findings[index], change);
      }),
    [edit],
  );
  const { onMove, onRemove } = useRowMoves(edit, findingsOf);
  const groups = useMemo(() => groupOptions({ groups: piece.groups }), [piece.groups]);
  const onPaste = usePasteRows('findings', edit);

  return (
    <section aria-labelledby="findings" className="mt-5" onPaste={onPaste}>
      <h2 id="findings">Findings, stones and work sent out</h2>
      <SortableRows onMove={(from, to) => onMove(from, to - from)}>
        <table role="table" className="rows rows-fixed" style={columns}>
          <TableHeader
            isGrid
            of={[
              { start: 'bought as it comes', className: 'pl-[58px]!' },
              'is a',
              { end: 'price each' },
              { end: 'weight each' },
              { end: 'each' },
            ]}
          />
          {[...findings, ghost].map((finding, index) => (
            <FindingRow
              key={finding.id}
              finding={finding}
              index={index}
              last={findings.length - 1}
              isGhost={finding === ghost}
              problems={JSON.stringify(problemsAt(problems, `findings.${String(index)}`))}
              groups={groups}
              remarks={margin.at(finding.id)}
              set={set}
              onMove={onMove}
              onRemove={onRemove}
            />
          ))}
        </table>
      </SortableRows>
    </section>
  );
}

type SetFinding = (index: number, finding: Finding, change: Partial<Draft<Omit<Finding, 'id'>>>) => void;

interface FindingRowProps {
  readonly finding: Finding;
  readonly index: number;
  readonly last: number;
  readonly isGhost: boolean;
  /** JSON, so that the row is drawn again only when the sentences change. */
  readonly problems: string;
  readonly groups: readonly Option[];
  readonly remarks: readonly Remark[];
  readonly set: SetFinding;
  readonly onMove: (index: number, by: number) => void;
  readonly onRemove: (index: number) => void;
}

const FindingRow = memo(function FindingRow(props: FindingRowProps) {
  const { finding, index, last, isGhost, problems: json, groups, remarks, set, onMove, onRemove } = props;
  const edit = useEditPiece();
  const problems = useRowProblems(JSON.parse(json) as Record<string, string>);
  const name = finding.name || 'the finding';
  const field = (key: 'price' | 'grams' | 'count', label: string, unit = '') => (
    <td role="cell" className="end num">
      <Field
        end
        value={finding[key]}
        label={`${name}, ${label}`}
        unit={unit}
        placeholder="0"
        column={`finding-${key}`}
        onChange={(value) => set(index, finding, { [key]: value })}
        {...problems.at(key)}
      />
    </td>
  );
  const nameCell = (
    <td
      role="cell"
      className="first pl-[58px]!"
      style={isGhost ? { gridColumn: `span ${String(COLUMNS)}` } : undefined}
    >
      {!isGhost && <RowTools name={name} index={index} last={last} onMove={onMove} onRemove={onRemove} />}
      <Field
        wide
        value={finding.name}
        label={isGhost ? 'Add a finding' : `Finding ${String(index + 1)}, name`}
        placeholder={isGhost ? 'Add a finding' : 'unnamed'}
        column="finding"
        maxLength={120}
        onChange={(value) => set(index, finding, { name: value })}
      />
    </td>
  );
  if (isGhost)
    return (
      <SortableRow isBlank>
        <tr role="row">{nameCell}</tr>
      </SortableRow>
    );
  return (
    <SortableRow onKeyDown={(event) => moveByKeys(event, index, onMove)}>
      <tr role="row">
        {nameCell}
        <td role="cell">
          <Choice
            value={finding.kind}
            options={kindOptions}
            label={`${name}, kind`}
            onChange={(kind) => set(index, finding, { kind: kind as Finding['kind'] })}
          />
        </td>
        {field('price', 'price each')}
        {field('grams', 'weight each', 'g')}
        {field('count', 'how many in a piece')}
      </tr>
      <FindingDetails finding={finding} index={index} groups={groups} set={set} />
      <ProblemLine problems={problems} columns={COLUMNS} />
      <RemarkRow remarks={remarks} edit={edit} />
    </SortableRow>
  );
});

interface DetailsProps {
  readonly finding: Finding;
  readonly index: number;
  readonly groups: readonly Option[];
  readonly set: SetFinding;
}

// A stone has sizes; anything that is heated with the piece has a metal worth knowing.
function FindingDetails({ finding, index, groups, set }: DetailsProps) {
  const { rates, studio } = useBasis();
  const name = finding.name || 'the finding';
  const unit = studio.units === 'mm' ? 'mm' : 'in';
  const isStone = finding.kind === 'stone';
  const hasMetal = finding.kind !== 'stone' && finding.kind !== 'sent-out';
  if (!isStone && !hasMetal) return null;
  const size = (key: 'length' | 'width' | 'girdle', label: string, placeholder: string) => (
    <Field
      small
      open
      value={finding[key]}
      label={`${name}, ${label}`}
      unit={unit}
      placeholder={placeholder}
      onChange={(value) => set(index, finding, { [key]: value })}
    />
  );
  return (
    <tr role="row">
      <td role="cell" style={{ gridColumn: '1 / -1' }} className="pt-0! pl-[58px]! text-[14px]">
        <span className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
          {isStone ? (
            <>
              <Choice
                small
                value={finding.shape}
                options={shapeOptions}
                label={`${name}, outline`}
                onChange={(shape) => set(index, finding, { shape: shape as Finding['shape'] })}
              />
              <span className="whitespace-nowrap">
                {size('length', finding.shape === 'round' ? 'diameter' : 'length', unit)}
                {finding.shape !== 'round' && <span className="aside"> by </span>}
                {finding.shape !== 'round' && size('width', 'width', unit)}
              </span>
              <Labelled word="curves in at">{size('girdle', 'height where it curves in', 'not measured')}</Labelled>
            </>
          ) : (
            <Labelled word="of">
              <Choice
                small
                value={finding.alloy}
                options={metalOptions(rates.alloys)}
                label={`${name}, metal`}
                onChange={(alloy) => set(index, finding, { alloy })}
              />
            </Labelled>
          )}
          {groups.length > 1 && (
            <Labelled word="in">
              <Choice
                small
                value={finding.group}
                options={groups}
                label={`${name}, sub-assembly`}
                onChange={(group) => set(index, finding, { group })}
              />
            </Labelled>
          )}
        </span>
      </td>
    </tr>
  );
}

// One list for all rows: a list of metals is long, and is drawn again only when it is another list.
const metalOptions = weakMapMemoize((alloys: ReadonlyMap<string, Alloy>): Option[] => [
  { value: '', label: 'some metal' },
  ...[...alloys.values()].map(({ id, name }) => ({ value: id, label: name })),
]);
