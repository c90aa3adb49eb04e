// Sales: what was sold where and for how much, refunds, and a fair ticked off.
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { showValue } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import type { MadeEntry } from '../../../core/made/made-entry.ts';
import { itemName } from '../../../core/made/made-item.ts';
import { type SoldLine, soldLines, soldSums } from '../../../core/made/sold-lines.ts';
import { Failure } from '../../components/failure.tsx';
import { FinishedNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { type Made, useMade } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useRefundSaleMutation } from '../../state/endpoints/made.ts';
import { words } from '../../words/made.ts';
import { salesTable } from './sales-table.ts';
import { TickOffFair } from './tick-off-fair.tsx';

const PAGE = 60;

export function SalesScreen() {
  const made = useMade();
  const { rates } = useBasis();
  const { day } = useNow();
  const [shown, setShown] = useState(PAGE);
  const lines = useMemo(() => soldLines(made.entries, made.itemOf).reverse(), [made]);
  const money = (minor: number) => showValue(minor, rates.currency);
  const channelName = (id: string) => rates.selling.channels.find((one) => one.id === id)?.name ?? words.cash;
  const year = soldSums(lines.filter(({ on }) => on.startsWith(day.slice(0, 4))));
  return (
    <Spread
      title={words.sales}
      left={
        <>
          <FinishedNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <h1>{words.sales}</h1>
            <span className="chrome flex gap-4 text-[15px]">
              {lines.length > 0 && (
                <button
                  type="button"
                  className="link"
                  onClick={() => void saveTable(salesTable(lines, channelName, made.placeName), 'sales.csv')}
                >
                  {words.exportCsv}
                </button>
              )}
              <Link className="link" to="/import">
                {words.importSales}
              </Link>
            </span>
          </div>
          {made.isThere && lines.length === 0 && <p className="mt-3 max-w-[60ch]">{words.noSalesYet}</p>}
          {lines.length > 0 && (
            <table className="rows mt-3" aria-label={words.sales}>
              <TableHeader
                of={[
                  words.day,
                  words.piece,
                  words.channel,
                  { end: words.paid },
                  { end: words.received },
                  { hidden: words.refund },
                ]}
              />
              <tbody>
                {lines.slice(0, shown).map((line, at) => (
                  <SaleRow
                    key={`${String(line.entry)} ${line.item.id} ${String(at)}`}
                    line={line}
                    made={made}
                    channelName={channelName}
                  />
                ))}
              </tbody>
            </table>
          )}
          {lines.length > shown && (
            <button type="button" className="link chrome mt-2" onClick={() => setShown(shown + 200)}>
              {words.showAll}
            </button>
          )}
        </>
      }
      leftFoot={<span>{rates.currency}</span>}
      right={
        <>
          <h2>{words.byMonth}</h2>
          <Months lines={lines} />
          <TickOffFair made={made} />
        </>
      }
      rightFoot={
        <span>
          {day.slice(0, 4)}: {year.count} {words.sold}
        </span>
      }
      bottomLine={
        made.isThere && (
          <span className="font-semibold">
            {day.slice(0, 4)}: {money(year.paidMinor)}
          </span>
        )
      }
    />
  );
}

interface SaleRowProps {
  readonly line: SoldLine;
  readonly made: Made;
  readonly channelName: (id: string) => string;
}

function SaleRow({ line, made, channelName }: SaleRowProps) {
  const { rates } = useBasis();
  const { day } = useNow();
  const [refund, { error, isLoading }] = useRefundSaleMutation();
  const booked = useMadeBooked();
  const entry = made.entries.find(({ id }) => id === line.entry);
  const money = (minor: number) => showValue(minor, rates.currency);
  const mayRefund = entry?.kind === 'sold' && entry.correctedBy === null && !isRefunded(entry, made.entries);
  return (
    <tr className="border-b border-hair">
      <td className="first num whitespace-nowrap">{shortDay(line.on)}</td>
      <td>
        <span className="num">{line.count} ×</span> {itemName(line.item)}
        {entry?.buyer && <span className="aside block">{entry.buyer}</span>}
      </td>
      <td className="aside">
        {channelName(line.channel)}
        {line.from !== 'studio' && <span className="block">{made.placeName(line.from)}</span>}
      </td>
      <td className="end num">{money(line.paidMinor)}</td>
      <td className="end num">{money(line.keptMinor)}</td>
      <td className="end">
        {mayRefund && (
          <button
            type="button"
            className="link chrome text-[14px]"
            disabled={isLoading}
            aria-label={`${words.refund}: ${itemName(line.item)}, ${shortDay(line.on)}`}
            onClick={() =>
              void refund({ id: line.entry, on: day, why: '' }).then((answer) => booked(answer, words.refunded))
            }
          >
            {words.refund}
          </button>
        )}
        <Failure of={[error]} />
      </td>
    </tr>
  );
}

function isRefunded({ id }: MadeEntry, entries: readonly MadeEntry[]): boolean {
  return entries.some(({ reference, correctedBy }) => reference === `refund ${String(id)}` && correctedBy === null);
}

const MONTHS_SHOWN = 12;

function Months({ lines }: { lines: readonly SoldLine[] }) {
  const { rates } = useBasis();
  const months = [...new Set(lines.map(({ on }) => on.slice(0, 7)))].sort().reverse().slice(0, MONTHS_SHOWN);
  const money = (minor: number) => showValue(minor, rates.currency);
  if (months.length === 0) return <p className="aside mt-1">–</p>;
  return (
    <table className="rows mt-1" aria-label={words.month}>
      <TableHeader of={[words.month, { end: words.sold }, { end: words.paid }, { end: words.received }]} />
      <tbody>
        {months.map((month) => {
          const sums = soldSums(lines.filter(({ on }) => on.startsWith(month)));
          return (
            <tr key={month} className="border-b border-hair">
              <td className="first num">{month}</td>
              <td className="end num">{sums.count}</td>
              <td className="end num">{money(sums.paidMinor)}</td>
              <td className="end num">{money(sums.keptMinor)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
