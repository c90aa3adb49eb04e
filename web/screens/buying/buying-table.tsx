// Lines of the buying list: item, quantity, supplier, cost, order date, and the batches that need it.
import { Link } from 'react-router';
import type { BuyingLine } from '../../../core/batch/buying/buying-list.ts';
import { showFigure } from '../../../core/figure/show.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { Num } from '../../components/num.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { words } from '../../words/buying.ts';

interface BuyingTableProps {
  readonly lines: readonly BuyingLine[];
  readonly today: string;
  readonly caption: string;
}

export function BuyingTable({ lines, today, caption }: BuyingTableProps) {
  return (
    <section className="mt-4">
      <h2>{caption}</h2>
      <table className="rows plain-list table-fixed" aria-label={caption}>
        <colgroup>
          <col />
          <col className="w-[6.5em]" />
          <col className="w-[5em]" />
          <col className="w-[5.5em]" />
          <col className="w-[8.5em]" />
        </colgroup>
        <TableHeader of={['item and batches', { end: 'short' }, { end: 'packs' }, { end: 'cost' }, 'order by']} />
        <tbody>
          {lines.map((line) => (
            <Line key={line.key} line={line} today={today} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Line({
  line: { name, need, item, packs, paid, wanting, orderBy },
  today,
}: {
  line: BuyingLine;
  today: string;
}) {
  const isDue = orderBy !== '' && orderBy <= today;
  return (
    <tr className="border-b border-hair">
      <td className="first">
        {name}
        {item && (
          <span className="aside block">
            {item.supplier}, {item.item}
          </span>
        )}
        <span className="aside block">
          {wanting.map(({ id, title }, index) => (
            <span key={id}>
              {index > 0 && '; '}
              <Link className="hover:text-act hover:underline" to={`/batches/${id}`}>
                {title}
              </Link>
            </span>
          ))}
        </span>
      </td>
      <td className="end num">{showFigure(need)}</td>
      <td className="end num">
        {packs > 0 ? packs : ''}
        {item && item.pack !== 1 && (
          <span className="aside block">
            of {item.pack}
            {item.per === 'g' && ' g'}
          </span>
        )}
      </td>
      <td className="end font-semibold">{paid && <Num figure={paid} />}</td>
      <td className={isDue ? 'num text-stop' : 'num'}>
        {orderBy ? isDue ? 'today' : dayInWords(orderBy) : <span className="aside">{item ? 'no lead time' : ''}</span>}
        {item && orderBy && (
          <span className="aside block">
            {item.leadDays} {words.daysLeadTime}
          </span>
        )}
      </td>
    </tr>
  );
}
