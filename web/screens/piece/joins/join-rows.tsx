// Joins in the order they are made: the parts they join, the solder, and its mass.
import type { Draft } from '@reduxjs/toolkit';
import { type CSSProperties, memo, useCallback } from 'react';
import { showValue } from '../../../../core/figure/show.ts';
import { solderById, solders } from '../../../../core/metal/solders.ts';
import { degreeUnit, showTemperature } from '../../../../core/metal/temperatures.ts';
import type { Remark } from '../../../../core/piece/checks/bench-check.ts';
import { gradeName } from '../../../../core/piece/checks/solder-order.ts';
import type { JoinComputation } from '../../../../core/piece/compute-join.ts';
import { isAlongSeam, isHot, type Join, joinKinds, joinSchema, solderForms } from '../../../../core/piece/join.ts';
import type { Piece } from '../../../../core/piece/piece.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { Choice, type Option } from '../../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import { Tick } from '../../../components/labelled.tsx';
import { PickMany } from '../../../components/pick-many.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { SectionTitle } from '../../../components/section-title.tsx';
import { type SetRow, useEditableRows } from '../../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { words } from '../../../words/piece.ts';
import { type Margin, memberOptions, useEditPiece, useSameOptions } from '../piece-context.ts';
import { HeatLadder } from './heat-ladder.tsx';

/** Number, join, brings together, with, joints, g. */
const columns: CSSProperties = { gridTemplateColumns: '34px 1.1fr 1.5fr 2.1fr 3.8em 4.6em' };
const COLUMNS = 6;

const kindNames = {
  solder: 'solder',
  fuse: 'fuse',
  rivet: 'rivet',
  screw: 'screw',
  wrap: 'wrap',
  link: 'open link',
  set: 'set',
} as const satisfies Record<Join['kind'], string>;
const kindOptions: readonly Option[] = joinKinds.map((value) => ({ value, label: kindNames[value] }));

const formNames = {
  snippets: 'pallions',
  seam: 'strip, length',
  'seam-snippets': 'pallions along, length',
  beads: 'paste dots',
  sweat: 'sweat solder, area',
} as const satisfies Record<Join['form'], string>;
const formOptions: readonly Option[] = solderForms.map((value) => ({ value, label: formNames[value] }));

const schools: readonly Option[] = [
  { value: 'step-down', label: 'step soldering (hard to easy)' },
  { value: 'one-grade', label: 'one solder for all, earlier joins shielded' },
];

const showsOptions: readonly Option[] = [
  { value: '', label: 'filed as usual' },
  { value: 'yes', label: 'shows: filed' },
  { value: 'no', label: 'hidden: not filed' },
];
const solderOptions = () =>
  [...new Set(solders.map(({ family }) => family))].map((family) => ({
    group: family.replace('-', ' '),
    options: solders
      .filter((solder) => solder.family === family)
      .map((solder) => ({
        value: solder.id,
        label: `${family.replace('-', ' ')} ${gradeName(solder)}${solder.form === 'paste' ? ' paste' : ''}, ${showTemperature(solder.flowC)}${solder.cadmiumFree ? '' : ' (do not use)'}`,
      })),
  }));
/** The options in each unit of temperature: the same list for every row, so that rows stay equal. */
const optionsByUnit = new Map<string, ReturnType<typeof solderOptions>>();

function solderOptionsNow(): ReturnType<typeof solderOptions> {
  const unit = degreeUnit();
  const options = optionsByUnit.get(unit) ?? solderOptions();
  optionsByUnit.set(unit, options);
  return options;
}

interface JoinRowsProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly margin: Margin;
  readonly edit: EditPiece;
}

// Starts with the solder of the join before, in its usual form: hard solder first.
const newJoin = (previous: Join | undefined, id: string): Join =>
  joinSchema.parse({ id, name: '', kind: 'solder', parts: [], solder: previous?.solder || 'silver-hard', count: '' });

const joinsOf = (piece: Draft<Piece>) => piece.joins;

