// The quotes: customer, amount, and whether each is still valid.
import { Link, useNavigate } from 'react-router';
import type { QuoteDocument } from '../../../contract/quotes.ts';
import { showValue } from '../../../core/figure/show.ts';
import { countQuote, emptyQuote, quoteStanding } from '../../../core/price/quote/quote.ts';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useRetailOfPiece } from '../../hooks/use-cost-of-piece.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useAddQuoteMutation, useGetQuotesQuery } from '../../state/endpoints/quotes.ts';
import { dayInWords, shortDay } from '../../words/dates.ts';

export function QuotesScreen() {
  const { data } = useGetQuotesQuery();
  const { rates } = useBasis();
  const retailOf = useRetailOfPiece();
  const [add] = useAddQuoteMutation();
  const navigate = useNavigate();
  const write = async (kind: 'commission' | 'repair') => {
    const answer = await add({ ...emptyQuote, kind });
    if (answer.data) await navigate(`/quotes/${answer.data.id}`);
  };
  const quotes = [...(data ?? [])].reverse();
  return (
    <Spread
      title="Quotes"
      left={
        <>
          <SellingNav />
          <div className="flex items-start justify-between gap-4">
            <h1>Quotes</h1>
            <span className="chrome flex gap-4">
              <button type="button" className="button button-quiet" onClick={() => void write('repair')}>
                Quote a repair
              </button>
              <button type="button" className="button" onClick={() => void write('commission')}>
                Quote a commission
              </button>
            </span>
          </div>
          {data && quotes.length === 0 && (
            <p className="mt-4 max-w-[56ch]">
              A quote says what a job costs, what is asked before it is begun, and until when that holds. Taken, it
              becomes batches for the bench.
            </p>
          )}
          {quotes.length > 0 && (
            <table className="rows mt-4" aria-label="Quotes">
              <TableHeader of={['for', 'what', 'holds', { end: 'the job' }]} />
              <tbody>
                {quotes.map((quote) => (
                  <tr key={quote.id} className="border-b border-hair">
                    <td className="first">
                      <Link className="hover:text-act hover:underline" to={`/quotes/${quote.id}`}>
                        {quote.body.customer.trim() || 'nobody yet'}
                      </Link>
                      <span className="aside block">
                        {quote.body.kind}
                        {quote.body.batches.length > 0 && ', taken'}
                      </span>
                    </td>
                    <td>{quote.body.what || 'nothing yet'}</td>
                    <td>
                      <Holds quote={quote} />
                    </td>
                    <td className="end num">
                      {showValue(countQuote(quote.body, rates.currency, retailOf).total.value, rates.currency)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </>
      }
      leftFoot={<span>{quotes.length === 1 ? 'One quote' : `${String(quotes.length)} quotes`}</span>}
      right={
        <section aria-labelledby="usual">
          <h2 id="usual">What is usual</h2>
          <p className="mt-1 text-[15px]">
            A deposit before it is begun, a day until which the offer holds, and a day until which the metal is at the
            price of the quote (common practice). What binds is for the law where you work and your own terms to say.
          </p>
        </section>
      }
      rightFoot={<span className="ml-auto">{rates.currency}</span>}
      bottomLine={<span className="font-semibold">What is usual</span>}
    />
  );
}

function Holds({ quote: { body } }: { quote: QuoteDocument }) {
  const { day } = useNow();
  const standing = quoteStanding(body, day);
  if (standing === 'expired') return <span className="text-stop">expired {shortDay(body.expires)}</span>;
  if (!body.expires) return <span>no end given</span>;
  return (
    <span>
      until {dayInWords(body.expires)}
      {body.metalFixedUntil && (
        <span className="aside block">
          {standing === 'holds' ? `metal until ${shortDay(body.metalFixedUntil)}` : 'metal at the fix of the day'}
        </span>
      )}
    </span>
  );
}
