// Stock: what there is, and its history.
import { useMemo } from 'react';
import { Link } from 'react-router';
import { sectionOf, type ShelfEntry, type ShelfLot } from '../../../core/batch/stock/shelf.ts';
import { shelfSums } from '../../../core/batch/stock/shelf-sums.ts';
import { sizeInWords } from '../../../core/batch/stock/size-words.ts';
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { stockName } from '../../../core/format/variants.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { CountTable } from '../../components/count-table.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useSorted } from '../../hooks/use-sorted.ts';
import { useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { words } from '../../words/shelf.ts';
import { AddLot } from './add-lot.tsx';
import { LotRow } from './lot-row.tsx';

const MOST_ENTRIES = 14;

const howWords = {
  in: 'received',
  cut: 'used',
  offcut: 'offcut kept',
  scrap: 'scrap',
  back: 'returned',
  counted: 'stock count',
} as const satisfies Record<ShelfEntry['how'], string>;

export function ShelfScreen() {
  const { data } = useGetShelfQuery();
  const { rates } = useBasis();
  const lots = data?.lots ?? [];
  const sums = shelfSums(lots, rates.alloys);
  return (
    <Spread
      title={stockName()}
      left={
        <>
          <div className="flex items-baseline justify-between gap-5">
            <h1>{stockName()}</h1>
            <Link className="link chrome ml-auto text-[15px]" to="/import">
              {words.importATable}
            </Link>
            <Link className="link chrome text-[15px]" to="/buying">
              {words.buyingList}
            </Link>
          </div>
          {data && lots.length === 0 && <p className="mt-3 max-w-[56ch]">{words.noStockYetAddYour}</p>}
          {lots.length > 0 && <LotTable lots={lots} />}
          <AddLot />
        </>
      }
      leftFoot={<span>{words.entriesCantBeEditedCorrect}</span>}
      right={
        <>
          <h2>{words.metalInStock}</h2>
          {sums.length > 0 ? (
            <CountTable
              label={words.metalInStock}
              rows={sums.map(({ alloy, grams }) => ({ key: alloy.id, label: alloy.name, each: grams, eachUnit: 'g' }))}
            />
          ) : (
            <p className="aside mt-1">{words.none}</p>
          )}
          <h2 className="mt-6">{words.recentStockMovements}</h2>
          <Entries entries={data?.entries ?? []} />
        </>
      }
      rightFoot={<span className="ml-auto">g</span>}
      bottomLine={<span className="font-semibold">{lots.length} stock items</span>}
    />
  );
}

const sortKeys = [null, 'stock', 'size', 'quantity', 'each', 'paid'] as const;

function LotTable({ lots }: { lots: readonly ShelfLot[] }) {
  const { alloys } = useBasis().rates;
  const sortBy = useMemo(
    () => ({
      stock: (lot: ShelfLot) => `${alloys.get(lot.alloy)?.name ?? lot.alloy} ${sectionInWords(sectionOf(lot))}`,
      size: ({ size }: ShelfLot) => ('lengthMm' in size ? size.lengthMm : size.widthMm * size.heightMm),
      quantity: ({ count }: ShelfLot) => count,
      each: ({ grams }: ShelfLot) => grams,
      paid: ({ paidMinor }: ShelfLot) => paidMinor,
    }),
    [alloys],
  );
  const { sorted, sorting } = useSorted('stock', lots, sortBy);
  return (
    <table className="rows mt-3" aria-label={words.stock}>
      <TableHeader
        sorts={{ ...sorting, keys: sortKeys }}
        of={[
          { hidden: 'section', width: 'w-[46px]' },
          'stock',
          { end: 'size' },
          { end: 'quantity' },
          { end: 'each, g' },
          { end: 'paid, each' },
        ]}
      />
      {sorted.map((lot) => (
        <LotRow key={lot.id} lot={lot} />
      ))}
    </table>
  );
}

function Entries({ entries }: { entries: readonly ShelfEntry[] }) {
  const { rates, studio } = useBasis();
  if (entries.length === 0) return <p className="aside mt-1">{words.noneYet}</p>;
  return (
    <table className="rows" aria-label={words.stockMovements}>
      <tbody>
        {entries.slice(0, MOST_ENTRIES).map(({ id, at, lot, how, change, grams, why }) => (
          <tr key={id} className="border-b border-hair">
            <td className="first num whitespace-nowrap text-[14px]">{dayInWords(at.slice(0, 10))}</td>
            <td className="text-[14px]">
              {howWords[how]}
              {change !== 0 && Math.abs(change) !== 1 && ` (${String(Math.abs(change))})`}
              <span className="aside block">
                {lot
                  ? `${rates.alloys.get(lot.alloy)?.name ?? lot.alloy}, ${sectionInWords(sectionOf(lot))}, ${sizeInWords(lot.size, studio.units)}`
                  : why}
                {lot && why && `; ${why}`}
              </span>
            </td>
            <td className="end num text-[14px]">{showValue(grams, 'g')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
