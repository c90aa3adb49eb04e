// What else can be done with a piece: keep it as a file, take it away.
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Piece } from '../../../core/piece/piece.ts';
import { useRemoveDocumentMutation } from '../../app/api.ts';
import { closed } from '../../app/drafts.ts';
import { useAppDispatch } from '../../app/store.ts';
import type { DocumentInHand } from '../../app/use-document.ts';

export function PieceMenu({ inHand: { name, open } }: { inHand: DocumentInHand<Piece> }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [sure, setSure] = useState(false);
  const [remove] = useRemoveDocumentMutation();
  const { key, stored, saving } = open;
  const takeAway = async () => {
    const answer = await remove({ ...key, version: stored.version });
    if ('error' in answer) return;
    await navigate('/pieces');
    dispatch(closed({ name }));
  };
  return (
    <>
      <a className="link" href={`/api/pieces/${key.id}/file`} download>
        Keep as a file
      </a>
      {stored.revision === 0 && !sure && (
        <button type="button" className="link" onClick={() => setSure(true)}>
          Throw away
        </button>
      )}
      {sure && (
        <span className="flex items-baseline gap-3" role="group" aria-label="Throw it away">
          It cannot be brought back.
          <button
            type="button"
            className="link text-stop!"
            disabled={saving !== 'saved'}
            onClick={() => void takeAway()}
          >
            Throw it away
          </button>
          <button type="button" className="link" onClick={() => setSure(false)}>
            Keep it
          </button>
        </span>
      )}
    </>
  );
}
