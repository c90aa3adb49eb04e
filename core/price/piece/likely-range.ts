// The likely range of a cost: minutes, weights and rejects vary, so the cost of a batch does too.
import { areConsumablesHourly } from '../../cost/column.ts';
import { logNormal, quantile, seeded } from '../../measure/random.ts';
import type { Rates } from '../../studio/rates.ts';
import type { PieceCount } from './count-piece.ts';

/** A varying cost: the computed amount and its standard deviation as a share. */
interface Strays {
  readonly amount: number;
  readonly spread: number;
}

/** What varies in a cost. */
export interface CostVariation {
  /** The part that does not vary, minor units for one piece. */
  readonly fixed: number;
  /** Labour by step and metal by part, minor units for one piece; each varies independently. */
  readonly strays: readonly Strays[];
  /** Steps with a yield, in order: cost of a piece lost there, minor units. */
  readonly spoiling: readonly { readonly yield: number; readonly lost: number }[];
  readonly batchSize: number;
}

/** Splits a count into what varies and what does not; together they are its exact cost. */
export function costVariation(count: PieceCount, rates: Rates): CostVariation {
  const { lines, exact } = count.column;
  const amount = (key: string) =>
    lines.reduce((sum, line, index) => sum + (line.key === key ? (exact[index] ?? 0) : 0), 0);
  const work = amount('labour') + amount('overhead') + (areConsumablesHourly(lines) ? amount('consumables') : 0);
  const minutes = count.minutes.value;
  const byStep = count.minutes.from.map(({ value }, index): Strays => {
    const spread = count.steps[index]?.spread ?? rates.spread.minutes;
    return { amount: minutes > 0 ? (work * value) / minutes : 0, spread };
  });
  const net = amount('metal') + amount('solder') + amount('scrap');
  const gross = count.parts.reduce((sum, part) => sum + (part.gross?.value ?? 0), 0);
  const byPart = count.parts.map(({ gross: grams }): Strays => {
    return { amount: gross > 0 ? (net * (grams?.value ?? 0)) / gross : 0, spread: rates.spread.weight };
  });
  const rejects = amount('rejects');
  const total = exact.reduce((sum, value) => sum + value, 0);
  const strays = [...byStep, ...byPart].filter((one) => one.amount !== 0);
  const straying = strays.reduce((sum, one) => sum + one.amount, 0);
  return { fixed: total - straying - rejects, strays, spoiling: spoilingOf(count, work), batchSize: count.batchSize };
}

function spoilingOf({ column, steps, minutes }: PieceCount, work: number): CostVariation['spoiling'] {
  const rejects = column.lines.find(({ key }) => key === 'rejects');
  if (!rejects) return [];
  // The metal lost with a rejected piece is in the calculation of the line: one line a step with a yield.
  const first = computedLine(rejects.each);
  const metal = first?.from[1]?.value ?? 0;
  let spent = 0;
  return steps.flatMap((step, index) => {
    spent += minutes.from[index]?.value ?? 0;
    if (step.yield >= 1) return [];
    return [{ yield: step.yield, lost: metal + (minutes.value > 0 ? (work * spent) / minutes.value : 0) }];
  });
}

const computedLine = (figure: PieceCount['minutes']) => figure.from[0];

/** The likely range of a cost. */
export interface LikelyRange {
  /** Mean cost of one piece in a batch, minor units. */
  readonly mean: number;
  readonly deviation: number;
  /** Costs that 10, 50, 80 and 90 % of batches do not exceed. */
  readonly p10: number;
  readonly p50: number;
  readonly p80: number;
  readonly p90: number;
  /** Standard error of the 80 % value, from the number of simulated batches. */
  readonly errorOfP80: number;
}

/**
 * Simulates batches with everything varying. Minutes and weights are lognormal about the computed values, so that none
 * is below 0. Pieces are lost step by step by the yield of the step, and the good ones pay for them.
 * @param batches     more batches give a smaller error, by their square root
 * @param onProgress  called now and then with the share done
 */
export function likelyRange(
  cost: CostVariation,
  {
    seed = 1,
    batches = 4000,
    onProgress,
  }: { seed?: number; batches?: number; onProgress?: (share: number) => void } = {},
): LikelyRange {
  const random = seeded(seed);
  const tried: number[] = [];
  for (let index = 0; index < batches; index += 1) {
    const straying = cost.strays.reduce((sum, { amount, spread }) => sum + amount * logNormal(spread, random), 0);
    tried.push(cost.fixed + straying + spoiltEach(cost, random));
    if (onProgress && index % 500 === 499) onProgress((index + 1) / batches);
  }
  tried.sort((a, b) => a - b);
  const mean = tried.reduce((sum, value) => sum + value, 0) / batches;
  const variance = tried.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (batches - 1);
  return {
    mean,
    deviation: Math.sqrt(variance),
    p10: quantile(tried, 0.1),
    p50: quantile(tried, 0.5),
    p80: quantile(tried, 0.8),
    p90: quantile(tried, 0.9),
    errorOfP80: quantileError(tried, 0.8),
  };
}

// Cost of the rejects of a batch for each good piece: as many are started as are needed for the good ones.
function spoiltEach({ spoiling, batchSize }: CostVariation, random: () => number): number {
  if (spoiling.length === 0) return 0;
  let lost = 0;
  for (let piece = 0; piece < batchSize; piece += 1) {
    // Pieces are started until one is good; a yield that needs more tries than this is a typing error.
    for (let begun = 0; begun < MOST_BEGUN; begun += 1) {
      const at = spoiling.find((step) => random() >= step.yield);
      if (!at) break;
      lost += at.lost;
    }
  }
  return lost / batchSize;
}
const MOST_BEGUN = 200;

/** Mean and standard deviation without simulation, where nothing is lost: a sum of independent variables. */
export function exactSpread({ fixed, strays }: CostVariation): { readonly mean: number; readonly deviation: number } {
  return {
    mean: fixed + strays.reduce((sum, { amount }) => sum + amount, 0),
    deviation: Math.sqrt(strays.reduce((sum, { amount, spread }) => sum + (amount * spread) ** 2, 0)),
  };
}

// Maritz and Jarrett weigh all order statistics. The distance between two near ones is as good here: the binomial gives
// the ranks one standard error below and above.
function quantileError(sorted: readonly number[], share: number): number {
  const half = Math.sqrt((share * (1 - share)) / sorted.length);
  return (quantile(sorted, Math.min(1, share + half)) - quantile(sorted, Math.max(0, share - half))) / 2;
}
