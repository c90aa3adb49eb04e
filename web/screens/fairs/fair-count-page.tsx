// The right page of a fair: break-even, expected result, and how many to bring.
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import type { Fair } from '../../../core/price/fair/fair.ts';
import type { FairPlan, LevelPlan } from '../../../core/price/fair/fair-plan.ts';
import { CountTable } from '../../components/count-table.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { words } from '../../words/fairs.ts';
import { FairRange } from './fair-range.tsx';

const levelName = ({ level }: LevelPlan) => level.name.trim() || 'a level';

export function FairCountPage({ plan, fair }: { plan: FairPlan; fair: Fair }) {
  const count = (value: number) => (Number.isFinite(value) ? String(value) : 'never');
  return (
    <>
      <h2>{words.forecast}</h2>
      <CountTable
        label={words.forecast}
        rows={[
          { key: 'takings', label: words.takings, each: plan.takings },
          { key: 'margin', label: words.grossProfit, each: plan.margin },
          { key: 'costs', label: words.fairCosts, each: plan.costs, kind: 'subtotal' },
          { key: 'left', label: words.netProfit, each: plan.result, kind: 'total' },
        ]}
      />
      {plan.levels.length > 0 && (
        <>
          <FairRange plan={plan} />
          <h2 className="mt-5">{words.breakEvenTitle}</h2>
          <p className="text-[15px]">
            {Number.isFinite(plan.buyersThatPay)
              ? `From ${String(Math.ceil(plan.buyersThatPay))} buyers on, the fair pays; ${String(Math.round(plan.buyers.value))} are expected.`
              : words.noNumberOfBuyersCovers}
          </p>
          <table className="rows mt-1" aria-label={words.whatToBring}>
            <TableHeader
              of={[
                'level',
                { end: 'break-even alone', title: 'Pieces to sell if only this level sells' },
                { end: 'with others', title: 'Pieces to sell together with the other levels' },
                { end: 'expected' },
                { end: 'bring', title: 'Enough in 9 of 10 simulated fairs' },
              ]}
            />
            <tbody>
              {plan.levels.map((level) => (
                <tr key={level.level.id} className="border-b border-hair">
                  <td className="first text-[15px]">{levelName(level)}</td>
                  <td className="end num">{count(level.paysAlone)}</td>
                  <td className="end num">{count(level.paysInMix)}</td>
                  <td className="end num">{Math.round(level.expected.value)}</td>
                  <td className="end num font-semibold">{level.toMake}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Ladders plan={plan} />
          <Against plan={plan} />
        </>
      )}
      {fair.levels.length === 0 && <p className="mt-3 text-soft">{words.enterPriceLevelsOnThe}</p>}
    </>
  );
}

function Ladders({ plan: { levels, costs } }: { plan: FairPlan }) {
  const { unit } = costs;
  const ladders = levels.filter(({ ladder }) => ladder.length > 1);
  if (ladders.length === 0) return null;
  return (
    <>
      <h2 className="mt-5">{words.multiBuyPricesPerCustomer}</h2>
      <ul className="text-[15px]">
        {ladders.map((level) => {
          const more = level.perCustomer.margin - level.single.margin;
          return (
            <li key={level.level.id} className="border-b border-hair py-[4px]">
              {levelName(level)}: buys <b className="num">{showNumber(level.perCustomer.pieces, 2)}</b>, pays{' '}
              <b className="num">{showValue(level.perCustomer.takings, unit)}</b>, profit{' '}
              <b className="num">{showValue(level.perCustomer.margin, unit)}</b>.
              <span className="aside block">
                {level.secondThatPays === null ? words.theSecondPieceSellsBelow : ladderWords(more, unit)}
              </span>
            </li>
          );
        })}
      </ul>
    </>
  );
}

function Against({ plan: { actual, levels } }: { plan: FairPlan }) {
  if (!actual) return null;
  return (
    <>
      <h2 className="mt-5">{words.results}</h2>
      <CountTable
        label={words.resultsOfTheFair}
        rows={[
          { key: 'taken', label: words.actualTakings, each: actual.takings },
          { key: 'left', label: words.actualProfit, each: actual.result, kind: 'total' },
        ]}
      />
      <p className="mt-1 text-[15px]">
        {levels
          .flatMap((level) =>
            level.sold === null
              ? []
              : `${levelName(level)}: ${String(level.sold)} sold, ${String(Math.round(level.expected.value))} expected`,
          )
          .join('; ')}
      </p>
    </>
  );
}

// The same chances at single prices: the discount that a multi-buy price gives to visitors who would have bought
// anyway.
function ladderWords(more: number, unit: string): string {
  const amount = showValue(Math.abs(more), unit);
  return more >= 0
    ? `${amount} more profit than single prices, if as many buy a second.`
    : `${amount} less profit than single prices, if as many buy a second: the multi-buy price must bring more second sales.`;
}
