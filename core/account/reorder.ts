// Reorder level: what open batches need within the lead time, what is usually used, and a margin.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { normalQuantile } from '../measure/distributions.ts';

/** What speaks for a reorder level. */
export interface ReorderInput {
  /** That open batches need before a delivery ordered today would come. */
  readonly neededInTime: number;
  /** Used in each of the last months, oldest first. */
  readonly usedByMonth: readonly number[];
  readonly leadDays: number;
  readonly unit: string;
  /** Chance that it lasts until the delivery, 0.5 to 0.999. */
  readonly chance?: number;
}

const DAYS_A_MONTH = 365.25 / 12;

/**
 * The reorder point of a periodic demand with a safety stock of z × σ × √lead time (Silver, Pyke and Thomas, Inventory
 * and Production Management in Supply Chains). What open batches need is known demand; the usual use beyond it is
 * chance.
 * @returns the level with its sum
 */
export function reorderLevel({ neededInTime, usedByMonth, leadDays, unit, chance = 0.95 }: ReorderInput): Figure {
  const months = leadDays / DAYS_A_MONTH;
  const mean = average(usedByMonth);
  const deviation = standardDeviation(usedByMonth);
  const usual = Math.max(0, mean * months - neededInTime);
  const z = normalQuantile(chance);
  const margin = z * deviation * Math.sqrt(months);
  const needed = given('open batches within the lead time', neededInTime, unit, 'the open batches');
  const use = computed(
    'usual use beyond it',
    usual,
    unit,
    () => `${inSum(mean)} a month × ${inSum(months)} months − ${inSum(neededInTime)}, not below 0`,
    [given('used a month', mean, unit, `the last ${String(usedByMonth.length)} months`)],
  );
  const safety = computed('margin', margin, unit, () => `${inSum(z)} × ${inSum(deviation)} × √${inSum(months)}`, [
    given('variation of a month', deviation, unit, 'standard deviation of the last months'),
  ]);
  const sum = () => `${inSum(needed.value)} + ${inSum(use.value)} + ${inSum(safety.value)}`;
  return computed('reorder level', neededInTime + usual + margin, unit, sum, [needed, use, safety]);
}

function average(values: readonly number[]): number {
  return values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;
}

function standardDeviation(values: readonly number[]): number {
  if (values.length < 2) return 0;
  const mean = average(values);
  return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1));
}
