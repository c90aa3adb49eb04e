// What changed since the accepted revision, in words.
import { useState } from 'react';
import { ModalDialog } from '../../components/dialog.tsx';
import { changesInWords } from '../../state/differences.ts';
import type { OpenDocument } from '../../state/drafts.ts';
import { words } from '../../words/piece.ts';

export function ChangesSince({ open }: { open: OpenDocument }) {
  const [shown, setShown] = useState(false);
  const { accepted, revision } = open.stored;
  const before = accepted ?? (open.stored.isDraft ? null : open.stored.body);
  if (revision === 0 || before === null || before === open.body) return null;
  return (
    <>
      <button type="button" className="link" onClick={() => setShown(true)}>
        {words.whatChanged}
      </button>
      <ModalDialog
        wide
        open={shown}
        onClose={() => setShown(false)}
        title={`Changed since version ${String(revision)}`}
        description={words.theDraftBesideTheSaved}
      >
        <ul className="mt-4 max-h-[50vh] overflow-y-auto">
          {changesInWords(before, open.body).map((sentence) => (
            <li key={sentence} className="border-t border-hair py-[6px]">
              {sentence}
            </li>
          ))}
        </ul>
        <div className="mt-4 flex justify-end">
          <button type="button" className="button" onClick={() => setShown(false)}>
            {words.close}
          </button>
        </div>
      </ModalDialog>
    </>
  );
}
