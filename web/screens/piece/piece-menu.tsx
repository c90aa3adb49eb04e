// More actions on a piece: export, price tags, duplicate, compare, archive, delete.
import { DropdownMenu } from 'radix-ui';
import { memo } from 'react';
import { Link } from 'react-router';
import { pieceRoutes } from '../../../contract/pieces.ts';
import { pathTo } from '../../../contract/route.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { DocumentMenu } from '../../components/document-menu.tsx';
import { Failure } from '../../components/failure.tsx';
import { priceTagsPath } from '../../components/price-tags.ts';
import { usePaper } from '../../hooks/use-paper.ts';
import type { OpenDocument } from '../../state/drafts.ts';
import { useAddPieceMutation } from '../../state/endpoints/pieces.ts';
import { useAppDispatch } from '../../state/store.ts';
import { words } from '../../words/piece.ts';

interface PieceMenuProps {
  /** The document's name among those open. */
  readonly name: string;
  readonly title: string;
  readonly open: OpenDocument;
  readonly id: string;
  /** Usual batch size: the number of price tags. */
  readonly batchSize: number;
}

/** Drawn again only when the ledger has answered: the piece is looked up when it is duplicated. */
export const PieceMenu = memo(
  function PieceMenu({ name, title, open, id, batchSize }: PieceMenuProps) {
    const paper = usePaper();
    const dispatch = useAppDispatch();
    const [addPiece, { error }] = useAddPieceMutation();
    const copy = async () => {
      const body = dispatch((_send, getState) => getState().drafts[name]?.body) as Piece;
      const answer = await addPiece({ ...body, name: `${body.name.trim() || words.unnamedPiece}, copy`.slice(0, 120) });
      return answer.data?.id;
    };
    return (
      <>
        <Link className="link" to={`/compare?a=${id}`}>
          {words.compare}
        </Link>
        <DocumentMenu kind="piece" id={id} name={name} title={title} open={open} onCopy={copy}>
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
        </DocumentMenu>
        <Failure of={[error]} />
      </>
    );
  },
  (before, after) =>
    before.open.stored === after.open.stored &&
    before.open.saving === after.open.saving &&
    before.title === after.title,
);
