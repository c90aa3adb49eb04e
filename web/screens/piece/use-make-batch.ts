// Makes a batch of a piece: accepts its draft, adds the batch, accepts it and opens its page.
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { dayAfter } from '../../../core/measure/days.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import type { DocumentInHand } from '../../hooks/use-document.ts';
import { rightNow } from '../../state/clock.ts';
import { useAddBatchMutation } from '../../state/endpoints/batches.ts';
import { documentEndpoints } from '../../state/endpoints/documents.ts';
import { acceptDraft } from '../../state/finish-draft.ts';
import { emptyBatch, lineOf } from '../../state/new-batch.ts';
import { isUnsaved, problemOf } from '../../state/saving.ts';
import { useAppDispatch } from '../../state/store.ts';

const PROMISED_IN_DAYS = 14;

export function useMakeBatch({ body, name, open }: DocumentInHand<Piece>) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [addBatch, { error }] = useAddBatchMutation();
  const [refusal, setRefusal] = useState('');
  const [typed, setTyped] = useState(() => ({
    // Null until it is typed: the batch size of the piece.
    quantity: null as string | null,
    due: dayAfter(rightNow().day, PROMISED_IN_DAYS),
    customer: '',
    size: sizesOf(body)[0]?.id ?? '',
  }));
  const hasDraft = open.stored.isDraft || isUnsaved(open);
  const { quantity, due, customer, size } = typed;
  const wanted = quantity ?? body.batchSize;

  const make = async () => {
    setRefusal('');
    const accepted = hasDraft ? await dispatch(acceptDraft(name)) : open.stored;
    if (!accepted) {
      setRefusal('This version cannot be saved yet. Fix the marked fields on the left page first.');
      return;
    }
    const added = await addBatch({
      ...emptyBatch,
      kind: customer.trim() ? 'order' : 'stock',
      lines: [lineOf(open.key.id, accepted.revision, size, wanted)],
      due,
      customer,
    });
    if (!added.data) return;
    await dispatch(
      documentEndpoints.acceptDraft.initiate({ kind: 'batch', id: added.data.id, version: added.data.version }),
    );
    await navigate(`/batches/${added.data.id}`);
  };

  return {
    wanted,
    due,
    customer,
    size,
    hasDraft,
    /** Why the batch was not made. */
    refusal: refusal || problemOf(error)?.detail || '',
    set: (changed: Partial<typeof typed>) => setTyped({ ...typed, ...changed }),
    make,
  };
}
