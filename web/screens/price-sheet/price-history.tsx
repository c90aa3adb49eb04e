// The prices of the piece over time, with dates and reasons.
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords, shortDay } from '../../../core/format/days.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { useGetPricesQuery } from '../../state/endpoints/prices.ts';
import { words } from '../../words/price-sheet.ts';

const MOST_SHOWN = 12;

export function PriceHistory({ id }: { id: string }) {
  const { data = [] } = useGetPricesQuery(id);
  if (data.length === 0) return null;
  return (
    <section aria-labelledby="history" className="mt-6">
      <h2 id="history">{words.priceHistory}</h2>
      <table className="rows" aria-label={words.priceHistory}>
        <TableHeader of={['date', 'reason', { end: 'cost' }, { end: 'wholesale' }, { end: 'retail' }]} />
        <tbody>
          {data.slice(0, MOST_SHOWN).map((entry) => (
            <tr key={entry.id} className="border-b border-hair">
              <td className="first num whitespace-nowrap">{dayInWords(entry.at.slice(0, 10))}</td>
              <td>
                {entry.why || 'no reason'}
                {entry.fixOn && (
                  <span className="aside block">
                    {words.metalPricesOf} {shortDay(entry.fixOn)}
                  </span>
                )}
              </td>
              <td className="end num">{showValue(entry.costMinor, entry.currency)}</td>
              <td className="end num font-semibold">{showValue(entry.wholesaleMinor, entry.currency)}</td>
              <td className="end num">{showValue(entry.retailMinor, entry.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {data.length > MOST_SHOWN && <p className="aside">and {data.length - MOST_SHOWN} more</p>}
    </section>
  );
}
