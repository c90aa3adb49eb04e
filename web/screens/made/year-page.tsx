// The year on one page, fit to print.
import { statements } from '../../../core/account/balance.ts';
import { showValue } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { yearReview } from '../../../core/made/year-review.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useFairPlans } from '../../hooks/use-fair-plans.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useGetAccountQuery } from '../../state/endpoints/account.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { words } from '../../words/made.ts';

interface YearPageProps {
  readonly made: Made;
  readonly from: string;
  readonly until: string;
}

export function YearPage({ made: { entries, items }, from, until }: YearPageProps) {
  const { rates } = useBasis();
  const { data: batches = [] } = useGetBatchesQuery();
  const { data: account } = useGetAccountQuery({ from, until });
  const fairs = useFairPlans().filter(({ fair }) => fair.body.from >= from && fair.body.from <= until);
  const more = {
    hours: fairs.reduce((sum, { hours }) => sum + hours, 0),
    costMinor: fairs.reduce((sum, { plan }) => sum + plan.cashMinor, 0),
  };
  const dueOf = (id: string) => batches.find(({ batch }) => batch.id === id)?.batch.body.due ?? '';
  const year = yearReview({ entries, items, from, until, dueOf, more });
  const metal = account ? statements(account.before, account.flows) : [];
  const grams = (of: (row: (typeof metal)[number]) => number) =>
    `${showNumber(metal.reduce((sum, row) => sum + of(row), 0) / 1000, 1)} g`;
  const money = (minor: number) => showValue(minor, rates.currency);
  const against = (actual: number, estimate: number) =>
    estimate > 0 ? `${actual >= estimate ? '+' : '−'}${showNumber(Math.abs(100 * (actual / estimate - 1)), 0)} %` : '–';
  const rows: readonly (readonly [string, string])[] = [
    [words.takings, money(year.sums.paidMinor)],
    [words.feesAndTax, money(-year.sums.goneMinor)],
    [words.fairCosts, money(-more.costMinor)],
    [words.leftForWork, money(year.sums.forWorkMinor)],
    [words.leftPerHour, year.sums.perHourMinor === null ? '–' : money(year.sums.perHourMinor)],
    [words.piecesMade, String(year.pieces.made)],
    [words.piecesSold, String(year.pieces.sold)],
    [words.piecesGiven, String(year.pieces.given)],
    [words.piecesMelted, String(year.pieces.melted)],
    [words.piecesLost, String(year.pieces.lost)],
    [words.benchHours, `${showNumber(year.benchHours, 0)} h`],
    [words.stallHours, `${showNumber(more.hours, 0)} h`],
    [words.estimateError, against(year.benchHours, year.estimateHours)],
    [words.costError, against(year.costMinor, year.estimateMinor)],
    [words.promises, year.promised > 0 ? `${String(year.kept)} / ${String(year.promised)}` : '–'],
    [words.metalBought, grams(({ outside }) => outside.supplier)],
    [words.metalLost, grams(({ outside }) => -outside.loss)],
  ];
  return (
    <section aria-labelledby="the-year">
      <h2 id="the-year">
        {words.bySeason}
        <span className="aside">
          {', '}
          {shortDay(from)} – {shortDay(until)}
        </span>
      </h2>
      <table className="rows mt-1" aria-labelledby="the-year">
        <tbody>
          {rows.map(([label, value]) => (
            <tr key={label} className="border-b border-hair">
              <th scope="row" className="first text-left font-normal">
                {label}
              </th>
              <td className="end num font-semibold">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
