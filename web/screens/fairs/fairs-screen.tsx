// The fairs: planned and past, each with its expected or actual profit.
import { Link, useNavigate } from 'react-router';
import type { FairDocument } from '../../../contract/fairs.ts';
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { local } from '../../../core/format/variants.ts';
import { emptyFair } from '../../../core/price/fair/fair.ts';
import { type FairPlan, planFair } from '../../../core/price/fair/fair-plan.ts';
import { ArchivedSwitch } from '../../components/archived-switch.tsx';
import { Failure } from '../../components/failure.tsx';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { documentArchivedAt, useArchived } from '../../hooks/use-archived.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useCostOfPiece } from '../../hooks/use-cost-of-piece.ts';
import { useSorted } from '../../hooks/use-sorted.ts';
import { useAddFairMutation, useGetFairsQuery } from '../../state/endpoints/fairs.ts';
import { words } from '../../words/fairs.ts';

interface PlannedFair {
  readonly fair: FairDocument;
  readonly plan: FairPlan;
}

const sortKeys = ['fair', 'costs', 'takings', 'profit', 'actual'] as const;
const sortBy = {
  fair: ({ fair }: PlannedFair) => fair.body.from,
  costs: ({ plan }: PlannedFair) => plan.costs.value,
  takings: ({ plan }: PlannedFair) => plan.takings.value,
  profit: ({ plan }: PlannedFair) => plan.result.value,
  actual: ({ plan }: PlannedFair) => plan.actual?.result.value ?? null,
};

export function FairsScreen() {
  const { data } = useGetFairsQuery();
  const { rates } = useBasis();
  const costOf = useCostOfPiece();
  const [add, { error }] = useAddFairMutation();
  const navigate = useNavigate();
  const describe = async () => {
    const answer = await add(emptyFair);
    if (answer.data) await navigate(`/fairs/${answer.data.id}`);
  };
  const { shown, ...archived } = useArchived(data ?? [], documentArchivedAt);
  const fairs = shown.toSorted((a, b) => b.body.from.localeCompare(a.body.from));
  const planned = fairs.map((fair) => ({ fair, plan: planFair(fair.body, rates, costOf) }));
  const { sorted, sorting } = useSorted('fairs', planned, sortBy);
  return (
    <Spread
      title={words.fairs}
      left={
        <>
          <SellingNav />
          <div className="flex items-start justify-between gap-4">
            <h1>{words.fairs}</h1>
            <button type="button" className="button chrome" onClick={() => void describe()}>
              {words.newFair}
            </button>
          </div>
          <Failure of={[error]} />
          {data?.length === 0 && <p className="mt-4 max-w-[56ch]">{words.enterTheStallFeeThe}</p>}
          {fairs.length > 0 && (
            <table className="rows mt-4" aria-label={words.fairs}>
              <TableHeader
                sorts={{ ...sorting, keys: sortKeys }}
                of={['fair', { end: 'costs' }, { end: 'takings' }, { end: 'net profit' }, { end: 'actual profit' }]}
              />
              <tbody>
                {sorted.map(({ fair, plan }) => (
                  <tr key={fair.id} className="border-b border-hair">
                    <td className="first">
                      <Link className="hover:text-act hover:underline" to={`/fairs/${fair.id}`}>
                        {titleOfFair(fair)}
                      </Link>
                      <span className="aside block">
                        {fair.body.from ? dayInWords(fair.body.from) : 'no date yet'}
                        {fair.isDraft && (fair.revision ? `, draft of version ${String(fair.revision)}` : ', draft')}
                      </span>
                    </td>
                    <Money minor={plan.costs.value} />
                    <Money minor={plan.takings.value} />
                    <Money minor={plan.result.value} />
                    {plan.actual ? (
                      <Money minor={plan.actual.result.value} />
                    ) : (
                      <td className="end aside">{words.notYet}</td>
                    )}
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      }
      leftFoot={
        <>
          <span>{fairs.length === 1 ? words.oneFair : `${String(fairs.length)} fairs`}</span>
          <ArchivedSwitch {...archived} />
        </>
      }
      right={
        planned.some(({ plan }) => plan.actual) && (
          <section aria-labelledby="against">
            <h2 id="against">{words.forecastAndActual}</h2>
            <table className="count mt-1" aria-label={words.forecastAndActual}>
              <TableHeader of={[{ hidden: 'fair' }, 'planned', 'came']} />
              <tbody>
                {planned.flatMap(({ fair, plan }) =>
                  plan.actual ? (
                    <tr key={fair.id}>
                      <td className="py-[5px]!">
                        {titleOfFair(fair)}, {local('takings')}
                      </td>
                      <td className="num text-right">{showValue(plan.takings.value, rates.currency)}</td>
                      <td className="num text-right font-semibold">
                        {showValue(plan.actual.takings.value, rates.currency)}
                      </td>
                    </tr>
                  ) : (
                    []
                  ),
                )}
              </tbody>
            </table>
          </section>
        )
      }
      rightFoot={<span className="ml-auto">{rates.currency}</span>}
      bottomLine={<span className="font-semibold">{words.forecastAndActual}</span>}
    />
  );
}

function Money({ minor }: { minor: number }) {
  const { currency } = useBasis().rates;
  return <td className={`end num ${minor < 0 ? 'text-stop' : ''}`}>{showValue(minor, currency)}</td>;
}

function titleOfFair({ body }: Pick<FairDocument, 'body'>): string {
  return body.name.trim() || words.unnamedFair;
}
