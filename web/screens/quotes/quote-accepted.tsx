// An accepted quote: it is fixed as it stands, and each item of a piece becomes a batch.
import { useState } from 'react';
import { Link } from 'react-router';
import { dayAfter } from '../../../core/measure/days.ts';
import type { Quote } from '../../../core/price/quote/quote.ts';
import type { DocumentInHand } from '../../hooks/use-document.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useAddBatchMutation } from '../../state/endpoints/batches.ts';
import { documentEndpoints } from '../../state/endpoints/documents.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { acceptDraft } from '../../state/finish-draft.ts';
import { emptyBatch, lineOf } from '../../state/new-batch.ts';
import { problemOf } from '../../state/saving.ts';
import { useAppDispatch } from '../../state/store.ts';
import { words } from '../../words/quotes.ts';

/** The due date when none was agreed. */
const DONE_IN_DAYS = 21;

export function QuoteAccepted({ inHand, problems }: { inHand: DocumentInHand<Quote>; problems: number }) {
  const { body, edit, name } = inHand;
  const { data: pieces = [] } = useGetPiecesQuery();
  const { day } = useNow();
  const dispatch = useAppDispatch();
  const [addBatch, { error, isLoading }] = useAddBatchMutation();
  const [says, setSays] = useState('');
  const ofPieces = body.lines.filter(({ piece }) => piece);
  const take = async () => {
    const made: string[] = [];
    for (const line of ofPieces) {
      const piece = pieces.find(({ id }) => id === line.piece);
      if (!piece || piece.revision === 0) {
        setSays(`Save a version of ${piece?.body.name.trim() || 'the piece'} first: a batch is made from a version.`);
        return;
      }
      const added = await addBatch({
        ...emptyBatch,
        kind: body.kind,
        lines: [lineOf(piece.id, piece.revision, line.size, line.count)],
        due: body.due || dayAfter(day, DONE_IN_DAYS),
        customer: body.customer,
        note: body.what,
      });
      if (!added.data) return;
      await dispatch(
        documentEndpoints.acceptDraft.initiate({ kind: 'batch', id: added.data.id, version: added.data.version }),
      );
      made.push(added.data.id);
    }
    edit('', (quote) => void quote.batches.push(...made));
    await dispatch(acceptDraft(name));
    setSays('');
  };
  if (body.batches.length > 0)
    return (
      <p className="mt-4">
        Accepted. Batch:{' '}
        {body.batches.map((id, index) => (
          <span key={id}>
            {index > 0 && ', '}
            <Link className="link" to={`/batches/${id}`}>
              {body.batches.length === 1 ? 'a batch' : `batch ${String(index + 1)}`}
            </Link>
          </span>
        ))}
        .
      </p>
    );
  return (
    <div className="chrome mt-4">
      <button
        type="button"
        className="button"
        disabled={problems > 0 || isLoading || body.lines.length === 0 || ofPieces.length === 0}
        onClick={() => void take()}
      >
        {words.markAcceptedCreate} {ofPieces.length > 1 ? `${String(ofPieces.length)} batches` : 'a batch'}
      </button>
      <p className="aside mt-1">
        {ofPieces.length === 0 ? words.eachPieceOnTheQuoteBecomes : words.eachPieceOnTheQuote}
      </p>
      {ofPieces.slice(0, 1).map((line) => (
        <Link
          key={line.piece}
          className="link text-[15px]"
          to={`/promise?${new URLSearchParams({ piece: line.piece, quantity: line.count, by: body.due || dayAfter(day, DONE_IN_DAYS) }).toString()}`}
        >
          {words.checkDeliveryDate}
        </Link>
      ))}
      <p className="problem" role="alert">
        {says || problemOf(error)?.detail}
      </p>
    </div>
  );
}
