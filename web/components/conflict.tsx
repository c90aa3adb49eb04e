// Two versions of one document: shows where they differ, and the maker chooses one.
import { differences } from '../state/differences.ts';
import { conflictSettled, type OpenDocument } from '../state/drafts.ts';
import { useAppDispatch } from '../state/store.ts';
import { words } from '../words/components.ts';
import { ModalDialog } from './dialog.tsx';
import { TableHeader } from './table-header.tsx';

export function Conflict({ name, open, what }: { name: string; open: OpenDocument; what: string }) {
  const dispatch = useAppDispatch();
  const { conflict } = open;
  if (!conflict) return null;
  const keep = (which: 'mine' | 'theirs') => dispatch(conflictSettled({ name, keep: which }));
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
          {differences(open.body, conflict.body).map(({ where, mine, theirs }) => (
            <tbody key={where}>
              <tr>
                <td className="first">{where}</td>
                <td className="num font-semibold">{mine}</td>
                <td className="num font-semibold">{theirs}</td>
              </tr>
            </tbody>
          ))}
        </table>
      </div>
      <div className="mt-5 flex justify-end gap-3">
        <button type="button" className="button button-quiet" onClick={() => keep('theirs')}>
          {words.useTheSavedVersion}
        </button>
        <button type="button" className="button" onClick={() => keep('mine')}>
          {words.keepMyVersion}
        </button>
      </div>
    </ModalDialog>
  );
}
