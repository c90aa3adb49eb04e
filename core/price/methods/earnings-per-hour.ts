// Earnings per bench hour: what a sale leaves for an hour once everything but labour is paid.
import { computed, type Figure, inSum } from '../../figure/figure.ts';

/**
 * Earnings per bench hour of one piece.
 * @param received  net received, minor units: the price less fees and tax
 * @param labour    the labour line of the cost
 * @param minutes   attended minutes of one piece
 * @returns money per hour; null without bench time
 */
export function earningsPerHour(received: Figure, cost: Figure, labour: Figure, minutes: Figure): Figure | null {
  if (!(minutes.value > 0)) return null;
  const { unit } = cost;
  const paid = received.value - (cost.value - labour.value);
  const money = (value: number) => inSum(value, unit);
  const how = () =>
    `(${money(received.value)} − ${money(cost.value)} + ${money(labour.value)}) ÷ ${inSum(minutes.value)} × 60`;
  return computed('earnings per bench hour', (paid / minutes.value) * 60, `${unit}/h`, how, [
    received,
    cost,
    labour,
    minutes,
  ]);
}
