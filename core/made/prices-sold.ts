// Sales of each design and channel by price, with the weeks in which it was offered at it.
import { groupBy } from '../bench/group-by.ts';
import { daysBetween } from '../measure/days.ts';
import { itemName } from './made-item.ts';
import type { PriceSold } from './price-lessons.ts';
import { designKey } from './review.ts';
import type { SoldLine } from './sold-lines.ts';

/** Sales of one design through one channel by price. */
export interface PricesOfDesign {
  readonly name: string;
  readonly channel: string;
  readonly prices: readonly PriceSold[];
}

/**
 * @param lines  sold lines; refunds count against their price
 * @param until  ISO day of the end: the price asked last is still offered then
 */
export function pricesSold(lines: readonly SoldLine[], until: string): PricesOfDesign[] {
  const groups = groupBy(lines, ({ item, channel }) => `${designKey(item)} ${item.size} ${channel}`);
  return [...groups.values()].flatMap((own) => {
    const [first] = own;
    return first ? [{ name: itemName(first.item), channel: first.channel, prices: byPrice(own, until) }] : [];
  });
}

function byPrice(lines: readonly SoldLine[], until: string): PriceSold[] {
  const prices = new Map<number, { sold: number; first: string; last: string }>();
  let latest = { on: '', price: 0 };
  for (const { on, count, paidMinor } of lines) {
    if (count === 0) continue;
    const price = Math.round(paidMinor / count);
    const before = prices.get(price) ?? { sold: 0, first: on, last: on };
    prices.set(price, {
      sold: before.sold + count,
      first: on < before.first ? on : before.first,
      last: on > before.last ? on : before.last,
    });
    if (on >= latest.on) latest = { on, price };
  }
  return [...prices]
    .filter(([, { sold }]) => sold > 0)
    .map(([priceMinor, { sold, first, last }]) => ({
      priceMinor,
      sold,
      weeks: (daysBetween(first, priceMinor === latest.price ? until : last) + 7) / 7,
    }));
}
