// The build-up school: cost × factor is wholesale, wholesale × factor is retail, each up to the next price point.
import { inSum, reckoned, type Figure } from '../figure/figure.ts';
import { showValue } from '../figure/show.ts';
import type { Rates } from '../studio/rates.ts';
import { upToPricePoint } from './price-points.ts';

export interface Prices {
  /** Minor units, whole, on a price point. */
  readonly wholesale: Figure;
  readonly retail: Figure;
  /** What wholesale leaves over the cost. */
  readonly left: Figure;
  /** What wholesale pays the bench per hour once everything but the hands is paid; null when no time is entered. */
  readonly perHour: Figure | null;
}

/**
 * @param cost     settled, minor units
 * @param labour   the cost's own line for the hands
 * @param minutes  attended minutes of one piece
 * @param base     the cost the price is built on, where that is another size's
 */
export function buildUp(cost: Figure, labour: Figure, minutes: Figure, rates: Rates, base = cost): Prices {
  const wholesale = priced('wholesale', base, rates.wholesaleFactor, rates);
  const retail = priced('retail', wholesale, rates.retailFactor, rates);
  const { currency } = rates;
  const left = reckoned(
    'left at wholesale',
    wholesale.value - cost.value,
    currency,
    () => `${inSum(wholesale.value, currency)} − ${inSum(cost.value, currency)}`,
    [wholesale, cost],
  );
  return { wholesale, retail, left, perHour: perHour(wholesale, cost, labour, minutes, currency) };
}

function priced(label: string, base: Figure, factor: Figure, { currency, priceBands, justBelowMinor }: Rates): Figure {
  const exact = base.value * factor.value;
  const point = upToPricePoint(exact, priceBands, justBelowMinor);
  const how = () => {
    const sum = `${inSum(base.value, currency)} × ${inSum(factor.value)}`;
    return point === exact ? sum : `${sum} = ${showValue(exact, currency)}, up to the next price point`;
  };
  return reckoned(label, point, currency, how, [base, factor]);
}

function perHour(wholesale: Figure, cost: Figure, labour: Figure, minutes: Figure, currency: string): Figure | null {
  if (!(minutes.value > 0)) return null;
  const paid = wholesale.value - (cost.value - labour.value);
  const money = (value: number) => inSum(value, currency);
  const how = () =>
    `(${money(wholesale.value)} − ${money(cost.value)} + ${money(labour.value)}) ÷ ${inSum(minutes.value)} × 60`;
  return reckoned('pays the bench', (paid / minutes.value) * 60, `${currency}/h`, how, [
    wholesale,
    cost,
    labour,
    minutes,
  ]);
}
