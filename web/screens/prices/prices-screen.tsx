// The price book: every piece with its cost and prices; beside it the effect of the last metal prices, or of any other.
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { PieceDocument } from '../../../contract/pieces.ts';
import { shortDay } from '../../../core/format/days.ts';
import { isWanted } from '../../../core/piece/book-order.ts';
import { SellingNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useDebounced } from '../../hooks/use-debounced.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { usePaced } from '../../hooks/use-paced.ts';
import { useValuations } from '../../hooks/use-valuations.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { words } from '../../words/prices.ts';
import { FixProposals } from './fix-proposals.tsx';
import { GroupChangeBox } from './group-change.tsx';
import { MetalMoveBox } from './metal-move.tsx';
import { PayScatter } from './pay-scatter.tsx';
import { allPrices, passes, PriceFilters } from './price-filters.tsx';
import { type PriceSort, type PriceSorting, priceSorts, PriceTable, sortedBy } from './price-table.tsx';
import { type BookPrice, noMove, usePriceLines } from './use-price-lines.ts';
import { useSetPrices } from './use-set-prices.ts';

const NO_PIECES: readonly PieceDocument[] = [];

/** `sort` is `name`, or `-cost` for the largest first. */
const USUAL = { ...allPrices, sort: 'name' };
const REMEMBERED = ['sort', 'filter', 'sold'] as const;

const sortText = (key: PriceSort, descending: boolean) => `${descending ? '-' : ''}${key}`;

function sortingOf(text: string): PriceSorting {
  const key = priceSorts.find((one) => one === text.replace(/^-/, '')) ?? 'name';
  return { key, descending: text.startsWith('-') };
}

export function PricesScreen() {
  const { data } = useGetPiecesQuery();
  const { rates, fix } = useBasis();
  const pieces = useMemo(() => (data ?? NO_PIECES).filter(({ archivedAt }) => archivedAt === null), [data]);
  const bodies = useMemo(() => pieces.map(({ accepted, body }) => accepted ?? body), [pieces]);
  const { valuations, isDone } = useValuations(bodies);
  const [move, moveSoon] = usePaced(noMove);
  const [list, setList] = useListState('prices', USUAL, REMEMBERED);
  const { filter, sold } = list;
  const now = usePriceLines(pieces, valuations, noMove, sold);
  const moved = usePriceLines(pieces, valuations, move, sold);
  const scattered = useDebounced(moved);
  const sorting = useMemo(() => sortingOf(list.sort), [list.sort]);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const setPrices = useSetPrices(pieces);
  const shown = useMemo(() => {
    const isShown = (book: BookPrice) =>
      isWanted(book.piece.body, { words: list.words, tag: '', collection: '' }) &&
      passes(book, filter, rates.labour.value);
    return sortedBy(moved.filter(isShown), sorting);
  }, [moved, list.words, filter, sorting, rates]);

  const onSort = (key: PriceSort) =>
    setList({ ...list, sort: sortText(key, sorting.key === key ? !sorting.descending : key !== 'name') });
  const choose = (id: string, isChosen: boolean) =>
    setChosen((before) => {
      const after = new Set(before);
      if (isChosen) after.add(id);
      else after.delete(id);
      return after;
    });

  return (
    <Spread
      title={words.priceBook}
      left={
        <>
          <SellingNav />
          <h1>{words.priceBook}</h1>
          {data && pieces.length === 0 && (
            <p className="mt-3">
              {words.pricesAreListedHereOnce}{' '}
              <Link className="link" to="/pieces">
                {words.newPiece}
              </Link>
            </p>
          )}
          {!fix && pieces.length > 0 && (
            <p className="note mt-3">
              {words.enterMetalPricesToSee}{' '}
              <Link className="link" to="/studio#fix">
                {words.enterMetalPrices}
              </Link>
            </p>
          )}
          {pieces.length > 0 && fix && (
            <>
              <PriceFilters wanted={list} onWant={(next) => setList({ ...list, ...next })} />
              {chosen.size > 0 && (
                <GroupChangeBox
                  chosen={now.filter(({ piece }) => chosen.has(piece.id))}
                  setPrices={setPrices}
                  onDone={() => setChosen(new Set())}
                />
              )}
              {shown.length > 0 ? (
                <PriceTable
                  lines={shown}
                  sorting={sorting}
                  onSort={onSort}
                  chosen={chosen}
                  onChoose={choose}
                  onChooseAll={(all) => setChosen(new Set(all ? shown.map(({ piece }) => piece.id) : []))}
                  setPrices={setPrices}
                  hasFees={sold !== ''}
                />
              ) : (
                isDone && <p className="mt-4 text-soft">{words.noMatchingPrices}</p>
              )}
            </>
          )}
        </>
      }
      leftFoot={
        <span>
          {isDone || !fix
            ? `${String(now.length)} ${now.length === 1 ? 'price' : 'prices'}`
            : `Calculating, ${String(valuations.length)} of ${String(pieces.length)}`}
          {move.share !== 0 && words.withTheMetalPriceChange}
        </span>
      }
      right={
        fix && (
          <>
            <FixProposals lines={now} setPrices={setPrices} />
            <MetalMoveBox onMove={moveSoon} now={now} moved={moved} />
            <PayScatter lines={scattered} />
          </>
        )
      }
      rightFoot={
        <>
          <span>{fix ? `Metal prices of ${shortDay(fix.on)}` : words.noMetalPricesYet}</span>
          <span>{rates.currency}, wholesale without tax</span>
        </>
      }
      bottomLine={<span className="font-semibold">{words.metalPriceWhatIf}</span>}
    />
  );
}
