// The cutting plan of a batch: left each stock as bars or sheets to scale; right how it is cut, and what it takes.
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { type Batch, isDone } from '../../../core/batch/batch.ts';
import type { MadeLine } from '../../../core/batch/batch-run.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import { batchTitle } from '../../../core/batch/count-batch.ts';
import type { IssueLine } from '../../../core/batch/cut-list.ts';
import { barProblemOf, type CutTerms, sheetProblemOf } from '../../../core/batch/cutting/cut-problem.ts';
import { readTerms, type TypedTerms, usualTerms } from '../../../core/batch/cutting/cut-terms.ts';
import { gramsHeld } from '../../../core/batch/cutting/issue-metal.ts';
import { acceptedStock, cutSums, standingInWords } from '../../../core/batch/cutting/planned-cut.ts';
import type { ShelfLot } from '../../../core/batch/stock/shelf.ts';
import { sizeInWords } from '../../../core/batch/stock/size-words.ts';
import { showValue } from '../../../core/figure/show.ts';
import { familyTints } from '../../../core/metal/alloy.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { NotFound } from '../../components/not-found.tsx';
import { SectionGlyph } from '../../components/section-glyph.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useCutting } from '../../hooks/use-cutting.ts';
import { useDocument } from '../../hooks/use-document.ts';
import { useMadeLines } from '../../hooks/use-made-lines.ts';
import { batchCount } from '../../state/batch-count.ts';
import {
  useGetBatchMetalQuery,
  useGetPriceListsQuery,
  useGetShelfQuery,
  useGiveBackMutation,
  useIssueMetalMutation,
} from '../../state/endpoints/stock.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/cut.ts';
import type { CuttingAsked } from '../../workers/cutting.ts';
import { CutBars } from './cut-bars.tsx';
import { CutSheets } from './cut-sheets.tsx';
import { TermsBox } from './terms-box.tsx';

/** Time for each stock, s. */
const SECONDS = 6;
const NO_ITEMS: readonly SupplierItem[] = [];

export function CutScreen() {
  const { id = '' } = useParams();
  const inHand = useDocument('batch', id);
  const body = inHand && inHand !== 'missing' ? inHand.body : null;
  const made = useMadeLines(body);
  const { data: shelf } = useGetShelfQuery();
  if (inHand === 'missing') return <NotFound what="batch" />;
  return body && made && shelf && <CutPages key={id} id={id} body={body} made={made} lots={shelf.lots} />;
}

interface CutPagesProps {
  readonly id: string;
  readonly body: Batch;
  readonly made: readonly MadeLine[];
  readonly lots: readonly ShelfLot[];
}

function CutPages({ id, body, made, lots }: CutPagesProps) {
  const basis = useBasis();
  const { currency } = basis.rates;
  const count = batchCount(body, made, basis);
  const [typed, setTyped] = useState<TypedTerms>(usualTerms);
  const { data: entries = [] } = useGetBatchMetalQuery(id);
  const held = gramsHeld(entries, id);
  const isIssued = held > 1e-6;
  const { data: items = NO_ITEMS } = useGetPriceListsQuery();
  const terms = useMemo(() => readTerms(typed, currency, items), [typed, currency, items]);
  const stocks = useMemo(() => count.issue.filter(({ section }) => section.form !== 'grain'), [count.issue]);
  const asked = useMemo(
    () => (isIssued || 'sentence' in terms ? [] : stocks.map((issue) => askedOf(issue, lots, terms.of(issue)))),
    [isIssued, terms, stocks, lots],
  );
  const { plans, waiting, stop, adjust } = useCutting(asked);
  const [issue, { error, isLoading }] = useIssueMetalMutation();
  const [giveBack, { error: backError }] = useGiveBackMutation();
  const planned = stocks.flatMap((one) => {
    const plan = plans.get(one.stock);
    return plan && !('sentence' in plan) ? [{ issue: one, plan }] : [];
  });
  const isWhole = planned.length === stocks.length && stocks.length > 0;
  const accept = () => {
    if ('sentence' in terms) return;
    const stock = planned.flatMap((one) => acceptedStock(one.issue, one.plan, lots, terms.of(one.issue), currency));
    void issue({ id, currency, stock });
  };
  const names = useMemo(() => namesOf(stocks), [stocks]);
  return (
    <Spread
      title={`Cutting, ${batchTitle(count)}`}
      left={
        <>
          <h1>
            Cutting for{' '}
            <Link className="hover:underline" to={`/batches/${id}`}>
              {batchTitle(count)}
            </Link>
          </h1>
          {isIssued && (
            <p className="note note-quiet mt-3">
              <b>
                {words.metalIssuedForThisBatch} {showValue(held, 'g')} {words.gOfBlanks}
              </b>{' '}
              {words.offcutsAndScrapAreIn}
              {!isDone(body) && (
                <>
                  {' '}
                  <button type="button" className="link chrome" onClick={() => void giveBack(id)}>
                    {words.returnMetalToStock}
                  </button>
                </>
              )}
              {backError && <span className="problem block">{problemOf(backError)?.detail}</span>}
            </p>
          )}
          {stocks.length === 0 && <p className="mt-3">{words.nothingInThisBatchIs}</p>}
          {stocks.map((one) => {
            const plan = plans.get(one.stock);
            const problem = asked.find(({ stock }) => stock === one.stock);
            const stockTerms = 'sentence' in terms ? null : terms.of(one);
            const stockName = (stockId: string) => nameOfStock(stockId, lots, stockTerms);
            const tint = `var(--${familyTints[one.alloy.family]})`;
            return (
              <section
                key={one.stock}
                className="keep-together mt-5"
                aria-label={`${one.alloy.name}, ${sectionInWords(one.section)}`}
              >
                <div className="flex items-center gap-3">
                  <SectionGlyph section={one.section} alloy={one.alloy} />
                  <h2>
                    {one.alloy.name}, {sectionInWords(one.section)}
                  </h2>
                  <span className="aside ml-auto" role="status">
                    {waiting.has(one.stock) ? 'planning' : plan && !('sentence' in plan) ? standingInWords(plan) : ''}
                  </span>
                </div>
                <Legend issue={one} names={names} />
                {plan && 'sentence' in plan && <p className="problem">{plan.sentence}</p>}
                {plan && 'bars' in plan && problem && 'bars' in problem && (
                  <CutBars
                    problem={problem.bars}
                    plan={plan}
                    names={names}
                    stockName={stockName}
                    tint={tint}
                    onPlan={(moved) => adjust(one.stock, moved)}
                  />
                )}
                {plan && 'sheets' in plan && problem && 'sheets' in problem && (
                  <CutSheets
                    problem={problem.sheets}
                    plan={plan}
                    names={names}
                    stockName={stockName}
                    tint={tint}
                    onPlan={(moved) => adjust(one.stock, moved)}
                  />
                )}
              </section>
            );
          })}
        </>
      }
      leftFoot={<span>{words.lowestStockCostFirstThen}</span>}
      right={
        <>
          {!isIssued && (
            <>
              <div className="chrome flex items-center justify-between gap-3">
                {waiting.size > 0 ? (
                  <button type="button" className="button button-quiet" onClick={stop}>
                    {words.stopAndUseThisPlan}
                  </button>
                ) : (
                  <span />
                )}
                <button type="button" className="button" disabled={!isWhole || isLoading} onClick={accept}>
                  {words.acceptAndIssueMetal}
                </button>
              </div>
              <p className="problem" role="alert">
                {error ? problemOf(error)?.detail : 'sentence' in terms ? terms.sentence : ''}
              </p>
              <TermsBox typed={typed} onChange={setTyped} stocks={stocks} items={items} currency={currency} />
            </>
          )}
          {!('sentence' in terms) && planned.length > 0 && !isIssued && (
            <Sums planned={planned} lots={lots} termsOf={terms.of} />
          )}
        </>
      }
      rightFoot={<span className="ml-auto">{currency}</span>}
      bottomLine={<span className="font-semibold">{isIssued ? words.metalIsIssued : words.cuttingPlan}</span>}
    />
  );
}

