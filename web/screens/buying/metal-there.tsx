// Reorder levels of bars and sheets: what open batches need, what is usually used, and a margin.
import { useMemo, useState } from 'react';
import type { StockUse } from '../../../contract/account.ts';
import { reorderLevel } from '../../../core/account/reorder.ts';
import { issueOfAll, type Wanting } from '../../../core/batch/buying/buying-list.ts';
import type { SupplierItem } from '../../../core/batch/buying/price-list.ts';
import { keyOfLot, sectionOf, type ShelfLot } from '../../../core/batch/stock/shelf.ts';
import type { Figure } from '../../../core/figure/figure.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Calculation } from '../../components/calculation.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetStockUseQuery } from '../../state/endpoints/account.ts';
import { useGetShelfQuery } from '../../state/endpoints/stock.ts';
import { words } from '../../words/buying.ts';
import { USUAL_LEAD_DAYS } from './lead-days.ts';

interface MetalThereProps {
  /** Batches whose metal is not issued yet. */
  readonly wanting: readonly Wanting[];
  readonly items: readonly SupplierItem[];
}

interface MetalRow {
  readonly stock: string;
  readonly name: string;
  /** g that open batches need, and g in stock. */
  readonly needed: number;
  readonly there: number;
  readonly level: Figure;
}

export function MetalThere({ wanting, items }: MetalThereProps) {
  const rows = useMetalRows(wanting, items);
  if (rows.length === 0) return null;
  return (
    <section className="chrome mt-6" aria-labelledby="metal-there">
      <h2 id="metal-there">{words.barsAndSheets}</h2>
      <table className="rows" aria-label={words.barsAndSheets}>
        <TableHeader of={['stock', { end: 'needed, g' }, { end: 'in stock, g' }, { end: 'reorder at, g' }]} />
        <tbody>
          {rows.map((row) => (
            <Row key={row.stock} row={row} />
          ))}
        </tbody>
      </table>
      <p className="aside mt-1">{words.reorderOfMetal}</p>
    </section>
  );
}

function Row({ row: { name, needed, there, level } }: { row: MetalRow }) {
  const [open, setOpen] = useState(false);
  const isLow = there < level.value;
  return (
    <>
      <tr className="border-b border-hair [&>td]:align-baseline!">
        <td className="first text-[14px]">{name}</td>
        <td className="end num text-[14px]">{needed > 0 ? showNumber(needed, 1) : ''}</td>
        <td className={`end num text-[14px] ${isLow ? 'font-semibold text-warn' : ''}`}>{showNumber(there, 1)}</td>
        <td className="end num text-[14px]">
          <button
            type="button"
            className="figure"
            aria-expanded={open}
            aria-label={`${name}, ${words.suggested}: ${showNumber(level.value, 1)} g`}
            onClick={() => setOpen(!open)}
          >
            {showNumber(level.value, 1)}
          </button>
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={4} className="pb-2">
            <Calculation figure={level} />
          </td>
        </tr>
      )}
    </>
  );
}

const NO_USE: readonly StockUse[] = [];
const NO_LOTS: readonly ShelfLot[] = [];

/** Stock that is needed or usually used, low ones first. */
function useMetalRows(wanting: readonly Wanting[], items: readonly SupplierItem[]): MetalRow[] {
  const { data: use = NO_USE } = useGetStockUseQuery(undefined);
  const { data: shelf } = useGetShelfQuery();
  const { alloys } = useBasis().rates;
  const lots = shelf?.lots ?? NO_LOTS;
  return useMemo(() => {
    const issues = issueOfAll(wanting).filter(({ section }) => section.form !== 'grain');
    const known = new Map(
      [
        ...issues.map(({ stock, alloy, section }) => ({ stock, alloy: alloy.id, section })),
        ...use.map(({ stock, lot }) => ({ stock, alloy: lot.alloy, section: sectionOf(lot) })),
      ].map((one) => [one.stock, one]),
    );
    return [...known.values()]
      .map(({ stock, alloy, section }): MetalRow => {
        const needed = issues.find((one) => one.stock === stock)?.grams.value ?? 0;
        const sold = items.filter((item) => item.stock && keyOfLot(item.stock) === stock);
        return {
          stock,
          name: `${alloys.get(alloy)?.name ?? alloy}, ${sectionInWords(section)}`,
          needed,
          there: lots
            .filter((lot) => !lot.owner && keyOfLot(lot) === stock)
            .reduce((sum, { grams, count }) => sum + grams * count, 0),
          level: reorderLevel({
            neededInTime: needed,
            usedByMonth: use.find((one) => one.stock === stock)?.usedByMonth ?? [],
            leadDays: sold.length > 0 ? Math.min(...sold.map(({ leadDays }) => leadDays)) : USUAL_LEAD_DAYS,
            unit: 'g',
          }),
        };
      })
      .sort((a, b) => a.there - a.level.value - (b.there - b.level.value));
  }, [wanting, items, use, lots, alloys]);
}
