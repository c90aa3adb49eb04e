// Sub-assemblies: parts joined into one that later steps treat as one.
import type { Draft } from '@reduxjs/toolkit';
import { type CSSProperties, memo, useCallback } from 'react';
import { totalOf } from '../../../../core/figure/figure.ts';
import type { Remark } from '../../../../core/piece/checks/bench-check.ts';
import type { Group, Piece } from '../../../../core/piece/piece.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { EditableRow, EditableRows } from '../../../components/editable-row.tsx';
import { Field } from '../../../components/field.tsx';
import { Tick } from '../../../components/labelled.tsx';
import { Num } from '../../../components/num.tsx';
import type { EditPiece } from '../../../components/remark-lines.tsx';
import { sameProps } from '../../../components/same-props.ts';
import { SectionTitle } from '../../../components/section-title.tsx';
import { type SetRow, useEditableRows } from '../../../hooks/use-editable-rows.ts';
import type { RowMoves } from '../../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../../hooks/use-row-problems.ts';
import { issuesAt } from '../../../state/basis.ts';
import { words } from '../../../words/piece.ts';
import { type Margin, useEditPiece } from '../piece-context.ts';

/** Name, what is in it, closed, vents, each, net. */
const columns: CSSProperties = { gridTemplateColumns: '1.1fr 1.6fr 9em 4em 3.4em 4.6em' };
const COLUMNS = 6;

interface GroupRowsProps {
  readonly piece: Piece;
  readonly count: PieceCount;
  readonly margin: Margin;
  readonly edit: EditPiece;
}

const newGroup = (_previous: Group | undefined, id: string): Group => ({
  id,
  name: '',
  count: '1',
  closed: false,
  vents: '',
});

const groupsOf = (piece: Draft<Piece>) => piece.groups;

export const GroupRows = memo(function GroupRows({ piece, count, margin, edit }: GroupRowsProps) {
  const { groups } = piece;
  const { set, onMove, blank } = useEditableRows({
    edit,
    list: 'groups',
    rows: groups,
    rowsOf: groupsOf,
    fresh: newGroup,
  });
  // Its parts belong to the piece again.
  const onRemove = useCallback(
    (index: number) =>
      edit('', (draft) => {
        const [gone] = draft.groups.splice(index, 1);
        for (const row of [...draft.parts, ...draft.findings]) if (row.group === gone?.id) row.group = '';
      }),
    [edit],
  );
  return (
    <section aria-labelledby="groups" className="mt-5">
      <SectionTitle id="groups" title={words.subAssemblies} help="joins-and-solder" />
      <EditableRows
        grid={columns}
        heads={
          groups.length > 0 && [
            { start: 'parts', className: 'pl-[58px]!' },
            'holds',
            'hollow',
            { end: 'vents' },
            { end: 'qty' },
            { end: 'net, g' },
          ]
        }
        onMove={onMove}
      >
        {[...groups, blank].map((group, index) => (
          <GroupRow
            key={group.id}
            group={group}
            index={index}
            last={groups.length - 1}
            isBlank={group === blank}
            holds={holdsInWords(piece, group.id)}
            weight={weightOf(piece, count, group.id)}
            problems={issuesAt(count.problems, `groups.${String(index)}`)}
            remarks={margin.at(group.id)}
            set={set}
            onMove={onMove}
            onRemove={onRemove}
          />
        ))}
      </EditableRows>
    </section>
  );
}, sameGroups);

// Without a sub-assembly there is only the blank row.
function sameGroups(before: GroupRowsProps, after: GroupRowsProps): boolean {
  const none = before.piece.groups.length === 0 && after.piece.groups.length === 0;
  return none && before.edit === after.edit;
}

function holdsInWords({ parts, findings }: Piece, id: string): string {
  return [...parts, ...findings]
    .filter(({ group }) => group === id)
    .map(({ name }) => name.trim() || 'a part')
    .join(', ');
}

function weightOf(piece: Piece, count: PieceCount, id: string): number {
  const parts = piece.parts.flatMap(({ group }, index) => (group === id ? (count.parts[index]?.net ?? []) : []));
  return totalOf('net', 'g', parts).value;
}

interface GroupRowProps {
  readonly group: Group;
  readonly index: number;
  readonly last: number;
  readonly isBlank: boolean;
  readonly holds: string;
  /** g in a piece. */
  readonly weight: number;
  /** By path within the sub-assembly. */
  readonly problems: Readonly<Record<string, string>>;
  readonly remarks: readonly Remark[];
  readonly set: SetRow<Group>;
  readonly onMove: RowMoves['onMove'];
  readonly onRemove: (index: number) => void;
}

const GroupRow = memo(function GroupRow(props: GroupRowProps) {
  const { group, index, last, isBlank, holds, weight, problems: sentences, remarks, set, onMove, onRemove } = props;
  const edit = useEditPiece();
  const problems = useRowProblems(sentences);
  const name = group.name || 'the sub-assembly';
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
          value={group.name}
          label={isBlank ? words.addASubAssembly : `Sub-assembly ${String(index + 1)}, name`}
          placeholder={isBlank ? words.addASubAssembly : words.unnamed}
          column="group"
          maxLength={120}
          onChange={(value) => set(index, group, { name: value })}
        />
      }
      problems={problems}
      remarks={remarks}
      edit={edit}
      onMove={onMove}
      onRemove={onRemove}
    >
      <td role="cell" className="text-[14px]">
        {holds || <span className="aside">{words.noPartsYetChooseThis}</span>}
      </td>
      <td role="cell" className="text-[14px]">
        <Tick
          word="hollow, sealed"
          label={`${name}, hollow, sealed`}
          checked={group.closed}
          onChange={(closed) => set(index, group, { closed })}
        />
      </td>
      <td role="cell" className="end num">
        <Field
          end
          value={group.vents}
          label={`${name}, vent holes`}
          placeholder="0"
          column="vents"
          onChange={(vents) => set(index, group, { vents })}
        />
      </td>
      <td role="cell" className="end num">
        <Field
          end
          value={group.count}
          label={`${name}, number per piece`}
          column="group-count"
          onChange={(count) => set(index, group, { count })}
          {...problems.at('count')}
        />
      </td>
      <td role="cell" className="end">
        <Num figure={{ value: weight, unit: 'g' }} />
      </td>
    </EditableRow>
  );
}, sameProps);
