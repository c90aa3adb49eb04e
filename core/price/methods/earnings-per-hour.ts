// What a sale pays for an hour at the bench, once everything but the hands is paid.
import { inSum, computed, type Figure } from '../../figure/figure.ts';

/**
 * @param received  what comes in for one, minor units: the price, less fees and tax where there are any
 * @param labour    the cost's own line for the hands
 * @param minutes   attended minutes of one piece
 * @returns money per hour; null when no time is entered
 */
export function earningsPerHour(received: Figure, cost: Figure, labour: Figure, minutes: Figure): Figure | null {
  if (!(minutes.value > 0)) return null;
  const { unit } = cost;
  const paid = received.value - (cost.value - labour.value);
  const money = (value: number) => inSum(value, unit);
  const how = () =>
    `(${money(received.value)} − ${money(cost.value)} + ${money(labour.value)}) ÷ ${inSum(minutes.value)} × 60`;
  return computed('pays the bench', (paid / minutes.value) * 60, `${unit}/h`, how, [received, cost, labour, minutes]);
}
