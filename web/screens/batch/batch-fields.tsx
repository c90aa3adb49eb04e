// The name, due date and customer of a batch.
import type { Batch, BatchKind } from '../../../core/batch/batch.ts';
import { mayChangeTerms } from '../../../core/batch/states.ts';
import { Choice, type Option } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import type { Edit } from '../../hooks/use-document.ts';

const kindNames = {
  stock: 'for stock',
  order: 'wholesale order',
  fair: 'for a fair',
  commission: 'commission',
  repair: 'repair',
} as const satisfies Record<BatchKind, string>;
const kinds: readonly Option[] = Object.entries(kindNames).map(([value, label]) => ({ value, label }));
const priorities: readonly Option[] = [
  { value: '', label: 'as it is due' },
  { value: 'first', label: 'before all others' },
  { value: 'last', label: 'when there is time' },
];

export function BatchFields({ body, edit }: { body: Batch; edit: Edit<Batch> }) {
  return (
    <fieldset className="mt-4" disabled={!mayChangeTerms(body)}>
      <legend className="sr-only">What is asked of the batch</legend>
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-2">
        <Choice
          open
          value={body.kind}
          options={kinds}
          label="What the batch is for"
          onChange={(kind) => edit('', (batch) => void (batch.kind = kind as BatchKind))}
        />
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
        <span>
          <span className="aside">goes </span>
          <Choice
            open
            value={body.priority}
            options={priorities}
            label="When it is taken up"
            onChange={(priority) => edit('', (batch) => void (batch.priority = priority as Batch['priority']))}
          />
        </span>
        <label className="flex items-baseline gap-2">
          <span className="aside">what it is made of is there</span>
          <input
            type="date"
            className="field field-open"
            value={body.materialsOn}
            aria-label="What it is made of is there from"
            onChange={({ target }) => edit('materialsOn', (batch) => void (batch.materialsOn = target.value))}
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
    </fieldset>
  );
}
