// The trash: deleted documents, restored as they were.
import { useState } from 'react';
import { fullDay } from '../../../core/format/days.ts';
import { Failure } from '../../components/failure.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useGetTrashQuery, useRestoreDocumentMutation } from '../../state/endpoints/documents.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/documents.ts';

export function TrashBox() {
  const { data = [] } = useGetTrashQuery();
  const [restore, { error }] = useRestoreDocumentMutation();
  const [showsAll, setShowsAll] = useState(false);
  const shown = showsAll ? data : data.slice(0, 10);
  return (
    <section aria-labelledby="trash" className="mt-6">
      <h2 id="trash">{words.trash}</h2>
      <p className="text-[14px] text-soft">{words.trashLong}</p>
      <Failure of={[error]} />
      {data.length === 0 ? (
        <p className="mt-2">{words.emptyTrash}</p>
      ) : (
        <table className="rows mt-2" aria-label={words.trash}>
          <TableHeader of={['name', 'kind', 'deleted', { hidden: 'restore' }]} />
          <tbody>
            {shown.map(({ kind, id, name, deletedAt }) => (
              <tr key={id} className="border-b border-hair">
                <td className="first">{name}</td>
                <td>{words[kind]}</td>
                <td className="num">{fullDay(deletedAt.slice(0, 10))}</td>
                <td className="end">
                  <button
                    type="button"
                    className="link text-[14px]"
                    aria-label={`${words.restore}: ${name}`}
                    onClick={() => void restore({ kind, id }).then(() => showToast(`${words.restored}: ${name}`))}
                  >
                    {words.restore}
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {shown.length < data.length && (
        <button type="button" className="link mt-2 text-[15px]" onClick={() => setShowsAll(true)}>
          Show all ({data.length})
        </button>
      )}
    </section>
  );
}
