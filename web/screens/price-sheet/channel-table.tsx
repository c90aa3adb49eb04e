// The profit of each sales channel, for one piece and for a bench hour.
import { Fragment, useState } from 'react';
import { given } from '../../../core/figure/figure.ts';
import { showValue } from '../../../core/figure/show.ts';
import { showFigure } from '../../../core/figure/show.ts';
import { askedPrices, channelResult, type CostOfPiece, volumePrices } from '../../../core/price/piece/channels.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import type { Priced } from '../../../core/price/piece/standing.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Num } from '../../components/num.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/price-sheet.ts';

interface ChannelTableProps {
  readonly count: PieceCount;
  readonly cost: CostOfPiece;
  readonly priced: Priced | null;
}

export function ChannelTable({ count, cost, priced }: ChannelTableProps) {
  const { rates } = useBasis();
  const { selling, currency } = rates;
  const [opened, setOpened] = useState('');
  const asked = askedPrices(priced, count.prices);
  const results = selling.channels.map((channel) => channelResult(channel, asked, cost, selling.rule));
  if (results.length === 0) return null;
  return (
    <section aria-labelledby="channels" className="mt-6">
      <h2 id="channels">{words.profitBySalesChannel}</h2>
      <table className="rows" aria-label={words.salesChannels}>
        <TableHeader
          of={[
            'channel',
            { end: 'price' },
            { end: 'net received' },
            { end: 'profit' },
            { end: 'per hour' },
            { end: 'break-even' },
          ]}
        />
        <tbody>
          {results.map(({ channel, price, received, left, perHour, breakEven }) => (
            <Fragment key={channel.id}>
              <tr className="border-b border-hair">
                <td className="first">{channel.name}</td>
                <td className="end">
                  <Num figure={price} />
                </td>
                <td className="end">
                  <button
                    type="button"
                    className="figure"
                    aria-expanded={opened === channel.id}
                    aria-label={`${channel.name}, net received: ${showValue(received.value, received.unit)}, show calculation`}
                    onClick={() => setOpened(opened === channel.id ? '' : channel.id)}
                  >
                    <Num figure={received} />
                  </button>
                </td>
                <td className={`end ${left.value < 0 ? 'text-stop' : ''}`}>
                  <Num figure={left} />
                </td>
                <td className="end font-semibold">{perHour && <Num figure={perHour} />}</td>
                <td className="end">{Number.isFinite(breakEven.value) ? <Num figure={breakEven} /> : 'always'}</td>
              </tr>
              {opened === channel.id && (
                <tr>
                  <td colSpan={6}>
                    <Calculation figure={received} />
                  </td>
                </tr>
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
      {selling.volumeBreaks.length > 0 && (
        <p className="aside mt-1">
          {volumePrices(asked.wholesale, selling.volumeBreaks)
            .map(({ from, price }) => `from ${String(from)}: ${showFigure(price)} each`)
            .join(', ')}
          {selling.leastOrderMinor > 0 &&
            `; minimum order ${showFigure(given('', selling.leastOrderMinor, currency, ''))}`}
        </p>
      )}
    </section>
  );
}
