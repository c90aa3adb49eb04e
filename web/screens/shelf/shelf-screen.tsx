// Stock: what there is, and its history.
import { useMemo } from 'react';
import { Link } from 'react-router';
import { type BulkLot, sectionOf, type ShelfLot } from '../../../core/batch/stock/shelf.ts';
import { shelfSums } from '../../../core/batch/stock/shelf-sums.ts';
import { stockName } from '../../../core/format/variants.ts';
import { stockTable } from '../../../core/import/stock-table.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { CountTable } from '../../components/count-table.tsx';
import { gramsOfMg, MetalEntries } from '../../components/metal-entries.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useSorted } from '../../hooks/use-sorted.ts';
import { useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { words as accountWords } from '../../words/account.ts';
import { words } from '../../words/shelf.ts';
import { AddLot } from './add-lot.tsx';
import { LotRow } from './lot-row.tsx';

const MOST_ENTRIES = 12;

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
          <MetalNav />
          <div className="flex flex-wrap items-baseline gap-x-5">
            <h1>{stockName()}</h1>
            <Link className="link chrome ml-auto text-[15px]" to="/count">
              {words.stockCount}
            </Link>
            <Link className="link chrome text-[15px]" to="/convert">
              {words.meltRollAlloy}
            </Link>
            {data && (
              <button
                type="button"
                className="link chrome text-[15px]"
                onClick={() =>
                  void saveTable(
                    stockTable(lots, data.bulk, (id) => rates.alloys.get(id)?.name ?? id),
                    'stock.csv',
                  )
                }
              >
                {accountWords.exportCsv}
              </button>
            )}
            <Link className="link chrome text-[15px]" to="/import">
              {words.importATable}
            </Link>
          </div>
          {data && lots.length === 0 && data.bulk.length === 0 && (
            <p className="mt-3 max-w-[56ch]">{words.noStockYetAddYour}</p>
          )}
          {lots.length > 0 && <LotTable lots={lots} />}
          {data && data.bulk.length > 0 && <BulkTable lots={data.bulk} />}
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
          <MetalEntries entries={(data?.entries ?? []).slice(0, MOST_ENTRIES)} label={words.stockMovements} />
          <Link className="link chrome mt-2 inline-block text-[14px]" to="/account">
            {words.allEntries}
          </Link>
        </>
      }
      rightFoot={<span className="ml-auto">g</span>}
      bottomLine={<span className="font-semibold">{lots.length} stock items</span>}
    />
  );
}

const sortKeys = [null, 'number', 'stock', 'size', 'quantity', 'each', 'paid'] as const;

function LotTable({ lots }: { lots: readonly ShelfLot[] }) {
  const { alloys } = useBasis().rates;
  const sortBy = useMemo(
    () => ({
      number: ({ number }: ShelfLot) => number,
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
          { end: 'lot' },
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

/** Grain and ingots: weighed, not measured. */
function BulkTable({ lots }: { lots: readonly BulkLot[] }) {
  const { alloys } = useBasis().rates;
  return (
    <table className="rows mt-4" aria-label={words.grainAndIngots}>
      <TableHeader of={[{ end: 'lot' }, words.grainAndIngots, { end: 'g' }]} />
      <tbody>
        {lots.map((lot) => (
          <tr key={lot.id} className="border-b border-hair">
            <td className="first num">
              <Link className="link" to={`/lots/${lot.id}`}>
                {lot.number}
              </Link>
            </td>
            <td>
              {alloys.get(lot.alloy)?.name ?? lot.alloy}, {lot.kind}
              {lot.owner && <span className="aside block">{`${words.belongsTo} ${lot.owner}`}</span>}
            </td>
            <td className="end num">{gramsOfMg(lot.mg)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
