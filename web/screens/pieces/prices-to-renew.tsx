// Prices set at earlier metal prices that no longer cover today's cost.
import { Link } from 'react-router';
import { shortDay } from '../../../core/format/days.ts';
import { Num } from '../../components/num.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { type BookLine, titleOf } from '../../state/book-line.ts';
import { words } from '../../words/pieces.ts';

export function PricesToRenew({ lines }: { lines: readonly BookLine[] }) {
  if (lines.length === 0) return null;
  return (
    <section className="mb-6" aria-labelledby="renew">
      <div className="flex items-baseline justify-between">
        <h2 id="renew">{words.wholesalePricesToUpdate}</h2>
        <Link className="link chrome text-[14px]" to="/prices">
          {words.review}
        </Link>
      </div>
      <table className="rows mt-1">
        <TableHeader of={['piece', { end: 'current' }, { end: 'profit' }, { end: 'suggested' }]} />
        <tbody>
          {lines.map(({ piece, standing, accepted }) =>
            standing ? (
              <tr key={piece.id} className="border-b border-hair">
                <td className="first">
                  <Link className="hover:text-act hover:underline" to={`/pieces/${piece.id}`}>
                    {titleOf(piece)}
                  </Link>
                  <span className="aside block">
                    {piece.priced?.fixOn
                      ? `metal prices of ${shortDay(piece.priced.fixOn)}`
                      : words.beforeTheFirstMetalPrices}
                  </span>
                </td>
                <td className="end">
                  <Num figure={standing.then} />
                </td>
                <td className="end">
                  <Num figure={standing.left} />
                </td>
                <td className="end font-semibold text-warn">
                  <Num figure={accepted.prices.wholesale} />
                </td>
              </tr>
            ) : null,
          )}
        </tbody>
      </table>
    </section>
  );
}
