// From a piece to a batch: quantity, due date, customer.
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { dayAfter } from '../../../core/measure/days.ts';
import { readCount } from '../../../core/measure/read/read-number.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Choice } from '../../components/choice.tsx';
import { ModalDialog } from '../../components/dialog.tsx';
import { Field } from '../../components/field.tsx';
import type { DocumentInHand } from '../../hooks/use-document.ts';
import { rightNow } from '../../state/clock.ts';
import { useAddBatchMutation } from '../../state/endpoints/batches.ts';
import { documentEndpoints } from '../../state/endpoints/documents.ts';
import { acceptDraft } from '../../state/finish-draft.ts';
import { emptyBatch, lineOf } from '../../state/new-batch.ts';
import { isUnsaved, problemOf } from '../../state/saving.ts';
import { useAppDispatch } from '../../state/store.ts';

const PROMISED_IN_DAYS = 14;

export function MakeBatch({ inHand, onClose }: { inHand: DocumentInHand<Piece>; onClose: () => void }) {
  const { body, name, open } = inHand;
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const [addBatch, { error }] = useAddBatchMutation();
  const [quantity, setQuantity] = useState<string | null>(null);
  const [due, setDue] = useState(() => dayAfter(rightNow().day, PROMISED_IN_DAYS));
  const [customer, setCustomer] = useState('');
  const [size, setSize] = useState(() => body.sizes.rows[0]?.id ?? '');
  const [refusal, setRefusal] = useState('');
  const hasDraft = open.stored.isDraft || isUnsaved(open);
  const wanted = quantity ?? body.batchSize;
  const reading = readCount(wanted);

  const make = async () => {
    setRefusal('');
    const accepted = hasDraft ? await dispatch(acceptDraft(name)) : open.stored;
    if (!accepted) {
      setRefusal('The piece cannot be accepted yet. Put right what is marked on the left page first.');
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

  const sentence = refusal || (!reading.ok && reading.sentence) || problemOf(error)?.detail;
  const description = hasDraft
    ? `Its draft is accepted as revision ${String(open.stored.revision + 1)} first.`
    : `From revision ${String(open.stored.revision)}.`;
  return (
    <ModalDialog
      open
      onClose={onClose}
      title={`Make a batch of ${body.name.trim() || 'this piece'}`}
      description={description}
    >
      <form
        className="mt-5 grid grid-cols-[6.5em_1fr] items-baseline gap-x-4 gap-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (reading.ok) void make();
        }}
      >
        <span>How many</span>
        <span>
          <Field
            open
            value={wanted}
            label="How many to make"
            className="num"
            problem={reading.ok ? undefined : reading.sentence}
            problemId="make-problem"
            onChange={setQuantity}
          />
        </span>
        {body.sizes.rows.length > 0 && (
          <>
            <span>Size</span>
            <Choice
              open
              value={size}
              options={body.sizes.rows.map(({ id, name: label }) => ({ value: id, label: label || 'unnamed' }))}
              label="Size to make"
              onChange={setSize}
            />
          </>
        )}
        <label htmlFor="due">Promised by</label>
        <input
          id="due"
          type="date"
          className="field field-open w-[11em]"
          value={due}
          onChange={(event) => setDue(event.target.value)}
        />
        <span>For</span>
        <Field
          open
          wide
          value={customer}
          label="For whom"
          placeholder="a shop, a fair, stock"
          maxLength={120}
          onChange={setCustomer}
        />
        <p id="make-problem" className="problem col-span-2" role="alert">
          {sentence}
        </p>
        <span className="col-span-2 flex items-baseline justify-end gap-3">
          {open.stored.revision > 0 && (
            <Link
              className="link mr-auto text-[15px]"
              to={`/promise?${new URLSearchParams({ piece: open.key.id, quantity: wanted, by: due }).toString()}`}
            >
              Can I promise that?
            </Link>
          )}
          <button type="button" className="button button-quiet" onClick={onClose}>
            Not now
          </button>
          <button type="submit" className="button">
            Make a batch of {reading.ok ? reading.value : '…'}
          </button>
        </span>
      </form>
    </ModalDialog>
  );
}
