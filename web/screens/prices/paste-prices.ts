// Prices pasted from a spreadsheet: one entry, undone as one.
import { type ClipboardEvent, useCallback } from 'react';
import { roundHalfAwayFromZero } from '../../../core/figure/round-money.ts';
import { readMoney } from '../../../core/measure/read/read-money.ts';
import { type Block, blockOf, isBlock } from '../../grid/blocks.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { showToast } from '../../state/toasts.ts';
import { words } from '../../words/prices.ts';
import type { BookPrice } from './use-price-lines.ts';
import type { PriceKey } from './use-row-prices.ts';
import type { SetPrices } from './use-set-prices.ts';

interface PastedPrice {
  readonly pieceId: string;
  readonly wholesaleMinor: number;
  readonly retailMinor: number;
}

export function usePastePrices(lines: readonly BookPrice[], setPrices: SetPrices) {
  const { currency } = useBasis().rates;
  return useCallback(
    (event: ClipboardEvent<HTMLTableElement>) => {
      const text = event.clipboardData.getData('text/plain');
      const field = event.target as HTMLElement;
      const row = field.closest<HTMLElement>('tbody[data-index]');
      const key = field.dataset['column'] === 'price-retail' ? 'retail' : 'wholesale';
      if (!row || !isBlock(text) || !field.dataset['column']?.startsWith('price-')) return;
      event.preventDefault();
      void blockOf(text).then(async (block) => {
        const below = lines.slice(Number(row.dataset['index']));
        const read = pastedPrices(block ?? [], below, key, currency);
        if (typeof read === 'string') showToast(read);
        else if (read.length > 0) {
          const refused = await setPrices('set', words.pasted, read);
          if (refused) showToast(refused);
        }
      });
    },
    [lines, setPrices, currency],
  );
}

/**
 * The prices of a block, from the first line on.
 * @param key  the column of the first cell of each line; a second cell is a retail price
 * @returns those that differ; a sentence where one cannot be read, since nothing is set then
 */
export function pastedPrices(
  block: Block,
  lines: readonly Pick<BookPrice, 'piece' | 'line' | 'title'>[],
  key: PriceKey,
  currency: string,
): PastedPrice[] | string {
  const prices: PastedPrice[] = [];
  for (const [at, cells] of block.entries()) {
    const book = lines[at];
    if (!book) return `${String(block.length - at)} ${words.pastedTooMany}`;
    const { wholesale, retail } = book.line;
    const set = { wholesale, retail };
    const keys: readonly PriceKey[] = key === 'wholesale' ? ['wholesale', 'retail'] : ['retail'];
    for (const [column, one] of keys.entries()) {
      const text = cells[column]?.trim();
      if (!text) continue;
      const reading = readMoney(text, currency);
      if (!reading.ok) return `${words.nothingWasChanged} ${book.title}: ${reading.sentence}`;
      set[one] = roundHalfAwayFromZero(reading.value);
    }
    if (set.wholesale !== wholesale || set.retail !== retail)
      prices.push({ pieceId: book.piece.id, wholesaleMinor: set.wholesale, retailMinor: set.retail });
  }
  return prices;
}
