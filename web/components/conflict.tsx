// Two versions of one document: shows where they differ, and the maker chooses field by field.
import { useState } from 'react';
import { type Difference, differences, valueAt, withValuesOf } from '../state/differences.ts';
import { conflictSettled, type OpenDocument } from '../state/drafts.ts';
import { useAppDispatch } from '../state/store.ts';
import { words } from '../words/components.ts';
import { ModalDialog } from './dialog.tsx';
import { TableHeader } from './table-header.tsx';

export function Conflict({ name, open, what }: { name: string; open: OpenDocument; what: string }) {
  if (!open.conflict) return null;
  return <Merge key={open.conflict.version} name={name} open={open} theirs={open.conflict.body} what={what} />;
}

interface MergeProps {
  readonly name: string;
  readonly open: OpenDocument;
  readonly theirs: unknown;
  readonly what: string;
}

function Merge({ name, open, theirs, what }: MergeProps) {
  const dispatch = useAppDispatch();
  const rows = differences(open.body, theirs);
  const [chosen, setChosen] = useState(() => new Set(rows.filter((row) => isUntouched(row, open)).map(keyOf)));
  const settle = (body: unknown) => dispatch(conflictSettled({ name, body }));
  const choose = (key: string, isTheirs: boolean) => {
    const next = new Set(chosen);
    if (isTheirs) next.add(key);
    else next.delete(key);
    setChosen(next);
  };
  const paths = rows.filter((row) => chosen.has(keyOf(row))).map(({ path }) => path);
  return (
    <ModalDialog
      wide
      open
      title={`This ${what} was edited elsewhere`}
      description={words.itWasEditedInAnother}
      onClose={() => undefined}
    >
      <div className="mt-4 max-h-[44vh] overflow-y-auto">
        <table className="rows">
          <TableHeader of={['difference', 'your version', 'saved version']} />
          {rows.map((row) => (
            <tbody key={keyOf(row)}>
              <tr>
                <td className="first align-middle">{row.where}</td>
                {(['mine', 'theirs'] as const).map((side) => (
                  <td key={side}>
                    <label className="flex min-h-[30px] items-center gap-2">
                      <input
                        type="radio"
                        name={`merge ${keyOf(row)}`}
                        checked={chosen.has(keyOf(row)) === (side === 'theirs')}
                        aria-label={`${row.where}: ${side === 'mine' ? words.yourVersion : words.savedVersion}, ${row[side]}`}
                        onChange={() => choose(keyOf(row), side === 'theirs')}
                      />
                      <span className="num font-semibold">{row[side]}</span>
                    </label>
                  </td>
                ))}
              </tr>
            </tbody>
          ))}
        </table>
      </div>
      <div className="mt-5 flex flex-wrap justify-end gap-3">
        <button type="button" className="button button-quiet" onClick={() => settle(theirs)}>
          {words.useTheSavedVersion}
        </button>
        <button type="button" className="button button-quiet" onClick={() => settle(open.body)}>
          {words.keepMyVersion}
        </button>
        <button type="button" className="button" onClick={() => settle(withValuesOf(open.body, theirs, paths))}>
          {words.saveTheChoice}
        </button>
      </div>
    </ModalDialog>
  );
}

const keyOf = ({ path }: Difference) => path.join(' ');

/** Whether only the other side has changed this since the version that both come from. */
function isUntouched({ path }: Difference, { stored, body }: OpenDocument): boolean {
  return JSON.stringify(valueAt(stored.body, path)) === JSON.stringify(valueAt(body, path));
}
