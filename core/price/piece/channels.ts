// Sales channels: price, fees, commission and tax, net received, profit, and earnings per bench hour.
import type { CostColumn } from '../../cost/column.ts';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import type { PriceRule, SellingChannel, VolumeBreak } from '../../studio/selling.ts';
import { earningsPerHour } from '../methods/earnings-per-hour.ts';
import type { Priced } from './standing.ts';

/** Cost and bench time of a piece, whatever the channel. */
export interface CostOfPiece {
  /** Minor units. */
  readonly cost: Figure;
  /** The labour line of the cost. */
  readonly labour: Figure;
  readonly minutes: Figure;
}

/** Prices a channel may ask. */
export interface AskedPrices {
  /** Minor units, without tax. */
  readonly wholesale: Figure;
  /** Minor units, as a customer pays it: with tax where it is included. */
  readonly retail: Figure;
}

/** What a channel brings for one piece. */
export interface ChannelResult {
  readonly channel: SellingChannel;
  /** The price asked: wholesale or retail. */
  readonly price: Figure;
  /** Net received, after fees, commission and tax. */
  readonly received: Figure;
  readonly left: Figure;
  /** null without bench time. */
  readonly perHour: Figure | null;
  /** Break-even price. */
  readonly breakEven: Figure;
}

/**
 * Net received of a price. Of a retail price tax comes off first, then the shop's commission of the rest. Fees are of
 * what the customer pays, since that is what cards and marketplaces charge on (common practice).
 * received = keep × price − fee each
 */
export function keepsOf(channel: SellingChannel, { tax }: PriceRule): number {
  if (channel.kind === 'wholesale') return 1 - channel.feeShare.value;
  const taxed = 1 + tax.rate.value;
  const net = tax.how === 'included' ? 1 / taxed : 1;
  // Tax on top is paid by the customer too, and the fee is charged on it.
  const charged = tax.how === 'on-top' ? taxed : 1;
  return net * (1 - channel.shopKeeps.value) - charged * channel.feeShare.value;
}

/** Computes what a channel brings for one piece. */
export function channelResult(
  channel: SellingChannel,
  prices: AskedPrices,
  { cost, labour, minutes }: CostOfPiece,
  rule: PriceRule,
): ChannelResult {
  const price = channel.kind === 'wholesale' ? prices.wholesale : prices.retail;
  const { unit } = cost;
  const money = (value: number) => inSum(value, unit);
  const keeps = keepsOf(channel, rule);
  const fee = channel.feeEach.value;
  const received = computed(
    'net received',
    price.value * keeps - fee,
    unit,
    () => howReceived(channel, price, rule),
    [price, channel.feeShare, channel.shopKeeps, channel.feeEach, rule.tax.rate].filter(
      ({ value, label }) => value !== 0 || label === price.label,
    ),
  );
  const left = computed(
    'left',
    received.value - cost.value,
    unit,
    () => `${money(received.value)} − ${money(cost.value)}`,
    [received, cost],
  );
  return {
    channel,
    price,
    received,
    left,
    perHour: earningsPerHour(received, cost, labour, minutes),
    breakEven: breakEven(cost, fee, keeps),
  };
}

function howReceived(channel: SellingChannel, price: Figure, { tax }: PriceRule): string {
  const money = (value: number) => inSum(value, price.unit);
  const asked = money(price.value);
  const isRetail = channel.kind !== 'wholesale';
  const net = isRetail && tax.how === 'included' ? `${asked} ÷ ${inSum(1 + tax.rate.value)}` : asked;
  const share = channel.shopKeeps.value > 0 ? ` × (1 − ${inSum(channel.shopKeeps.value)})` : '';
  const taxed = isRetail && tax.how === 'on-top' && tax.rate.value > 0 ? ` × ${inSum(1 + tax.rate.value)}` : '';
  const cut = channel.feeShare.value > 0 ? ` − ${asked}${taxed} × ${inSum(channel.feeShare.value)}` : '';
  const each = channel.feeEach.value > 0 ? ` − ${money(channel.feeEach.value)}` : '';
  return `${net}${share}${cut}${each}`;
}

function breakEven(cost: Figure, fee: number, keeps: number): Figure {
  const money = (value: number) => inSum(value, cost.unit);
  // A channel that keeps everything never breaks even.
  const value = keeps > 0 ? (cost.value + fee) / keeps : Infinity;
  const how = () => `(${money(cost.value)}${fee > 0 ? ` + ${money(fee)}` : ''}) ÷ ${inSum(keeps)}`;
  return computed('breaks even at', value, cost.unit, how, [cost]);
}

/** Cost and bench time of a piece, from its count. */
export function costOfPiece({
  column,
  minutes,
}: {
  readonly column: Pick<CostColumn, 'cost' | 'lines'>;
  readonly minutes: Figure;
}): CostOfPiece {
  const { cost, lines } = column;
  const labour = lines.find(({ key }) => key === 'labour')?.each ?? given('bench time', 0, cost.unit, 'none entered');
  return { cost, labour, minutes };
}

/** The prices asked: as set, or by the price rule before one is set. */
export function askedPrices(priced: Priced | null, byRule: AskedPrices): AskedPrices {
  if (!priced) return byRule;
  const { unit } = byRule.wholesale;
  return {
    wholesale: given('wholesale', priced.wholesaleMinor, unit, 'as set'),
    retail: given('retail', priced.retailMinor, unit, 'as set'),
  };
}

/** The wholesale price of each quantity break, in whole minor units. */
export function volumePrices(wholesale: Figure, breaks: readonly VolumeBreak[]): { from: number; price: Figure }[] {
  return breaks.map(({ from, off }) => {
    const value = roundHalfAwayFromZero(wholesale.value * (1 - off.value));
    const how = () => `${inSum(wholesale.value, wholesale.unit)} × (1 − ${inSum(off.value)})`;
    return { from, price: computed(`from ${String(from)}`, value, wholesale.unit, how, [wholesale, off]) };
  });
}

/** Whether the maker's own retail price is below what a shop asks that pays wholesale. Half a minor unit is rounding. */
export function undercutsShops(retailMinor: number, { shopAsks }: { readonly shopAsks: Figure }): boolean {
  return retailMinor < shopAsks.value - 0.5;
}