/** Drawn again only when a join, a name or the check has changed; a measure of a part does not matter here. */
export const JoinRows = memo(function JoinRows({ piece, count, margin, edit }: JoinRowsProps) {
  const { joins } = piece;
  const { set, onMove, onRemove, blank } = useEditableRows({
    edit,
    list: 'joins',
    rows: joins,
    rowsOf: joinsOf,
    fresh: newJoin,
  });
  const { parts, findings, groups } = piece;
  const members = useSameOptions(memberOptions({ parts, findings, groups }));
  const setSolder = useCallback(
    (id: string, solder: string) =>
      edit('', (draft) => {
        const join = draft.joins.find((each) => each.id === id);
        if (join) Object.assign(join, { solder, flow: '' });
      }),
    [edit],
  );

  return (
    <section aria-labelledby="joins" className="mt-5">
      <div className="flex items-baseline justify-between gap-4">
        <SectionTitle id="joins" title={words.joins} help="joins-and-solder" />
        {joins.length > 0 && (
          <span className="text-[14px]">
            <Choice
              small
              value={piece.school}
              options={schools}
              label={words.solderingMethod}
              onChange={(school) => edit('', (draft) => void Object.assign(draft, { school }))}
            />
          </span>
        )}
      </div>
      <HeatLadder count={count} margin={margin} onSolder={setSolder} />
      <EditableRows
        grid={columns}
        heads={
          joins.length > 0 && [
            { hidden: 'number' },
            'join',
            'parts joined',
            'with',
            { end: 'joints' },
            { end: 'solder mg' },
          ]
        }
        onMove={onMove}
      >
        {[...joins, blank].map((join, index) => (
          <JoinRow
            key={join.id}
            join={join}
            index={index}
            last={joins.length - 1}
            computation={count.joins[index] ?? null}
            members={members}
            remarks={margin.at(join.id)}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
      {joins.some(({ kind, form }) => kind === 'solder' && form !== 'beads') && (
        <p className="aside mt-1">
          Pallion size{' '}
          <Field
            small
            open
            value={piece.snippet}
            label={words.lengthWidthAndThicknessOf}
            placeholder={words.n125X1X}
            onChange={(snippet) => edit('snippet', (draft) => void (draft.snippet = snippet))}
          />
        </p>
      )}
    </section>
  );
}, sameJoins);

function sameJoins(before: JoinRowsProps, after: JoinRowsProps): boolean {
  const [a, b] = [before.piece, after.piece];
  const same = a.joins === b.joins && a.school === b.school && a.snippet === b.snippet;
  return same && before.margin === after.margin && before.edit === after.edit && before.count.size === after.count.size;
}

interface JoinRowProps {
  readonly join: Join;
  readonly index: number;
  readonly last: number;
  /** Null for the blank row at the foot. */
  readonly computation: JoinComputation | null;
  readonly members: readonly Option[];
  readonly remarks: readonly Remark[];
  readonly set: SetRow<Join>;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

const JoinRow = memo(function JoinRow(props: JoinRowProps) {
  const { join, index, last, computation, members, remarks, set, onMove, onRemove } = props;
  const edit = useEditPiece();
  const own = computation?.problems.map(({ path, sentence }) => [path, sentence]) ?? [];
  const problems = useRowProblems(Object.fromEntries(own) as Record<string, string>);
  const name = join.name || 'the join';
  const nameField = (
    <Field
      wide
      value={join.name}
      label={computation ? `Join ${String(index + 1)}, name` : words.addAJoin}
      placeholder={computation ? words.unnamed : words.addAJoin}
      column="join"
      maxLength={120}
      onChange={(value) => set(index, join, { name: value })}
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
      problemIndent={1}
      remarks={remarks}
      edit={edit}
    >
      <td role="cell">
        <PickMany
          chosen={join.parts}
          options={members}
          label={`${name} parts joined`}
          placeholder={words.choose}
          onChange={(parts) => set(index, join, { parts })}
          {...problems.at('parts')}
        />
      </td>
      <td role="cell">
        <div className="flex flex-wrap items-baseline gap-x-2">
          <Choice
            value={join.kind}
            options={kindOptions}
            label={`${name}, kind`}
            onChange={(kind) => set(index, join, { kind: kind as Join['kind'] })}
          />
          {join.kind === 'solder' && <SolderFields join={join} index={index} problems={problems} set={set} />}
          {index > 0 && isHot(join) && (
            <Tick
              word="same heat as before"
              label={`${name}, same heat as the join before`}
              checked={join.sameHeat}
              onChange={(sameHeat) => set(index, join, { sameHeat })}
            />
          )}
          {join.kind === 'solder' && (
            <span className="whitespace-nowrap text-soft text-[14px]">
              seam{' '}
              <Choice
                small
                value={join.shows}
                options={showsOptions}
                label={`${name}, seam shows`}
                onChange={(shows) => set(index, join, { shows: shows as Join['shows'] })}
              />
            </span>
          )}
          {join.kind === 'link' && (
            <Tick
              word="load-bearing"
              label={`${name}, load-bearing`}
              checked={join.bearsLoad}
              onChange={(bearsLoad) => set(index, join, { bearsLoad })}
            />
          )}
        </div>
      </td>
      <td role="cell" className="end num">
        <Field
          end
          value={join.count}
          label={`${name}, joints per piece`}
          placeholder={String(computation.joints)}
          column="join-count"
          onChange={(value) => set(index, join, { count: value })}
          {...problems.at('count')}
        />
      </td>
      <td role="cell" className="end num">
        {computation.grams ? (
          showValue(computation.grams.value * MG_PER_G, 'mg')
        ) : (
          <span className="aside">{words.none}</span>
        )}
      </td>
    </EditableRow>
  );
});

interface SolderFieldsProps {
  readonly join: Join;
  readonly index: number;
  readonly problems: ReturnType<typeof useRowProblems>;
  readonly set: SetRow<Join>;
}

function SolderFields({ join, index, problems, set }: SolderFieldsProps) {
  const name = join.name || 'the join';
  const solder = solderById.get(join.solder);
  return (
    <>
      <Choice
        value={join.solder}
        options={solderOptionsNow()}
        label={`${name}, solder`}
        onChange={(value) => set(index, join, { solder: value, flow: '' })}
        {...problems.at('solder')}
      />
      <span className="flex flex-wrap items-baseline gap-x-2 text-[14px]">
        <Choice
          small
          value={join.form}
          options={formOptions}
          label={`${name}, form of the solder`}
          onChange={(form) =>
            set(index, join, { form: form as Join['form'], amount: freshAmount[form as Join['form']] })
          }
        />
        <Field
          small
          open
          value={join.amount}
          label={`${name}, how much at a joint`}
          unit={isAlongSeam(join) ? 'mm' : ''}
          placeholder={amountExample(join)}
          column="amount"
          onChange={(amount) => set(index, join, { amount })}
          {...problems.at('amount')}
        />
        <span className="whitespace-nowrap text-soft">
          flow point{' '}
          <Field
            small
            value={join.flow}
            label={`${name}, flow point`}
            unit={degreeUnit() === '°F' ? 'F' : 'C'}
            placeholder={solder ? showTemperature(solder.flowC) : degreeUnit()}
            onChange={(flow) => set(index, join, { flow })}
            {...problems.at('flow')}
          />
        </span>
      </span>
    </>
  );
}

const MG_PER_G = 1000;

const freshAmount = { snippets: '2', seam: '', 'seam-snippets': '', beads: '3', sweat: '' } as const satisfies Record<
  Join['form'],
  string
>;

function amountExample(join: Join): string {
  if (isAlongSeam(join)) return words.mm;
  return { sweat: words.n12X8Mm, beads: words.n3X08Mm, snippets: '2' }[join.form as 'sweat' | 'beads' | 'snippets'];
}
