// Sensitivity of the earnings per bench hour: metal, minutes and price each moved by a tenth, the others unchanged.
import { areConsumablesHourly } from '../../cost/column.ts';
import type { PriceRule } from '../../studio/selling.ts';
import type { ChannelResult } from './channels.ts';
import { keepsOf } from './channels.ts';
import type { PieceCount } from './count-piece.ts';

/** Effect of one factor on the earnings. */
export interface Sensitivity {
  readonly what: 'price' | 'minutes' | 'metal';
  /** Earnings per bench hour one step lower and one step higher, minor units. */
  readonly lower: number;
  readonly higher: number;
}

/**
 * @param step  0.1 for a tenth
 * @returns the largest effect first; nothing without bench time
 */
export function sensitivity(
  { column, minutes }: PieceCount,
  result: ChannelResult,
  rule: PriceRule,
  step: number,
): Sensitivity[] {
  if (!(minutes.value > 0) || !result.perHour) return [];
  const amount = (...keys: readonly string[]) =>
    column.lines.reduce((sum, { key, each }) => sum + (keys.includes(key) ? each.value : 0), 0);
  const metal = amount('metal', 'solder', 'scrap');
  const perMinute = amount('overhead') + (areConsumablesHourly(column.lines) ? amount('consumables') : 0);
  const rest = column.cost.value - amount('labour') - metal - perMinute;
  const keeps = keepsOf(result.channel, rule);
  const fee = result.channel.feeEach.value;
  const pay = (price: number, time: number, metals: number) => {
    const received = result.price.value * price * keeps - fee;
    return ((received - rest - metal * metals - perMinute * time) / (minutes.value * time)) * 60;
  };
  const both = (what: Sensitivity['what'], at: (factor: number) => number): Sensitivity => ({
    what,
    lower: at(1 - step),
    higher: at(1 + step),
  });
  return [
    both('price', (factor) => pay(factor, 1, 1)),
    both('minutes', (factor) => pay(1, factor, 1)),
    both('metal', (factor) => pay(1, 1, factor)),
  ].sort((a, b) => Math.abs(b.higher - b.lower) - Math.abs(a.higher - a.lower));
}
