// The list of keys, from the table that binds them.
import { ModalDialog } from '../components/dialog.tsx';
import { type KeyId, keyInWords, keyTable } from '../keys/key-table.ts';
import { words } from '../words/keys.ts';

const ids = (Object.keys(keyTable) as KeyId[]).filter((id) => id !== 'findBySlash');
const groups = [...new Set(ids.map((id) => keyTable[id].group))];

export function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <ModalDialog wide open title={words.keys} description={words.keysLong} onClose={onClose}>
      <div className="mt-4 gap-8 min-[640px]:columns-2">
        {groups.map((group) => (
          <section key={group} className="mb-5 break-inside-avoid">
            <h2>{words[group]}</h2>
            <dl className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1">
              {ids
                .filter((id) => keyTable[id].group === group)
                .map((id) => (
                  <div key={id} className="contents">
                    <dt>{words[keyTable[id].name]}</dt>
                    <dd className="text-right">
                      <kbd className="key">{keyInWords(id)}</kbd>
                      {id === 'find' && <kbd className="key ml-2">{keyInWords('findBySlash')}</kbd>}
                    </dd>
                  </div>
                ))}
            </dl>
          </section>
        ))}
      </div>
      <div className="flex justify-end">
        <button type="button" className="button" onClick={onClose}>
          {words.close}
        </button>
      </div>
    </ModalDialog>
  );
}