function askedOf(issue: IssueLine, lots: readonly ShelfLot[], terms: CutTerms): CuttingAsked {
  return issue.section.form === 'sheet'
    ? { stock: issue.stock, seconds: SECONDS, sheets: sheetProblemOf(issue, lots, terms) }
    : { stock: issue.stock, seconds: SECONDS, bars: barProblemOf(issue, lots, terms) };
}

function namesOf(stocks: readonly IssueLine[]): ReadonlyMap<string, { letter: string; name: string }> {
  return new Map(
    stocks.flatMap(({ lines }) =>
      lines.map((line, index) => [
        line.key,
        { letter: letterOf(index), name: `${line.run.name}: ${line.part.name || 'part'}` },
      ]),
    ),
  );
}

/** A to Z, then AA, AB ... */
function letterOf(index: number): string {
  const letter = String.fromCharCode(65 + (index % 26));
  return index < 26 ? letter : `${letterOf(Math.floor(index / 26) - 1)}${letter}`;
}

function nameOfStock(id: string, lots: readonly ShelfLot[], terms: CutTerms | null): string {
  const lot = lots.find((one) => one.id === id);
  if (lot) return `${lot.isOffcut ? 'offcut' : 'in stock'}, ${sizeInWords(lot.size)}`;
  const bought = terms?.bought.find((one) => one.id === id);
  return bought ? `to buy, ${sizeInWords(bought.size)}` : 'stock';
}

function Legend({ issue, names }: { issue: IssueLine; names: ReturnType<typeof namesOf> }) {
  return (
    <p className="text-[14px] text-soft">
      {issue.lines
        .filter(({ count }) => count.value > 0)
        .map(({ key, count }) => {
          const { letter = '', name = '' } = names.get(key) ?? {};
          return `${letter}: ${name}, ${String(count.value)}`;
        })
        .join('; ')}
    </p>
  );
}

interface SumsProps {
  readonly planned: readonly { readonly issue: IssueLine; readonly plan: Parameters<typeof cutSums>[1] }[];
  readonly lots: readonly ShelfLot[];
  readonly termsOf: (issue: IssueLine) => CutTerms;
}

function Sums({ planned, lots, termsOf }: SumsProps) {
  return (
    <>
      <h2 className="mt-6">{words.materialUsed}</h2>
      <table className="rows" aria-label={words.materialUsed}>
        <TableHeader of={['stock', { end: 'from stock' }, { end: 'to buy' }, { end: 'kept' }, { end: 'scrap' }]} />
        <tbody>
          {planned.map(({ issue, plan }) => {
            const sums = cutSums(issue, plan, lots, termsOf(issue));
            return (
              <tr key={issue.stock} className="border-b border-hair">
                <td className="first text-[14px]">
                  {issue.alloy.name}
                  <span className="aside block">{sectionInWords(issue.section)}</span>
                </td>
                <td className="end num">{showValue(sums.shelf, 'g')}</td>
                <td className="end num">
                  {showValue(sums.bought, 'g')}
                  {sums.toBuy > 0 && <span className="aside block">{sums.toBuy} to buy</span>}
                </td>
                <td className="end num">{showValue(sums.offcuts, 'g')}</td>
                <td className="end num">{showValue(sums.scrap, 'g')}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="aside mt-1">{words.gScrapIsKerfEnd}</p>
    </>
  );
}
