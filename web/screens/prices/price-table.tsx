// The table of the price book; only the rows in sight are drawn.
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { SortHead } from '../../components/sort-head.tsx';
import type { Block } from '../../grid/blocks.ts';
import { TableMenu } from '../../grid/table-menu.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/prices.ts';
import { usePastePrices } from './paste-prices.ts';
import { PriceRow } from './price-row.tsx';
import type { BookPrice } from './use-price-lines.ts';
import type { SetPrices } from './use-set-prices.ts';

export const priceSorts = ['name', 'cost', 'wholesale', 'retail', 'received', 'margin', 'perHour'] as const;
export type PriceSort = (typeof priceSorts)[number];

const heads = {
  name: 'piece',
  cost: 'cost',
  wholesale: 'wholesale',
  retail: 'retail',
  received: 'net received',
  margin: 'margin',
  perHour: 'per hour',
} as const satisfies Record<PriceSort, string>;

export interface PriceSorting {
  readonly key: PriceSort;
  readonly descending: boolean;
}

const byAlphabet = new Intl.Collator();

export function sortedBy(lines: readonly BookPrice[], { key, descending }: PriceSorting): readonly BookPrice[] {
  const sign = descending ? -1 : 1;
  return [...lines].sort((a, b) => {
    const by = key === 'name' ? 0 : (a.line[key] ?? -Infinity) - (b.line[key] ?? -Infinity);
    return sign * (by || byAlphabet.compare(a.title, b.title));
  });
}

function priceBlock(lines: readonly BookPrice[], keys: readonly PriceSort[], currency: string): Block {
  return [
    keys.map((key) => heads[key]),
    ...lines.map(({ title, line }) => keys.map((key) => textOf(key, title, line, currency))),
  ];
}

function textOf(key: PriceSort, title: string, line: BookPrice['line'], currency: string): string {
  if (key === 'name') return title;
  const value = line[key];
  if (value === null) return '';
  if (key === 'margin') return showNumber(value * 100, 1);
  return showValue(value, currency);
}

const ROW_PX = 54;
const OVERSCAN = 6;

interface PriceTableProps {
  readonly lines: readonly BookPrice[];
  readonly sorting: PriceSorting;
  readonly onSort: (key: PriceSort) => void;
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (id: string, chosen: boolean) => void;
  readonly onChooseAll: (chosen: boolean) => void;
  readonly setPrices: SetPrices;
  /** Whether a sales channel takes a commission on them. */
  readonly hasFees: boolean;
}

export function PriceTable({
  lines,
  sorting,
  onSort,
  chosen,
  onChoose,
  onChooseAll,
  setPrices,
  hasFees,
}: PriceTableProps) {
  const { currency } = useBasis().rates;
  const table = useRef<HTMLTableElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(table.current?.offsetTop ?? 0), []);
  const shownKeys = priceSorts.filter((key) => hasFees || key !== 'received');
  const rows = useWindowVirtualizer({
    count: lines.length,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN,
    scrollMargin: top,
    getItemKey: (index) => lines[index]?.piece.id ?? index,
  });
  const paste = usePastePrices(lines, setPrices);
  const items = rows.getVirtualItems();
  const above = (items[0]?.start ?? top) - top;
  const below = rows.getTotalSize() - ((items.at(-1)?.end ?? top) - top);
  return (
    <table ref={table} className="rows mt-3 table-fixed" aria-label={words.priceBook} onPaste={paste}>
      <colgroup>
        <col style={{ width: '30px' }} />
        <col />
        <col style={{ width: '6em' }} />
        <col style={{ width: '7.2em' }} />
        <col style={{ width: '6.6em' }} />
        {hasFees && <col style={{ width: '5.8em' }} />}
        <col style={{ width: '5.6em' }} />
        <col style={{ width: '5.8em' }} />
      </colgroup>
      <thead>
        <tr>
          <th scope="col" className="first">
            <input
              type="checkbox"
              className="chrome size-[17px] accent-act"
              aria-label={words.selectAll}
              checked={lines.length > 0 && lines.every(({ piece }) => chosen.has(piece.id))}
              onChange={(event) => onChooseAll(event.target.checked)}
            />
            <TableMenu whole={() => priceBlock(lines, shownKeys, currency)} />
          </th>
          {shownKeys.map((key) => (
            <th
              key={key}
              scope="col"
              className={key === 'name' ? '' : 'end'}
              aria-sort={sorting.key === key ? (sorting.descending ? 'descending' : 'ascending') : 'none'}
            >
              <SortHead
                text={heads[key]}
                isOn={sorting.key === key}
                isDown={sorting.descending}
                onPress={() => onSort(key)}
              />
            </th>
          ))}
        </tr>
      </thead>
      {above > 0 && (
        <tbody aria-hidden="true">
          <tr style={{ height: above }} />
        </tbody>
      )}
      {items.map(({ index, key }) => {
        const book = lines[index];
        return (
          book && (
            <PriceRow
              key={key}
              book={book}
              index={index}
              measure={rows.measureElement}
              isChosen={chosen.has(book.piece.id)}
              onChoose={onChoose}
              setPrices={setPrices}
              hasFees={hasFees}
            />
          )
        );
      })}
      {below > 0 && (
        <tbody aria-hidden="true">
          <tr style={{ height: below }} />
        </tbody>
      )}
    </table>
  );
}
