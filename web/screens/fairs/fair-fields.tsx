// Cost and visitors of the fair.
import { showValue } from '../../../core/figure/show.ts';
import { local } from '../../../core/format/variants.ts';
import type { Fair } from '../../../core/price/fair/fair.ts';
import type { FairPlan } from '../../../core/price/fair/fair-plan.ts';
import { Choice } from '../../components/choice.tsx';
import { DateField } from '../../components/date-field.tsx';
import { Field } from '../../components/field.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { useNow } from '../../hooks/use-now.ts';
import { issuesAt } from '../../state/basis.ts';
import { words } from '../../words/fairs.ts';

interface FairFieldsProps {
  readonly fair: Fair;
  readonly plan: FairPlan;
  readonly edit: Edit<Fair>;
}

type Typed = Exclude<keyof Fair, 'levels' | 'from' | 'channel'>;

const costFields = [
  { key: 'stallFee', label: 'Stall fee', placeholder: '0' },
  { key: 'takingsShare', label: 'Commission (% of takings)', placeholder: 'none' },
  { key: 'travel', label: 'Travel', placeholder: '0' },
  { key: 'nights', label: 'Nights away', placeholder: '0' },
  { key: 'nightCost', label: 'Cost per night', placeholder: '0' },
  { key: 'otherCosts', label: 'Other costs', placeholder: '0' },
  { key: 'days', label: 'Days', placeholder: '1' },
  { key: 'hours', label: 'Our hours', placeholder: '0' },
  { key: 'hourWorth', label: 'Our hourly rate', placeholder: 'labour rate' },
] as const satisfies readonly { key: Typed; label: string; placeholder: string }[];

const visitorFields = [
  { key: 'visitors', label: 'Visitors', placeholder: '0' },
  { key: 'visitorSpread', label: 'Uncertainty ±%', placeholder: '0 %' },
  { key: 'buyers', label: 'Visitors who buy (%)', placeholder: '0 %' },
] as const satisfies readonly { key: Typed; label: string; placeholder: string }[];

/** Known when the fair is over. */
const afterFields = [
  { key: 'visitorsCame', label: 'Visitors that came', placeholder: '' },
  { key: 'taken', label: 'Actual takings', placeholder: '' },
] as const satisfies readonly { key: Typed; label: string; placeholder: string }[];

export function FairFields({ fair, plan, edit }: FairFieldsProps) {
  const { rates } = useBasis();
  const problems = issuesAt(
    plan.problems.map((problem) => ({ ...problem, path: `fair.${problem.path}` })),
    'fair',
  );
  const field = ({ key, label, placeholder }: { key: Typed; label: string; placeholder: string }) => (
    <label key={key} className="flex items-baseline justify-between gap-3 border-b border-hair py-[5px]">
      <span className="text-[15px]">{local(label)}</span>
      <Field
        open
        end
        className="num w-[7em]"
        value={fair[key]}
        label={local(label)}
        placeholder={key === 'hourWorth' ? showValue(rates.labour.value, rates.labour.unit) : placeholder}
        problem={problems[key]}
        problemId="fair-problem"
        onChange={(value) => edit(key, (draft) => void (draft[key] = value))}
      />
    </label>
  );
  const { day } = useNow();
  const isOver = (fair.from !== '' && fair.from <= day) || fair.taken !== '' || fair.visitorsCame !== '';
  const said = [...costFields, ...visitorFields, ...afterFields].find(({ key }) => problems[key]);
  return (
    <section aria-label={words.costsAndVisitors} className="mt-4">
      <p className="flex flex-wrap items-baseline gap-x-6 text-[15px]">
        <label>
          from{' '}
          <DateField
            label={words.firstDay}
            value={fair.from}
            onChange={(day) => edit('from', (draft) => void (draft.from = day))}
          />
        </label>
        <span>
          sales channel{' '}
          <Choice
            value={fair.channel}
            options={[
              { value: '', label: 'cash' },
              ...rates.selling.channels
                .filter(({ kind }) => kind === 'retail')
                .map(({ id, name }) => ({ value: id, label: name })),
            ]}
            label={words.salesChannel}
            onChange={(channel) => edit('', (draft) => void (draft.channel = channel))}
          />
        </span>
      </p>
      <div className="mt-2 grid grid-cols-3 gap-x-8 max-[1100px]:grid-cols-2">{costFields.map(field)}</div>
      <div className="mt-4 grid grid-cols-3 gap-x-8 max-[1100px]:grid-cols-2">{visitorFields.map(field)}</div>
      {isOver && <div className="mt-4 grid grid-cols-3 gap-x-8 max-[1100px]:grid-cols-2">{afterFields.map(field)}</div>}
      <p id="fair-problem" className="problem" role="alert">
        {said && problems[said.key]}
      </p>
    </section>
  );
}
