// One row of a table edited in place, and the table around such rows. Parts, findings, sub-assemblies, joins, steps,
// price levels, quote items and settings all use it.
import { clsx } from 'clsx';
import { type CSSProperties, type ReactNode, useLayoutEffect, useRef } from 'react';
import type { Remark } from '../../core/piece/checks/bench-check.ts';
import { registerRow } from '../grid/cells.ts';
import { rowKeys, type RowMoves } from '../hooks/use-row-moves.ts';
import type { RowProblems } from '../hooks/use-row-problems.ts';
import { ProblemLine } from './problem-line.tsx';
import { type EditPiece, RemarkRow } from './remark-lines.tsx';
import { RowBody } from './row.tsx';
import { RowTools } from './row-tools.tsx';
import { SortableRows } from './sortable-rows.tsx';
import { type Head, TableHeader } from './table-header.tsx';

interface EditableRowsProps {
  /** Names the table where no heading does. */
  readonly label?: string;
  /** Column heads; left out while the table is empty. */
  readonly heads?: readonly Head[] | false;
  /** Column widths of a table that is laid out as a grid. */
  readonly grid?: CSSProperties;
  readonly onMove: RowMoves['onMove'];
  readonly children: ReactNode;
}

/** The table round editable rows. */
export function EditableRows({ label, heads, grid, onMove, children }: EditableRowsProps) {
  return (
    <SortableRows onMove={(from, to) => onMove(from, to - from)}>
      <table role={grid && 'table'} className={clsx('rows', grid && 'rows-fixed')} style={grid} aria-label={label}>
        {heads && <TableHeader of={heads} isGrid={grid !== undefined} />}
        {children}
      </table>
    </SortableRows>
  );
}

interface EditableRowProps extends RowMoves {
  /** Names the row in its menu. */
  readonly name: string;
  readonly index: number;
  /** Index of the last row. */
  readonly last: number;
  /** Number of columns of the table. */
  readonly columns: number;
  /** The row at the foot that is not in the document yet. It shows its name field only. */
  readonly isBlank: boolean;
  readonly isGrid?: boolean;
  /** Content of a column before the name: a number, a drawing. */
  readonly lead?: ReactNode;
  readonly leadClass?: string;
  /** The field that adds the blank row to the document. */
  readonly nameField: ReactNode;
  readonly nameClass?: string | undefined;
  /** Content below the name field. */
  readonly underName?: ReactNode;
  readonly blankClass?: string;
  /** The cells after the name. */
  readonly children?: ReactNode;
  /** Further table rows below the cells. */
  readonly details?: ReactNode;
  readonly problems: RowProblems;
  /** Number of columns by which issue sentences are indented. */
  readonly problemIndent?: number;
  /** Findings of the bench check about the row. */
  readonly remarks?: readonly Remark[];
  readonly edit?: EditPiece;
}

/**
 * A row with its menu, its name field and its issues. The blank row and the row that comes of it share the name field
 * element, so that the focus stays in it.
 */
export function EditableRow(props: EditableRowProps) {
  const { name, index, last, columns, isBlank, isGrid = false, lead, nameField, problems, remarks, edit } = props;
  const { onMove, onRemove } = props;
  const hasLead = lead !== undefined;
  const row = useRef<HTMLTableSectionElement>(null);
  useLayoutEffect(() => {
    if (!row.current || isBlank) return;
    registerRow(row.current, () => onRemove(index));
  });
  const cell = isGrid ? 'cell' : undefined;
  const tools = !isBlank && <RowTools name={name} index={index} last={last} onMove={onMove} onRemove={onRemove} />;
  return (
    <RowBody
      innerRef={(body) => void (row.current = body)}
      isSortable={!isBlank}
      className={isBlank ? clsx('blank-row', props.blankClass) : undefined}
      onKeyDown={(event) => {
        if (!isBlank) rowKeys(event, index, props);
      }}
    >
      <tr role={isGrid ? 'row' : undefined}>
        {hasLead && (
          <td role={cell} className={clsx('first', props.leadClass)}>
            {tools}
            {!isBlank && lead}
          </td>
        )}
        <td
          role={cell}
          className={clsx(!hasLead && 'first', props.nameClass)}
          {...(isBlank && !hasLead && spanning(columns, isGrid))}
        >
          {!hasLead && tools}
          {nameField}
          {!isBlank && props.underName}
        </td>
        {isBlank && hasLead && <td role={cell} {...spanning(columns - 2, isGrid)} />}
        {!isBlank && props.children}
      </tr>
      {!isBlank && props.details}
      <ProblemLine
        problems={problems}
        columns={columns}
        {...(props.problemIndent && { indent: props.problemIndent })}
      />
      {remarks && edit && <RemarkRow remarks={remarks} edit={edit} />}
    </RowBody>
  );
}

function spanning(columns: number, isGrid: boolean) {
  return isGrid ? { style: { gridColumn: `span ${String(columns)}` } } : { colSpan: columns };
}
