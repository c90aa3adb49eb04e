// More actions on a piece: export, duplicate, compare, archive.
import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { memo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { pieceRoutes } from '../../../contract/pieces.ts';
import { pathTo } from '../../../contract/route.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Failure } from '../../components/failure.tsx';
import { priceTagsPath } from '../../components/price-tags.ts';
import { usePaper } from '../../hooks/use-paper.ts';
import { closed, type OpenDocument, replaced } from '../../state/drafts.ts';
import { useRemoveDocumentMutation } from '../../state/endpoints/documents.ts';
import { useAddPieceMutation, useArchivePieceMutation } from '../../state/endpoints/pieces.ts';
import { useAppDispatch } from '../../state/store.ts';
import { words } from '../../words/piece.ts';

interface PieceMenuProps {
  /** The document's name among those open. */
  readonly name: string;
  readonly stored: OpenDocument['stored'];
  readonly id: string;
  readonly isSaved: boolean;
  /** Usual batch size: the number of price tags. */
  readonly batchSize: number;
}

/** Drawn again only when the ledger has answered: the piece is looked up when it is duplicated. */
export const PieceMenu = memo(function PieceMenu({ name, stored, id, isSaved, batchSize }: PieceMenuProps) {
  const paper = usePaper();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [sure, setSure] = useState(false);
  const [remove, { error: removeError }] = useRemoveDocumentMutation();
  const [addPiece, { error: addError }] = useAddPieceMutation();
  const [archive, { error: archiveError }] = useArchivePieceMutation();
  const takeAway = async () => {
    const answer = await remove({ kind: 'piece', id, version: stored.version });
    if ('error' in answer) return;
    await navigate('/pieces');
    dispatch(closed({ name }));
  };
  const copy = async () => {
    const body = dispatch((_send, getState) => getState().drafts[name]?.body) as Piece;
    const answer = await addPiece({ ...body, name: `${body.name.trim() || words.unnamedPiece}, copy`.slice(0, 120) });
    if (answer.data) await navigate(`/pieces/${answer.data.id}`);
  };
  const putAway = async () => {
    const answer = await archive({ id, version: stored.version, archived: stored.archivedAt === null });
    if (answer.data) dispatch(replaced({ name, stored: answer.data }));
  };
  if (sure)
    return (
      <span className="flex items-baseline gap-3" role="group" aria-label={words.deletePermanently}>
        {words.thisCannotBeUndone}
        <Failure of={[removeError]} />
        <button type="button" className="link text-stop!" disabled={!isSaved} onClick={() => void takeAway()}>
          {words.deletePermanently}
        </button>
        <button type="button" className="link" onClick={() => setSure(false)}>
          {words.cancel}
        </button>
      </span>
    );
  return (
    <>
      <Link className="link" to={`/compare?a=${id}`}>
        {words.compare}
      </Link>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger className="rounded p-[3px] hover:text-ink" aria-label={words.moreActions}>
          <Ellipsis size={18} />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content className="menu" align="start" sideOffset={2}>
            <DropdownMenu.Item className="menu-item" onSelect={() => void copy()}>
              {words.duplicate}
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" asChild>
              <a href={pathTo(pieceRoutes.exportOne, { id })} download>
                {words.exportJson}
              </a>
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" asChild>
              <a href={priceTagsPath(id, batchSize, paper)} download>
                {words.priceTagsPdf}
              </a>
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" disabled={!isSaved} onSelect={() => void putAway()}>
              {stored.archivedAt ? words.restore : words.archive}
            </DropdownMenu.Item>
            {stored.revision === 0 && (
              <DropdownMenu.Item className="menu-item" onSelect={() => setSure(true)}>
                {words.delete}
              </DropdownMenu.Item>
            )}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Failure of={[addError, archiveError]} />
    </>
  );
});
