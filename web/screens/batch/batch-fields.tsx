// What is asked of a batch: how many, by when, for whom.
import type { Batch } from '../../../core/batch/batch.ts';
import type { Problem } from '../../../core/studio/rates.ts';
import type { Edit } from '../../app/use-document.ts';
import type { Sizes } from '../../../core/piece/sizes.ts';
import { Choice } from '../../parts/choice.tsx';
import { Field } from '../../parts/field.tsx';

export function BatchFields({
  body,
  edit,
  problems,
  sizes,
}: {
  body: Batch;
  edit: Edit<Batch>;
  problems: readonly Problem[];
  sizes: Sizes;
}) {
  const quantity = problems.find(({ path }) => path === 'quantity')?.sentence;
  return (
    <div className="mt-4">
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-2">
        <label>
          <span className="aside">how many </span>
          <Field
            open
            className="num font-semibold"
            value={body.quantity}
            label="How many to make"
            problem={quantity}
            problemId="quantity-problem"
            onChange={(value) => edit('quantity', (batch) => void (batch.quantity = value))}
          />
        </label>
        {sizes.rows.length > 0 && (
          <span>
            <span className="aside">size </span>
            <Choice
              open
              value={body.size || (sizes.rows[0]?.id ?? '')}
              options={sizes.rows.map(({ id, name }) => ({ value: id, label: name || 'unnamed' }))}
              label="Size to make"
              onChange={(size) => edit('', (batch) => void (batch.size = size))}
            />
          </span>
        )}
        <label>
          <span className="aside">promised by </span>
          <input
            type="date"
            className="field field-open"
            value={body.due}
            aria-label="Promised by"
            onChange={(event) => edit('due', (batch) => void (batch.due = event.target.value))}
          />
        </label>
        <label className="flex min-w-[14em] flex-1 items-baseline gap-2">
          <span className="aside">for</span>
          <Field
            wide
            open
            value={body.customer}
            label="For whom"
            placeholder="a shop, a fair, stock"
            maxLength={120}
            onChange={(value) => edit('customer', (batch) => void (batch.customer = value))}
          />
        </label>
      </div>
      {quantity && (
        <p id="quantity-problem" className="problem">
          {quantity}
        </p>
      )}
      <label className="mt-2 flex items-baseline gap-2">
        <span className="aside">note</span>
        <Field
          wide
          value={body.note}
          label="Note"
          placeholder="none"
          maxLength={4000}
          onChange={(value) => edit('note', (batch) => void (batch.note = value))}
        />
      </label>
    </div>
  );
}
