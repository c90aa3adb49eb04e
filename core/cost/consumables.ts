// Consumables: flux, blades, grit, gas. Each is small and easily forgotten. Counted by bench hour, by use, or as a
// share.
import { computed, type Figure, given, inSum, totalOf } from '../figure/figure.ts';
import type { ConsumableRates } from '../studio/rates.ts';
import type { ConsumableSchool } from '../studio/studio.ts';
import { hourly } from './hourly.ts';

/** What consumables are counted by. */
export interface Uses {
  /** Attended minutes of one piece. */
  readonly minutes: Figure;
  /** Joints in one piece. */
  readonly joints: number;
  /** Loads of pickle, tumbler and similar for one piece: those of the batch divided by its pieces. */
  readonly loads: number;
}

/** The line of consumables for one piece. @param school  how they are counted: the piece's own way, or the studio's */
export function consumablesEach(
  school: ConsumableSchool,
  rates: ConsumableRates,
  { minutes, joints, loads }: Uses,
  currency: string,
): (metal: Figure, labour: Figure) => { readonly takes: Figure; readonly each: Figure } {
  return (metal, labour) => {
    switch (school) {
      case 'hour':
        return { takes: minutes, each: hourly('consumables', minutes, rates.perHour, currency) };
      case 'use': {
        const used = [
          use('joints', joints, rates.perJoint, currency),
          use('the piece', 1, rates.perPiece, currency),
          use('loads', loads, rates.perLoad, currency),
        ].filter(({ value }) => value > 0);
        return {
          takes: given('joints', joints, '', 'counted from the recipe'),
          each: totalOf('consumables', currency, used),
        };
      }
      case 'share': {
        const base = metal.value + labour.value;
        const money = (value: number) => inSum(value, currency);
        const how = () => `(${money(metal.value)} + ${money(labour.value)}) × ${inSum(rates.share.value)}`;
        const each = computed('consumables', base * rates.share.value, currency, how, [metal, labour, rates.share]);
        return {
          takes: given('share of metal and hands', rates.share.value * 100, '%', rates.share.source),
          each,
        };
      }
    }
  };
}

function use(label: string, count: number, price: Figure, currency: string): Figure {
  const counted = given(label, count, '', 'counted from the recipe');
  const how = () => `${inSum(count)} × ${inSum(price.value, currency)}`;
  return computed(`consumables, ${label}`, count * price.value, currency, how, [counted, price]);
}
