// What each channel and each fair brought, and what is left per hour of everything.
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { type SoldLine, soldSums } from '../../../core/made/sold-lines.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useFairPlans } from '../../hooks/use-fair-plans.ts';
import { words } from '../../words/made.ts';

interface ChannelReviewProps {
  readonly lines: readonly SoldLine[];
  readonly from: string;
  readonly until: string;
}

export function ChannelReview({ lines, from, until }: ChannelReviewProps) {
  const { rates } = useBasis();
  const plans = useFairPlans();
  const money = (minor: number) => showValue(minor, rates.currency);
  const channels = [
    ...new Set(lines.filter(({ from: place }) => !place.startsWith('fair/')).map(({ channel }) => channel)),
  ];
  const name = (id: string) => rates.selling.channels.find((one) => one.id === id)?.name ?? words.cash;
  const fairs = plans.filter(({ fair }) => fair.body.from >= from && fair.body.from <= until);
  const rows = [
    ...channels.map((channel) => ({
      key: channel,
      name: name(channel),
      sums: soldSums(lines.filter((line) => line.channel === channel && !line.from.startsWith('fair/'))),
      forecast: null,
    })),
    ...fairs.flatMap(({ fair, plan, hours }) => {
      const own = lines.filter((line) => line.from === `fair/${fair.id}`);
      if (own.length === 0) return [];
      const sums = soldSums(own, { hours, costMinor: plan.cashMinor });
      return [{ key: fair.id, name: fair.body.name, sums, forecast: plan.takingsMinor }];
    }),
  ].sort((a, b) => b.sums.paidMinor - a.sums.paidMinor);
  if (rows.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="by-channel">
      <h2 id="by-channel">{words.byChannel}</h2>
      <table className="rows mt-1" aria-labelledby="by-channel">
        <TableHeader
          of={[
            words.channel,
            { end: words.sold },
            { end: words.takings },
            { end: words.feesAndTax },
            { end: words.hours },
            { end: words.leftPerHour },
            { end: words.forecast },
          ]}
        />
        <tbody>
          {rows.map(({ key, name: label, sums, forecast }) => (
            <tr key={key} className="border-b border-hair">
              <td className="first">{label}</td>
              <td className="end num">{sums.count}</td>
              <td className="end num">{money(sums.paidMinor)}</td>
              <td className="end num">{money(sums.goneMinor)}</td>
              <td className="end num">{showNumber(sums.hours, 1)}</td>
              <td className="end num font-semibold">{sums.perHourMinor === null ? '' : money(sums.perHourMinor)}</td>
              <td className="end num">{forecast ? money(forecast) : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="aside mt-1">{words.hoursOfEverything}</p>
    </section>
  );
}
