// The columns of a table and its rows: what each column is, what each row does, and rows to repair.
import { useState } from 'react';
import type { RowEffect } from '../../../core/import/row-reading.ts';
import type { TableFile } from '../../../core/import/table-file.ts';
import { Choice } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import { words } from '../../words/import.ts';
import { fieldsOf, importKinds } from './import-kinds.ts';
import type { useImport } from './use-import.ts';

interface ImportRowsProps {
  readonly table: TableFile;
  readonly state: ReturnType<typeof useImport>;
}

/** More rows than this are not shown; they are read all the same. */
const MOST_SHOWN = 100;
const effects: readonly RowEffect[] = ['new', 'changed', 'same', 'bad'];

export function ImportRows({ table, state }: ImportRowsProps) {
  const { choices, readings, missing, setChoices, repair, repaired } = state;
  const [shown, setShown] = useState<RowEffect | 'all'>('all');
  const fields = fieldsOf[choices.kind];
  const options = [{ value: '', label: words.leaveOut }, ...fields.map(({ key, label }) => ({ value: key, label }))];
  const rows = table.rows.map((cells, index) => ({
    index,
    cells: repaired.get(index) ?? cells,
    reading: readings?.[index],
  }));
  const wanted = rows.filter(({ reading }) => shown === 'all' || reading?.effect === shown);
  const setColumn = (column: number, key: string) =>
    // A field stands in one column only.
    setChoices({ mapping: choices.mapping.map((one, at) => (at === column ? key : one === key ? '' : one)) });
  return (
    <>
      <div
        className="chrome mt-3 flex flex-wrap items-baseline gap-x-6 gap-y-1"
        role="radiogroup"
        aria-label={words.choosePiecesOrStock}
      >
        {importKinds.map((kind) => (
          <label key={kind} className="flex items-baseline gap-2">
            <input type="radio" name="kind" checked={choices.kind === kind} onChange={() => setChoices({ kind })} />
            {words[kind]}
          </label>
        ))}
      </div>
      {missing.length > 0 && (
        <p className="note note-stop mt-3">
          {words.needed} {missing.map(({ label }) => label).join(', ')}
        </p>
      )}
      <p className="chrome mt-3 flex flex-wrap items-baseline gap-x-5 text-[15px]">
        <span className="aside">{words.show}</span>
        {(['all', ...effects] as const).map((one) => {
          const count = one === 'all' ? rows.length : rows.filter(({ reading }) => reading?.effect === one).length;
          return (
            <button
              key={one}
              type="button"
              className={shown === one ? 'font-semibold' : 'link'}
              aria-pressed={shown === one}
              disabled={count === 0}
              onClick={() => setShown(one)}
            >
              {words[one]}
              {/* A touch target is a flex box, which drops the blank. */}
              <span className="num ml-[0.3em]">{count}</span>
            </button>
          );
        })}
      </p>
      <div className="mt-2 overflow-x-auto">
        <table className="rows" aria-label={words.importTable}>
          <thead>
            <tr>
              <th scope="col">{words.whatItDoes}</th>
              {table.heads.map((head, column) => (
                <th key={`${String(column)} ${head}`} scope="col">
                  {head}
                  <span className="block">
                    <Choice
                      open
                      value={choices.mapping[column] ?? ''}
                      options={options}
                      label={`${words.column} ${head}`}
                      onChange={(key) => setColumn(column, key)}
                    />
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {wanted.slice(0, MOST_SHOWN).map(({ index, cells, reading }) => (
              <tr key={index}>
                <td className={reading?.effect === 'bad' ? 'min-w-[14em] text-stop' : 'whitespace-nowrap'}>
                  {reading && words[reading.effect]}
                  {reading?.says && <span className="block text-[14px]">{reading.says}</span>}
                </td>
                {cells.map((cell, column) => (
                  <td
                    key={`${String(column)} ${table.heads[column] ?? ''}`}
                    className={choices.mapping[column] ? '' : 'text-soft'}
                  >
                    {reading?.effect === 'bad' || repaired.has(index) ? (
                      <Field
                        open
                        value={cell}
                        label={`${words.row} ${String(index + 1)}, ${table.heads[column] ?? ''}`}
                        maxLength={400}
                        onChange={(text) => repair(index, cells.with(column, text))}
                      />
                    ) : (
                      cell
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {wanted.length > MOST_SHOWN && (
        <p className="aside mt-2">
          {wanted.length - MOST_SHOWN} {words.more}
        </p>
      )}
    </>
  );
}
