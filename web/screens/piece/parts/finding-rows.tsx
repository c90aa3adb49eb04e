// Findings: bought parts, stones, outwork, and what belongs to the customer.
import { type Draft, weakMapMemoize } from '@reduxjs/toolkit';
import { type CSSProperties, memo, useMemo } from 'react';
import { local } from '../../../../core/format/variants.ts';
import type { Issue } from '../../../../core/measure/issue.ts';
import type { Alloy } from '../../../../core/metal/alloys.ts';
import type { Remark } from '../../../../core/piece/checks/bench-check.ts';
import { type Finding, findingKinds, findingSchema, type Piece, stoneShapes } from '../../../../core/piece/piece.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import { Labelled } from '../../../components/labelled.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { sameProps } from '../../../components/same-props.ts';
import { SectionTitle } from '../../../components/section-title.tsx';
import { useBasis } from '../../../hooks/use-basis.ts';
import { type SetRow, useEditableRows } from '../../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { issuesAt } from '../../../state/basis.ts';
import { words } from '../../../words/piece.ts';
import { usePasteRows } from '../paste-rows.ts';
import { groupOptions, type Margin, useEditPiece } from '../piece-context.ts';

/** Name, kind, price, weight, each. */
const columns: CSSProperties = { gridTemplateColumns: '1fr 9em 7em 7em 3.4em' };
const COLUMNS = 5;

const kindNames = {
  finding: 'finding',
  stone: 'stone',
  blank: 'bought blank',
  'sent-out': 'outwork',
  customer: 'customer-supplied',
} as const satisfies Record<Finding['kind'], string>;
const kindOptions = (): readonly Option[] => findingKinds.map((value) => ({ value, label: local(kindNames[value]) }));
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
  const { set, onMove, onRemove, blank } = useEditableRows({
    edit,
    list: 'findings',
    rows: findings,
    rowsOf: findingsOf,
    fresh: newFinding,
  });
  const groups = useMemo(() => groupOptions({ groups: piece.groups }), [piece.groups]);
  const onPaste = usePasteRows('findings', edit);

  return (
    <section aria-labelledby="findings" className="mt-5" onPaste={onPaste}>
      <SectionTitle id="findings" title={words.findingsStonesAndOutwork} help="parts-and-blanks" />
      <EditableRows
        grid={columns}
        heads={[
          { start: 'item', className: 'pl-[58px]!' },
          'type',
          { end: 'price each' },
          { end: 'weight each' },
          { end: 'qty' },
        ]}
        onMove={onMove}
      >
        {[...findings, blank].map((finding, index) => (
          <FindingRow
            key={finding.id}
            finding={finding}
            index={index}
            last={findings.length - 1}
            isBlank={finding === blank}
            problems={issuesAt(problems, `findings.${String(index)}`)}
            groups={groups}
            remarks={margin.at(finding.id)}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
    </section>
  );
}

interface FindingRowProps {
  readonly finding: Finding;
  readonly index: number;
  readonly last: number;
  readonly isBlank: boolean;
  /** By path within the finding. */
  readonly problems: Readonly<Record<string, string>>;
  readonly groups: readonly Option[];
  readonly remarks: readonly Remark[];
  readonly set: SetRow<Finding>;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

const FindingRow = memo(function FindingRow(props: FindingRowProps) {
  const { finding, index, last, isBlank, problems: sentences, groups, remarks, set, onMove, onRemove } = props;
  const edit = useEditPiece();
  const problems = useRowProblems(sentences);
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
  return (
    <EditableRow
      name={name}
      index={index}
      last={last}
      columns={COLUMNS}
      isGrid
      isBlank={isBlank}
      nameClass="pl-[58px]!"
      nameField={
        <Field
          wide
          value={finding.name}
          label={isBlank ? words.addAFinding : `Finding ${String(index + 1)}, name`}
          placeholder={isBlank ? words.addAFinding : words.unnamed}
          column="finding"
          maxLength={120}
          onChange={(value) => set(index, finding, { name: value })}
        />
      }
      details={<FindingDetails finding={finding} index={index} groups={groups} set={set} />}
      problems={problems}
      remarks={remarks}
      edit={edit}
      onMove={onMove}
      onRemove={onRemove}
    >
      <td role="cell">
        <Choice
          value={finding.kind}
          options={kindOptions()}
          label={`${name}, kind`}
          onChange={(kind) => set(index, finding, { kind: kind as Finding['kind'] })}
        />
      </td>
      {field('price', 'price each')}
      {field('grams', 'weight each', 'g')}
      {field('count', 'number per piece')}
    </EditableRow>
  );
}, sameProps);

interface DetailsProps {
  readonly finding: Finding;
  readonly index: number;
  readonly groups: readonly Option[];
  readonly set: SetRow<Finding>;
}

// A stone has sizes; a finding that is heated with the piece has an alloy.
function FindingDetails({ finding, index, groups, set }: DetailsProps) {
  const { rates, studio } = useBasis();
  const name = finding.name || 'the finding';
  const unit = studio.units === 'mm' ? 'mm' : 'in';
  const isStone = finding.kind === 'stone';
  const hasMetal = finding.kind !== 'stone' && finding.kind !== 'sent-out';
  if (!isStone && !hasMetal) return null;
  const size = (key: 'length' | 'width' | 'girdle' | 'girth', label: string, placeholder: string) => (
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
              {finding.shape === 'free' && (
                <>
                  <Labelled word="girth">{size('girth', 'girth', unit)}</Labelled>
                  <Labelled word="or corners">
                    <Field
                      small
                      open
                      value={finding.points}
                      label={`${name}, corners`}
                      placeholder="0,0 24,0 12,18"
                      maxLength={400}
                      onChange={(points) => set(index, finding, { points })}
                    />
                  </Labelled>
                </>
              )}
              {finding.shape !== 'free' && (
                <span className="whitespace-nowrap">
                  {size('length', finding.shape === 'round' ? 'diameter' : 'length', unit)}
                  {finding.shape !== 'round' && <span className="aside"> {words.by} </span>}
                  {finding.shape !== 'round' && size('width', 'width', unit)}
                </span>
              )}
              <Labelled word="girdle height">{size('girdle', 'girdle height', 'not measured')}</Labelled>
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

// One list for all rows: a list of alloys is long, and is drawn again only when it changes.
const metalOptions = weakMapMemoize((alloys: ReadonlyMap<string, Alloy>): Option[] => [
  { value: '', label: 'no metal' },
  ...[...alloys.values()].map(({ id, name }) => ({ value: id, label: name })),
]);
