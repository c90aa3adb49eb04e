// One quote: left its items and terms, right its total; printed it is the customer's page.
import { Download } from 'lucide-react';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { pathTo } from '../../../contract/route.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { capital, taxName } from '../../../core/format/variants.ts';
import { countQuote, nameOfQuote, type Quote, quoteStanding } from '../../../core/price/quote/quote.ts';
import { ArchivedNote } from '../../components/archived-note.tsx';
import { Choice } from '../../components/choice.tsx';
import { Conflict } from '../../components/conflict.tsx';
import { CountTable } from '../../components/count-table.tsx';
import { DocumentMenu } from '../../components/document-menu.tsx';
import { DraftLine } from '../../components/draft-line.tsx';
import { Field } from '../../components/field.tsx';
import { NotFound } from '../../components/not-found.tsx';
import { Num } from '../../components/num.tsx';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useRetailOfPiece } from '../../hooks/use-cost-of-piece.ts';
import { type DocumentInHand, useDocument } from '../../hooks/use-document.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useAddQuoteMutation } from '../../state/endpoints/quotes.ts';
import { words } from '../../words/quotes.ts';
import { QuoteAccepted } from './quote-accepted.tsx';
import { QuoteLines } from './quote-lines.tsx';
import { QuoteTerms } from './quote-terms.tsx';

export function QuoteScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('quote', id);
  if (inHand === 'missing') return <NotFound what="quote" />;
  return inHand && <QuotePages inHand={inHand} key={id} />;
}

function QuotePages({ inHand }: { inHand: DocumentInHand<Quote> }) {
  const { name, open, body, edit } = inHand;
  const { rates, studio } = useBasis();
  const retailOf = useRetailOfPiece();
  const [addQuote] = useAddQuoteMutation();
  const { day } = useNow();
  const taxWord = capital(taxName());
  const isOnTop = rates.selling.rule.tax.how === 'on-top';
  const count = useMemo(
    () => countQuote(body, rates.currency, retailOf, rates.selling.rule.tax),
    [body, rates, retailOf],
  );
  const standing = quoteStanding(body, day);
  return (
    <>
      <Spread
        title={body.customer.trim() ? `Quote for ${body.customer.trim()}` : words.quote}
        left={
          <>
            <SellingNav />
            <h1>
              <Field
                wide
                value={body.what}
                label={words.titleOfTheQuote}
                placeholder={words.titleOfTheQuote}
                autoFocus={open.stored.revision === 0 && body.what === ''}
                maxLength={120}
                onChange={(value) => edit('what', (quote) => void (quote.what = value))}
              />
            </h1>
            <DraftLine name={name} open={open} problems={count.problems.length}>
              <a
                className="link flex items-center gap-1"
                href={pathTo(sheetRoutes.quotePdf, { id: open.key.id })}
                download
              >
                <Download size={15} aria-hidden="true" /> Download PDF
              </a>
              <DocumentMenu
                kind="quote"
                id={open.key.id}
                name={name}
                title={nameOfQuote(body) || words.quote}
                open={open}
                // A copy has a number of its own and no batches.
                onCopy={async () => (await addQuote({ ...body, number: '', batches: [] })).data?.id}
              />
            </DraftLine>
            <ArchivedNote at={open.stored.archivedAt} />
            {standing === 'expired' && (
              <p className="note mt-2">
                <b>{words.thisQuoteHasExpired}</b> {words.extendTheDateOrReview}
              </p>
            )}
            {standing === 'metal at the day' && <p className="note mt-2">{words.theMetalPriceGuaranteeHas}</p>}
            <p className="mt-3 flex flex-wrap items-baseline gap-x-6 gap-y-1">
              <Choice
                value={body.kind}
                options={[
                  { value: 'commission', label: 'commission' },
                  { value: 'repair', label: 'repair' },
                ]}
                label={words.kindOfQuote}
                onChange={(kind) => edit('', (quote) => void (quote.kind = kind as Quote['kind']))}
              />
              <span>
                customer{' '}
                <Field
                  open
                  value={body.customer}
                  label={words.customer}
                  placeholder={words.aName}
                  maxLength={120}
                  onChange={(value) => edit('customer', (quote) => void (quote.customer = value))}
                />
              </span>
            </p>
            <QuoteLines quote={body} count={count} edit={edit} />
            <QuoteTerms quote={body} count={count} edit={edit} />
          </>
        }
        leftFoot={
          <span>
            {studio.name}
            {body.expires && `. Valid until ${dayInWords(body.expires)}.`}
          </span>
        }
        right={
          <>
            <h2>{words.total}</h2>
            <CountTable
              label={words.totalOfTheQuote}
              rows={[
                { key: 'total', label: words.quoteTotal, each: count.total, kind: 'total' },
                ...(count.tax
                  ? [{ key: 'tax', label: isOnTop ? taxWord : `${words.ofWhich} ${taxWord}`, each: count.tax }]
                  : []),
                ...(count.tax && isOnTop
                  ? [{ key: 'to-pay', label: words.totalToPay, each: count.toPay, kind: 'total' as const }]
                  : []),
                ...(count.deposit.value > 0
                  ? [
                      { key: 'deposit', label: words.deposit, each: count.deposit },
                      { key: 'rest', label: words.balanceDue, each: count.rest },
                    ]
                  : []),
              ]}
            />
            <QuoteAccepted inHand={inHand} problems={count.problems.length} />
            {body.kind === 'repair' && <p className="note note-quiet mt-5 text-[15px]">{words.heatMayOpenOldJoints}</p>}
          </>
        }
        rightFoot={<span className="ml-auto">{rates.currency}</span>}
        bottomLine={
          <span className="font-semibold">
            Quote total <Num figure={count.total} />
          </span>
        }
      />
      <Conflict name={name} open={open} what="quote" />
    </>
  );
}
