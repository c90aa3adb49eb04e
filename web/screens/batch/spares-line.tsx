// How many extras are started, and why that many.
import { useState } from 'react';
import type { Batch, Spares } from '../../../core/batch/batch.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { mayChangeWhatIsMade } from '../../../core/batch/states.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Choice, type Option } from '../../components/choice.tsx';
import { Field } from '../../components/field.tsx';
import type { Edit } from '../../hooks/use-document.ts';
import { words } from '../../words/batch.ts';

const ways: readonly Option[] = [
  { value: 'none', label: 'none' },
  { value: 'over', label: 'fixed number' },
  { value: 'chance', label: 'enough for a confidence of' },
];

interface SparesLineProps {
  readonly body: Batch;
  readonly count: BatchCount;
  readonly edit: Edit<Batch>;
}

export function SparesLine({ body, count, edit }: SparesLineProps) {
  const [opened, setOpened] = useState('');
  const { spares } = body;
  const problem = count.problems.find(({ path }) => path.startsWith('spares.'))?.sentence;
  const set = (key: string, change: Partial<Spares>) =>
    edit(key && `spares.${key}`, (batch) => void Object.assign(batch.spares, change));
  return (
    <section aria-label={words.extrasTitle} className="mt-3">
      <fieldset
        disabled={!mayChangeWhatIsMade(body)}
        className="flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px]"
      >
        <legend className="sr-only">{words.extrasTitle}</legend>
        <span className="aside">{words.extras}</span>
        <Choice
          open
          value={spares.how}
          options={ways}
          label={words.howExtrasAreCounted}
          onChange={(how) => set('', { how: how as Spares['how'] })}
        />
        {spares.how === 'over' && (
          <Field
            open
            className="num"
            value={spares.over}
            label={words.numberOfExtras}
            problem={problem}
            problemId="spares-problem"
            onChange={(over) => set('over', { over })}
          />
        )}
        {spares.how === 'chance' && (
          <Field
            open
            className="num"
            value={spares.confidence}
            label={words.confidence}
            unit="%"
            problem={problem}
            problemId="spares-problem"
            onChange={(confidence) => set('confidence', { confidence })}
          />
        )}
      </fieldset>
      {problem && (
        <p id="spares-problem" className="problem">
          {problem}
        </p>
      )}
      {spares.how !== 'none' && (
        <ul className="mt-1 text-[15px]">
          {count.runs.map(({ line, size, name, quantity, start }) => {
            const key = `${line.id} ${size}`;
            return (
              <li key={key}>
                <span className="flex items-baseline gap-2">
                  <span className="min-w-[14em]">{name}</span>
                  <span className="aside">
                    {quantity} good {quantity === 1 ? 'one' : 'ones'}: start
                  </span>
                  <button
                    type="button"
                    className="figure num w-auto! font-semibold"
                    aria-expanded={opened === key}
                    aria-label={`${name}, to start: ${String(start.value)}, show calculation`}
                    onClick={() => setOpened(opened === key ? '' : key)}
                  >
                    {start.value}
                  </button>
                </span>
                {opened === key && <Calculation figure={start} />}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
