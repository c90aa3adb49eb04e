// From a piece to a batch: quantity, due date, customer.
import { Link } from 'react-router';
import { readCount } from '../../../core/measure/read/read-number.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Choice } from '../../components/choice.tsx';
import { DateField } from '../../components/date-field.tsx';
import { ModalDialog } from '../../components/dialog.tsx';
import { Field } from '../../components/field.tsx';
import type { DocumentInHand } from '../../hooks/use-document.ts';
import { words } from '../../words/piece.ts';
import { useMakeBatch } from './use-make-batch.ts';

export function MakeBatch({ inHand, onClose }: { inHand: DocumentInHand<Piece>; onClose: () => void }) {
  const { body, open } = inHand;
  const { wanted, due, customer, size, refusal, hasDraft, set, make } = useMakeBatch(inHand);
  const reading = readCount(wanted);
  const sentence = refusal || (!reading.ok && reading.sentence);
  const description = hasDraft
    ? `The draft is first saved as version ${String(open.stored.revision + 1)}.`
    : `Version ${String(open.stored.revision)}.`;
  return (
    <ModalDialog
      open
      onClose={onClose}
      title={`New batch: ${body.name.trim() || words.thisPiece}`}
      description={description}
    >
      <form
        className="mt-5 grid grid-cols-[6.5em_1fr] items-baseline gap-x-4 gap-y-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (reading.ok) void make();
        }}
      >
        <span>{words.quantity}</span>
        <span>
          <Field
            open
            value={wanted}
            label={words.quantity}
            className="num"
            problem={reading.ok ? undefined : reading.sentence}
            problemId="make-problem"
            onChange={(quantity) => set({ quantity })}
          />
        </span>
        {sizesOf(body).length > 0 && (
          <>
            <span>{words.sizeTitle}</span>
            <Choice
              open
              value={size}
              options={sizesOf(body).map(({ id, name: label }) => ({ value: id, label: label || 'unnamed' }))}
              label={words.sizeTitle}
              onChange={(chosen) => set({ size: chosen })}
            />
          </>
        )}
        <label htmlFor="due">{words.dueDate}</label>
        <DateField id="due" label={words.dueDate} value={due} onChange={(day) => set({ due: day })} />
        <span>{words.customer}</span>
        <Field
          open
          wide
          value={customer}
          label={words.customer}
          placeholder={words.customerShopOrFair}
          maxLength={120}
          onChange={(name) => set({ customer: name })}
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
              {words.checkThisDate}
            </Link>
          )}
          <button type="button" className="button button-quiet" onClick={onClose}>
            {words.cancel}
          </button>
          <button type="submit" className="button">
            New batch: {reading.ok ? reading.value : '…'}
          </button>
        </span>
      </form>
    </ModalDialog>
  );
}
