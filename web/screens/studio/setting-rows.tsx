// Settings that come in rows: makers, costs of the studio, ways of selling. One row each, and one to add with.
import type { Issue } from '../../../core/studio/rates.ts';
import { problemsAt } from '../../hooks/use-basis.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { ProblemLine } from '../../components/problem-line.tsx';
import { EditableRow } from '../../components/row.tsx';
import { moveByKeys, moveRow } from '../../hooks/use-row-moves.ts';
import { RowTools } from '../../components/row-tools.tsx';
import { useBlankRow } from '../../hooks/use-blank-row.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import type { ListKey, RowOf, SettingList } from './setting-lists.ts';
import type { SettingProps } from './setting-props.ts';

interface SettingRowsProps<Key extends ListKey> extends SettingProps {
  readonly of: SettingList<Key>;
  readonly problems: readonly Issue[];
}

export function SettingRows<Key extends ListKey>(props: SettingRowsProps<Key>) {
  const { body, of } = props;
  const { list, title, help, one, columns, fresh } = of;
  const rows: readonly RowOf<Key>[] = body[list];
  const ghost = useBlankRow(rows, (_previous, id) => fresh(id));
  return (
    <section aria-labelledby={`setting-${list}`} className="mt-6">
      <h2 id={`setting-${list}`}>{title}</h2>
      <p className="aside">{help}</p>
      <table className="rows" aria-label={title}>
        <TableHeader of={columns.map(({ head, isWords, options }) => (isWords || options ? head : { end: head }))} />
        {[...rows, ghost].map((row, index) => (
          <SettingRow
            key={row.id}
            {...props}
            row={row}
            index={index}
            last={rows.length - 1}
            isGhost={index === rows.length}
            add={`Add ${/^[aeiou]/.test(one) ? 'an' : 'a'} ${one}`}
          />
        ))}
      </table>
    </section>
  );
}

interface SettingRowProps<Key extends ListKey> extends SettingRowsProps<Key> {
  readonly row: RowOf<Key>;
  readonly index: number;
  readonly last: number;
  readonly isGhost: boolean;
  readonly add: string;
}

function SettingRow<Key extends ListKey>(props: SettingRowProps<Key>) {
  const { row, index, last, isGhost, add, of, edit, problems: all } = props;
  const { list, one, columns } = of;
  const problems = useRowProblems(problemsAt(all, `${list}.${String(index)}`));
  const values = row as Readonly<Record<string, string>>;
  const name = ('name' in row && row.name.trim()) || `${one} ${String(index + 1)}`;
  const set = (key: string, value: string) =>
    edit(`${list}.${row.id}.${key}`, (studio) => {
      const rows = studio[list] as unknown as Record<string, string>[];
      rows[index] ??= { ...(row as unknown as Record<string, string>) };
      rows[index][key] = value;
    });
  const onMove = (at: number, by: number) => edit('', (studio) => moveRow(studio[list], at, by));
  return (
    <EditableRow
      className={isGhost ? 'blank-row' : undefined}
      onKeyDown={(event) => {
        if (!isGhost) moveByKeys(event, index, onMove);
      }}
    >
      <tr>
        {/* The same first cell before it is a row, so that the hand stays in it. */}
        {(isGhost ? columns.slice(0, 1) : columns).map((column, at) => (
          <td
            key={column.key}
            colSpan={isGhost ? columns.length : 1}
            className={[at === 0 && 'first', !column.isWords && !column.options && 'end num'].filter(Boolean).join(' ')}
          >
            {at === 0 && !isGhost && (
              <RowTools
                name={name}
                index={index}
                last={last}
                onMove={onMove}
                onRemove={(gone) => edit('', (studio) => void studio[list].splice(gone, 1))}
              />
            )}
            {column.applies?.(row) === false ? null : column.options ? (
              <Choice
                value={values[column.key] ?? ''}
                options={column.options}
                label={`${name}, ${column.head}`}
                onChange={(value) => set(column.key, value)}
              />
            ) : (
              <Field
                {...(column.isWords ? { wide: true } : { end: true })}
                value={values[column.key] ?? ''}
                label={isGhost ? add : `${name}, ${column.head}`}
                placeholder={isGhost ? add : (column.placeholder ?? (column.isWords ? 'unnamed' : '0'))}
                column={`${list}-${column.key}`}
                maxLength={column.isWords ? 120 : 60}
                onChange={(value) => set(column.key, value)}
                {...problems.at(column.key)}
              />
            )}
          </td>
        ))}
      </tr>
      <ProblemLine problems={problems} columns={columns.length} />
    </EditableRow>
  );
}
