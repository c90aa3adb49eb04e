// The buying list: what open batches are short of, from which supplier, at what cost, and when to order it.
import { Link } from 'react-router';
import { buyingTable } from '../../../core/batch/buying/buying-csv.ts';
import type { BuyingLine } from '../../../core/batch/buying/buying-list.ts';
import { renamed, totalOf } from '../../../core/figure/figure.ts';
import { daysBetween } from '../../../core/measure/days.ts';
import { type CountRow, CountTable } from '../../components/count-table.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { words } from '../../words/buying.ts';
import { BuyingTable } from './buying-table.tsx';
import { GoodsThere } from './goods-there.tsx';
import { MetalThere } from './metal-there.tsx';
import { OrdersBox } from './orders-box.tsx';
import { PriceListBox } from './price-list-box.tsx';
import { useBuying } from './use-buying.ts';

export function BuyingScreen() {
  const { isThere, items, wanting, lines, goods, stocked, waiting, problems } = useBuying();
  const { rates } = useBasis();
  const { day } = useNow();
  const sold = lines.filter(({ item }) => item).sort(bySoonest);
  const unsold = lines.filter(({ item }) => !item);
  const urgent = sold.filter(({ orderBy }) => orderBy !== '' && orderBy <= day);
  const all = totalOf(
    'cost',
    rates.currency,
    sold.flatMap(({ paid, name }) => (paid ? [renamed(paid, name)] : [])),
  );
  return (
    <Spread
      title={words.buyingList}
      left={
        <>
          <MetalNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-5">
            <h1>{words.buyingList}</h1>
            {lines.length > 0 && (
              <button
                type="button"
                className="link chrome text-[15px]"
                onClick={() => void saveTable(buyingTable(lines), `buying list ${day}.csv`)}
              >
                {words.exportCsv}
              </button>
            )}
          </div>
          {isThere && wanting.length === 0 && (
            <p className="mt-3 max-w-[58ch]">
              {words.noBatchNeedsMetalMake}{' '}
              <Link className="link" to="/batches">
                {words.batch}
              </Link>
              , and materials that are not in stock are listed here with their order-by date.
            </p>
          )}
          {wanting.length > 0 && (
            <p className="aside mt-1">
              For {wanting.length === 1 ? 'one batch' : ` ${String(wanting.length)} batches`}{' '}
              {words.withMetalNotIssuedYet}
              {waiting > 0 && <b role="status">Calculating: {waiting} more.</b>}
            </p>
          )}
          {problems.map((sentence) => (
            <p key={sentence} className="problem">
              {sentence}
            </p>
          ))}
          {sold.length > 0 && <BuyingTable lines={sold} today={day} caption={words.toOrder} />}
          {unsold.length > 0 && <BuyingTable lines={unsold} today={day} caption={words.noSupplierFound} />}
          {isThere && wanting.length > 0 && waiting === 0 && lines.length === 0 && (
            <p className="mt-4 text-good">{words.nothingToOrderEverythingIs}</p>
          )}
        </>
      }
      leftFoot={<span>{words.leadTimesAreCalendarDays}</span>}
      right={
        <>
          <Urgent lines={urgent} today={day} />
          {sold.length > 0 && (
            <>
              <h2>{words.bySupplier}</h2>
              <CountTable label={words.costBySupplier} rows={[...bySupplier(sold, rates.currency), totalRow(all)]} />
            </>
          )}
          <OrdersBox lines={sold} />
          <MetalThere wanting={wanting} items={items} />
          <GoodsThere goods={goods} stocked={stocked} items={items} />
          <PriceListBox items={items} />
        </>
      }
      rightFoot={<span className="ml-auto">{rates.currency}</span>}
      bottomLine={
        <span className="font-semibold">
          {urgent.length > 0 ? `${String(urgent.length)} to order today` : `${String(sold.length)} to order`}
        </span>
      }
    />
  );
}

/** The most urgent are named; the list has them all. */
const MOST_NAMED = 4;

function Urgent({ lines, today }: { lines: readonly BuyingLine[]; today: string }) {
  if (lines.length === 0) return null;
  const behind = lines.filter(({ orderBy }) => orderBy < today);
  return (
    <div className="note note-stop mb-5">
      <p className="font-bold">
        {lines.length === 1 ? words.oneItem : `${String(lines.length)} items`} {words.toOrderTodayToStart}
      </p>
      {behind.slice(0, MOST_NAMED).map(({ key, name, orderBy, wanting }) => (
        <p key={key}>
          {name}: {daysInWords(daysBetween(orderBy, today))} late for {soonest(wanting)}
        </p>
      ))}
      {behind.length > MOST_NAMED && (
        <p>
          and {behind.length - MOST_NAMED} {words.moreThatAreLate}
        </p>
      )}
    </div>
  );
}

// What no batch waits for comes last.
function bySoonest(a: BuyingLine, b: BuyingLine): number {
  const [first, second] = [a.orderBy || '9999', b.orderBy || '9999'];
  return first < second ? -1 : Number(first > second);
}

const daysInWords = (days: number) => (days === 1 ? '1 day' : `${String(days)} days`);

function soonest(wanting: BuyingLine['wanting']): string {
  return wanting.toSorted((a, b) => ((a.startBy || '9999') < (b.startBy || '9999') ? -1 : 1))[0]?.title ?? '';
}

function bySupplier(lines: readonly BuyingLine[], currency: string): CountRow[] {
  const suppliers = [...new Set(lines.map(({ item }) => item?.supplier ?? ''))];
  return suppliers.map((supplier): CountRow => {
    const own = lines.filter(({ item }) => item?.supplier === supplier);
    const paid = own.flatMap((line) => (line.paid ? [renamed(line.paid, line.name)] : []));
    return { key: supplier, label: supplier, each: totalOf(supplier, currency, paid) };
  });
}

function totalRow(each: CountRow['each']): CountRow {
  return { key: 'all', label: words.total, each: each ?? null, kind: 'total' };
}
