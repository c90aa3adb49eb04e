// The name, due date and customer of a batch.
import type { Batch, BatchKind } from '../../../core/batch/batch.ts';
import { mayChangeTerms } from '../../../core/batch/states.ts';
import { Choice, type Option } from '../../components/choice.tsx';
import { DateField } from '../../components/date-field.tsx';
import { Field } from '../../components/field.tsx';
import type { Edit } from '../../hooks/use-document.ts';
import { words } from '../../words/batch.ts';
import { priorityOptions } from '../../words/priorities.ts';

const kindNames = {
  stock: 'stock',
  order: 'wholesale order',
  fair: 'fair',
  commission: 'commission',
  repair: 'repair',
} as const satisfies Record<BatchKind, string>;
const kinds: readonly Option[] = Object.entries(kindNames).map(([value, label]) => ({ value, label }));

export function BatchFields({ body, edit }: { body: Batch; edit: Edit<Batch> }) {
  return (
    <fieldset className="mt-4" disabled={!mayChangeTerms(body)}>
      <legend className="sr-only">{words.orderDetails}</legend>
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-2">
        <Choice
          open
          value={body.kind}
          options={kinds}
          label={words.kindOfBatch}
          onChange={(kind) => edit('', (batch) => void (batch.kind = kind as BatchKind))}
        />
        <label>
          <span className="aside">{words.due} </span>
          <DateField
            label={words.dueDate}
            value={body.due}
            onChange={(day) => edit('due', (batch) => void (batch.due = day))}
          />
        </label>
        <span>
          <span className="aside">{words.priority} </span>
          <Choice
            open
            value={body.priority}
            options={priorityOptions}
            label={words.priorityTitle}
            onChange={(priority) => edit('', (batch) => void (batch.priority = priority as Batch['priority']))}
          />
        </span>
        <label className="flex items-baseline gap-2">
          <span className="aside">{words.materialsAvailableFrom}</span>
          <DateField
            label={words.materialsAvailableFromTitle}
            value={body.materialsOn}
            onChange={(day) => edit('materialsOn', (batch) => void (batch.materialsOn = day))}
          />
        </label>
        <label className="flex min-w-[14em] flex-1 items-baseline gap-2">
          <span className="aside">{words.customer}</span>
          <Field
            wide
            open
            value={body.customer}
            label={words.customerTitle}
            placeholder={words.customerShopOrFair}
            maxLength={120}
            onChange={(value) => edit('customer', (batch) => void (batch.customer = value))}
          />
        </label>
      </div>
      <label className="mt-2 flex items-baseline gap-2">
        <span className="aside">{words.note}</span>
        <Field
          wide
          value={body.note}
          label={words.noteTitle}
          placeholder={words.none}
          maxLength={4000}
          onChange={(value) => edit('note', (batch) => void (batch.note = value))}
        />
      </label>
    </fieldset>
  );
}
