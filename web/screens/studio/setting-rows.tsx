// Settings in rows: makers, overhead costs, sales channels. A blank row adds one.
import { local } from '../../../core/format/variants.ts';
import type { Issue } from '../../../core/measure/issue.ts';
import { Choice } from '../../components/choice.tsx';
import { EditableRow, EditableRows } from '../../components/editable-row.tsx';
import { Field } from '../../components/field.tsx';
import { useBlankRow } from '../../hooks/use-blank-row.ts';
import { changeRows, type RowMoves } from '../../hooks/use-row-moves.ts';
import { useRowProblems } from '../../hooks/use-row-problems.ts';
import { issuesAt } from '../../state/basis.ts';
import { words } from '../../words/studio.ts';
import { DaysField } from './days-field.tsx';
import { NoteButton } from './note-button.tsx';
import type { ListKey, RowOf, SettingList } from './setting-lists.ts';
import type { SettingProps } from './setting-props.ts';

interface SettingRowsProps<Key extends ListKey> extends SettingProps {
  readonly of: SettingList<Key>;
  readonly problems: readonly Issue[];
}

export function SettingRows<Key extends ListKey>(props: SettingRowsProps<Key>) {
  const { body, of, edit } = props;
  const { list, title, help, one, columns, fresh } = of;
  const rows: readonly RowOf<Key>[] = body[list];
  const blank = useBlankRow(rows, (_previous, id) => fresh(id));
  const onMove: RowMoves['onMove'] = (at, by) =>
    edit('', (studio) => changeRows<RowOf<Key>>(studio[list], at, by, fresh));
  return (
    <section aria-labelledby={`setting-${list}`} className="mt-6">
      <span className="flex items-baseline gap-2">
        <h2 id={`setting-${list}`}>{title}</h2>
        <NoteButton of={list} label={title} body={body} />
      </span>
      <p className="aside">{local(help)}</p>
      <EditableRows
        label={title}
        heads={columns.map(({ head, isWords, options }) => (isWords || options ? head : { end: head }))}
        onMove={onMove}
      >
        {[...rows, blank].map((row, index) => (
          <SettingRow
            key={row.id}
            {...props}
            row={row}
            index={index}
            last={rows.length - 1}
            isBlank={index === rows.length}
            onMove={onMove}
            add={`Add ${/^[aeiou]/.test(one) ? 'an' : 'a'} ${one}`}
          />
        ))}
      </EditableRows>
    </section>
  );
}

interface SettingRowProps<Key extends ListKey> extends SettingRowsProps<Key> {
  readonly row: RowOf<Key>;
  readonly index: number;
  readonly last: number;
  readonly isBlank: boolean;
  readonly onMove: RowMoves['onMove'];
  readonly add: string;
}

function SettingRow<Key extends ListKey>(props: SettingRowProps<Key>) {
  const { row, index, last, isBlank, add, of, onMove, edit, problems: all } = props;
  const { list, one, columns } = of;
  const problems = useRowProblems(issuesAt(all, `${list}.${String(index)}`));
  const values = row as Readonly<Record<string, string>>;
  const name = ('name' in row && row.name.trim()) || `${one} ${String(index + 1)}`;
  const set = (key: string, value: string) =>
    edit(`${list}.${row.id}.${key}`, (studio) => {
      const rows = studio[list] as unknown as Record<string, string>[];
      rows[index] ??= { ...(row as unknown as Record<string, string>) };
      rows[index][key] = value;
    });
  const control = (column: SettingList<Key>['columns'][number]) => {
    if (column.applies?.(row) === false) return null;
    if (column.isDays)
      return (
        <DaysField
          value={values[column.key] ?? ''}
          label={`${name}, ${local(column.head)}`}
          placeholder={column.placeholder ?? ''}
          column={`${list}-${column.key}`}
          onChange={(value) => set(column.key, value)}
          {...problems.at(column.key)}
        />
      );
    return column.options ? (
      <Choice
        value={values[column.key] ?? ''}
        options={column.options.map((option) => ({ ...option, label: local(option.label) }))}
        label={`${name}, ${column.head}`}
        onChange={(value) => set(column.key, value)}
      />
    ) : (
      <Field
        {...(column.isWords ? { wide: true } : { end: true })}
        value={values[column.key] ?? ''}
        label={isBlank ? add : `${name}, ${column.head}`}
        placeholder={isBlank ? add : (column.placeholder ?? (column.isWords ? words.unnamed : '0'))}
        column={`${list}-${column.key}`}
        maxLength={column.isWords ? 120 : 60}
        onChange={(value) => set(column.key, value)}
        {...problems.at(column.key)}
      />
    );
  };
  const looks = (column: SettingList<Key>['columns'][number]) =>
    column.isWords || column.options ? undefined : 'end num';
  const [first, ...others] = columns;
  return (
    <EditableRow
      name={name}
      index={index}
      last={last}
      columns={columns.length}
      isBlank={isBlank}
      nameField={first && control(first)}
      nameClass={first && looks(first)}
      problems={problems}
      onMove={onMove}
      onRemove={(gone) => edit('', (studio) => void studio[list].splice(gone, 1))}
    >
      {others.map((column) => (
        <td key={column.key} className={looks(column)}>
          {control(column)}
        </td>
      ))}
    </EditableRow>
  );
}
