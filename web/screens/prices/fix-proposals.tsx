// After a move of metal prices: prices that the rule would raise, to update or keep one by one or all together.
import { memo } from 'react';
import { Link } from 'react-router';
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/prices.ts';
import type { BookPrice } from './use-price-lines.ts';
import type { SetPrices } from './use-set-prices.ts';

const MOST_SHOWN = 8;

interface FixProposalsProps {
  readonly lines: readonly BookPrice[];
  readonly setPrices: SetPrices;
}

/** At the metal prices themselves; the slider does not matter here. */
export const FixProposals = memo(function FixProposals({ lines, setPrices }: FixProposalsProps) {
  const { rates, fix } = useBasis();
  if (!fix) return null;
  // A price that was kept at these metal prices has been decided.
  const failing = lines.filter(
    ({ piece, line }) => piece.priced && !line.holds && !(piece.priced.how === 'left' && piece.priced.fixOn === fix.on),
  );
  const money = (minor: number) => showValue(minor, rates.currency);
  const why = `metal prices of ${fix.on}`;
  const take = (chosen: readonly BookPrice[]) =>
    void setPrices(
      'fix',
      why,
      chosen.map(({ piece, line }) => ({
        pieceId: piece.id,
        wholesaleMinor: line.ruleWholesale,
        retailMinor: Math.max(line.ruleRetail, line.retail),
      })),
    );
  const leave = (chosen: readonly BookPrice[]) =>
    void setPrices(
      'left',
      `kept at the ${why}`,
      chosen.map(({ piece, line }) => ({
        pieceId: piece.id,
        wholesaleMinor: line.wholesale,
        retailMinor: line.retail,
      })),
    );
  return (
    <section aria-labelledby="proposals" className="mb-6">
      <h2 id="proposals">
        {words.metalPricesOf} {dayInWords(fix.on)}
      </h2>
      {failing.length === 0 ? (
        <p className="mt-1 text-[15px]">{words.allPricesAreUpTo}</p>
      ) : (
        <>
          <p className="mt-1 flex flex-wrap items-baseline gap-x-4 text-[15px]">
            <span className="flex-1">
              {failing.length === 1 ? words.onePriceToUpdate : `${String(failing.length)} prices to update`}
            </span>
            <button type="button" className="link chrome" onClick={() => take(failing)}>
              {words.updateAll}
            </button>
            <button type="button" className="link chrome" onClick={() => leave(failing)}>
              {words.keepAll}
            </button>
          </p>
          <ul className="mt-1 text-[15px]">
            {failing.slice(0, MOST_SHOWN).map((book) => (
              <li key={book.piece.id} className="flex items-baseline gap-3 border-t border-hair py-[4px]">
                <Link className="min-w-0 flex-1 hover:text-act hover:underline" to={`/prices/${book.piece.id}`}>
                  {book.title}
                </Link>
                <span className="num whitespace-nowrap">
                  {money(book.line.wholesale)} → <b>{money(book.line.ruleWholesale)}</b>
                </span>
                <button
                  type="button"
                  className="link chrome"
                  aria-label={`Update, ${book.title}`}
                  onClick={() => take([book])}
                >
                  {words.update}
                </button>
                <button
                  type="button"
                  className="link chrome"
                  aria-label={`Keep, ${book.title}`}
                  onClick={() => leave([book])}
                >
                  {words.keep}
                </button>
              </li>
            ))}
          </ul>
          {failing.length > MOST_SHOWN && (
            <p className="aside">
              and {failing.length - MOST_SHOWN} {words.moreMarkedInTheList}
            </p>
          )}
        </>
      )}
    </section>
  );
});
