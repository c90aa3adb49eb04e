// The quotes: customer, amount, and whether each is still valid.
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import type { QuoteDocument } from '../../../contract/quotes.ts';
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords, shortDay } from '../../../core/format/days.ts';
import { countQuote, emptyQuote, quoteStanding } from '../../../core/price/quote/quote.ts';
import { ArchivedSwitch } from '../../components/archived-switch.tsx';
import { Failure } from '../../components/failure.tsx';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { documentArchivedAt, useArchived } from '../../hooks/use-archived.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useRetailOfPiece } from '../../hooks/use-cost-of-piece.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useSorted } from '../../hooks/use-sorted.ts';
import { useAddQuoteMutation, useGetQuotesQuery } from '../../state/endpoints/quotes.ts';
import { words } from '../../words/quotes.ts';

const sortKeys = ['customer', 'description', 'until', 'total'] as const;
const sortBy = {
  customer: ({ body }: QuoteDocument) => body.customer,
  description: ({ body }: QuoteDocument) => body.what,
  until: ({ body }: QuoteDocument) => body.expires,
};

export function QuotesScreen() {
  const { data } = useGetQuotesQuery();
  const { rates } = useBasis();
  const retailOf = useRetailOfPiece();
  const [add, { error }] = useAddQuoteMutation();
  const navigate = useNavigate();
  const write = async (kind: 'commission' | 'repair') => {
    const answer = await add({ ...emptyQuote, kind });
    if (answer.data) await navigate(`/quotes/${answer.data.id}`);
  };
  const { shown, ...archived } = useArchived(data ?? [], documentArchivedAt);
  const totalOf = ({ body }: QuoteDocument) =>
    countQuote(body, rates.currency, retailOf, rates.selling.rule.tax).total.value;
  const quotes = useMemo(() => shown.toReversed(), [shown]);
  const { sorted, sorting } = useSorted('quotes', quotes, { ...sortBy, total: totalOf });
  return (
    <Spread
      title={words.quotes}
      left={
        <>
          <SellingNav />
          <div className="flex items-start justify-between gap-4">
            <h1>{words.quotes}</h1>
            <span className="chrome flex gap-4">
              <button type="button" className="button button-quiet" onClick={() => void write('repair')}>
                {words.newRepairQuote}
              </button>
              <button type="button" className="button" onClick={() => void write('commission')}>
                {words.newQuote}
              </button>
            </span>
          </div>
          <Failure of={[error]} />
          {data?.length === 0 && <p className="mt-4 max-w-[56ch]">{words.aQuoteShowsThePrice}</p>}
          {quotes.length > 0 && (
            <table className="rows mt-4" aria-label={words.quotes}>
              <TableHeader
                sorts={{ ...sorting, keys: sortKeys }}
                of={['customer', 'description', 'valid until', { end: 'total' }]}
              />
              <tbody>
                {sorted.map((quote) => (
                  <tr key={quote.id} className="border-b border-hair">
                    <td className="first">
                      <Link className="hover:text-act hover:underline" to={`/quotes/${quote.id}`}>
                        {quote.body.customer.trim() || 'no customer'}
                      </Link>
                      <span className="aside block">
                        {quote.body.kind}
                        {quote.body.batches.length > 0 && ', accepted'}
                      </span>
                    </td>
                    <td>{quote.body.what || 'no items'}</td>
                    <td>
                      <Holds quote={quote} />
                    </td>
                    <td className="end num">{showValue(totalOf(quote), rates.currency)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      }
      leftFoot={
        <>
          <span>{quotes.length === 1 ? words.oneQuote : `${String(quotes.length)} quotes`}</span>
          <ArchivedSwitch {...archived} />
        </>
      }
      right={
        <section aria-labelledby="usual">
          <h2 id="usual">{words.usualQuoteTerms}</h2>
          <p className="mt-1 text-[15px]">{words.aDepositAnExpiryDate}</p>
        </section>
      }
      rightFoot={<span className="ml-auto">{rates.currency}</span>}
      bottomLine={<span className="font-semibold">{words.usualQuoteTerms}</span>}
    />
  );
}

function Holds({ quote: { body } }: { quote: QuoteDocument }) {
  const { day } = useNow();
  const standing = quoteStanding(body, day);
  if (standing === 'expired') return <span className="text-stop">expired {shortDay(body.expires)}</span>;
  if (!body.expires) return <span>{words.noExpiryDate}</span>;
  return (
    <span>
      valid until {dayInWords(body.expires)}
      {body.metalFixedUntil && (
        <span className="aside block">
          {standing === 'holds' ? `metal price held until ${shortDay(body.metalFixedUntil)}` : words.metalAtThePriceOf}
        </span>
      )}
    </span>
  );
}
