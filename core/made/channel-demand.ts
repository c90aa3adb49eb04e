// Demand of a design by channel, and of all its channels together.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { chancesOfSales, type DemandBelief, expectedDemand, learnedDemand, shareOfDemand } from './demand.ts';
import type { ChannelSold, DemandUnit } from './demand-channels.ts';

/** Demand through one channel over the time that is planned for. */
export interface ChannelDemand {
  readonly key: string;
  readonly name: string;
  readonly unit: DemandUnit;
  /** Made to order, not for stock. */
  readonly isToOrder: boolean;
  readonly belief: DemandBelief;
  /** Weeks, or days of fairs, that are planned for. */
  readonly over: number;
}

/** Time that is planned for. */
export interface DemandTime {
  readonly weeks: number;
  readonly fairDays: number;
}

/** How much of a channel the other designs of the studio stand for, in a belief of one design. */
const STRENGTH: Readonly<Record<DemandUnit, number>> = { week: 8, 'fair day': 2 };
/** What nothing is known of: one sale in eight weeks over all channels, and one in two days of a fair. */
const FIRST_RATE: Readonly<Record<DemandUnit, number>> = { week: 1 / 8, 'fair day': 1 / 2 };

/** Sales and time seen over all designs, by channel. */
export type PooledDemand = ReadonlyMap<string, DemandBelief>;

const NOTHING_SEEN: DemandBelief = { sales: 0, weeks: 0 };

/** What all designs together sold, by channel. */
export function pooledDemand(designs: readonly (readonly ChannelSold[])[]): PooledDemand {
  const pool = new Map<string, DemandBelief>();
  for (const { key, seen } of designs.flat()) pool.set(key, learnedDemand(seen, pool.get(key) ?? NOTHING_SEEN));
  return pool;
}

/**
 * Demand by channel. The belief before a design's own sales is the rate of the other designs in the same channel.
 * @param pool  over all designs, this one included
 */
export function channelDemand(
  own: readonly ChannelSold[],
  pool: PooledDemand,
  { weeks, fairDays }: DemandTime,
): ChannelDemand[] {
  const steady = own.filter(({ unit, isToOrder }) => unit === 'week' && !isToOrder).length;
  const known = own.map(({ key, name, unit, isToOrder, seen }): ChannelDemand => {
    const strength = STRENGTH[unit];
    const firstRate = FIRST_RATE[unit] / (unit === 'week' ? Math.max(1, steady) : 1);
    const all = pool.get(key) ?? NOTHING_SEEN;
    const itself = learnedDemand(seen, NOTHING_SEEN);
    const rate =
      (Math.max(0, all.sales - itself.sales) + firstRate * strength) /
      (Math.max(0, all.weeks - itself.weeks) + strength);
    const belief = learnedDemand(seen, { sales: rate * strength, weeks: strength });
    return { key, name, unit, isToOrder, belief, over: unit === 'week' ? weeks : fairDays };
  });
  if (known.some(({ isToOrder }) => !isToOrder)) return known;
  return [...known, { key: '', name: '', unit: 'week', isToOrder: false, belief: learnedDemand([]), over: weeks }];
}

/** Channels whose demand is made for stock. */
const forStock = (channels: readonly ChannelDemand[]) => channels.filter(({ isToOrder }) => !isToOrder);

/** Expected sales from stock. @param share  of the design, 0 to 1: a size */
export function expectedSales(channels: readonly ChannelDemand[], share = 1): number {
  return share * forStock(channels).reduce((sum, { belief, over }) => sum + expectedDemand(belief, over), 0);
}

/** Chances of at most 0, 1, ... sales from stock. @param share  of the design, 0 to 1: a size */
export function salesWithin(channels: readonly ChannelDemand[], share: number): number[] {
  return chancesOfSales(forStock(channels).map(({ belief, over }) => ({ belief: shareOfDemand(belief, share), over })));
}

/** `0.34 a week` with its calculation. */
export function channelRate({ name, unit, belief }: ChannelDemand): Figure {
  const [sales, seen] = [
    given('sales, the past fading', belief.sales, '', 'the sales'),
    given(unit === 'week' ? 'weeks in which pieces were there' : 'days of fairs', belief.weeks, '', 'the sales'),
  ];
  const how = () => `${inSum(sales.value)} ÷ ${inSum(seen.value)}`;
  const label = `${name || 'sales'}, a ${unit}`;
  return computed(label, belief.sales / belief.weeks, '', how, [sales, seen]);
}
