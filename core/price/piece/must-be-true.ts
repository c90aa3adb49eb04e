// Works back from a price: what minutes, grams or cost would give the target hourly rate.
import { areConsumablesHourly, type CostColumn, type CostKey } from '../../cost/column.ts';
import { computed, type Figure, inSum, totalOf } from '../../figure/figure.ts';
import type { Fix } from '../../metal/fix.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Rates } from '../../studio/rates.ts';
import type { SellingChannel } from '../../studio/selling.ts';
import { batchCurve } from './batch-curve.ts';
import { channelResult, costOfPiece } from './channels.ts';
import type { PieceCount } from './count-piece.ts';

/** Cost of a piece split by what could be changed, minor units. */
export interface PresentCost {
  /** Net received for one at the target price. */
  readonly received: Figure;
  /** Metal and solder less scrap; proportional to the grams cut. */
  readonly metal: Figure;
  readonly grams: Figure;
  /** Costs that depend on neither grams nor minutes: findings, packaging, hallmarks. */
  readonly fixed: Figure;
  readonly minutes: Figure;
  /** Overhead, and consumables counted by the hour: money per bench hour besides labour. */
  readonly besidesPerHour: Figure;
}

/** What would give the target hourly rate. */
export interface MustBeTrue {
  /** Minutes it may take at its present grams. Below 0 no time is short enough. */
  readonly minutes: Figure;
  /** Grams it may have at its present minutes. */
  readonly grams: Figure;
  /** Net received that it needs as it is. */
  readonly received: Figure;
  /** Its present earnings per bench hour. */
  readonly wage: Figure;
  /** Whether it earns the target rate already. */
  readonly isTrue: boolean;
}

/**
 * received = metal per gram × grams + fixed + (wage + besides) ÷ 60 × minutes, solved for each in turn with the others
 * unchanged.
 * @param wage  target hourly rate, money per hour
 */
export function mustBeTrue(present: PresentCost, wage: Figure): MustBeTrue {
  const { received, metal, grams, fixed, minutes, besidesPerHour } = present;
  const { unit } = received;
  const money = (value: number) => inSum(value, unit);
  const hour = wage.value + besidesPerHour.value;
  const work = (hour / 60) * minutes.value;
  const needed = metal.value + fixed.value + work;
  const perGram = grams.value > 0 ? metal.value / grams.value : 0;
  const left = received.value - fixed.value;
  const hourHow = `(${money(wage.value)} + ${money(besidesPerHour.value)})`;
  return {
    minutes: computed(
      'minutes it may take',
      hour > 0 ? ((left - metal.value) / hour) * 60 : Infinity,
      'min',
      () => `(${money(received.value)} − ${money(fixed.value)} − ${money(metal.value)}) ÷ ${hourHow} × 60`,
      [received, fixed, metal, wage, besidesPerHour],
    ),
    grams: computed(
      'grams it may hold',
      perGram > 0 ? (left - work) / perGram : Infinity,
      'g',
      () => `(${money(received.value)} − ${money(fixed.value)} − ${money(work)}) ÷ ${money(perGram)}`,
      [received, fixed, wage, besidesPerHour, minutes, metal, grams],
    ),
    received: computed(
      'what has to come in',
      needed,
      unit,
      () => `${money(metal.value)} + ${money(fixed.value)} + ${hourHow} ÷ 60 × ${inSum(minutes.value)}`,
      [metal, fixed, wage, besidesPerHour, minutes],
    ),
    wage: computed(
      'earnings per bench hour',
      minutes.value > 0 ? ((left - metal.value) / minutes.value) * 60 - besidesPerHour.value : Infinity,
      `${unit}/h`,
      () =>
        `(${money(received.value)} − ${money(fixed.value)} − ${money(metal.value)}) ÷ ${inSum(minutes.value)} × 60 − ${money(besidesPerHour.value)}`,
      [received, fixed, metal, minutes, besidesPerHour],
    ),
    isTrue: received.value >= needed - 1e-6,
  };
}

/** Present cost and time of a piece, from its count, and the net received for it. */
export function presentCost(
  {
    column,
    minutes,
    parts,
  }: {
    readonly column: CostColumn;
    readonly minutes: Figure;
    readonly parts: readonly { readonly gross: Figure | null }[];
  },
  received: Figure,
  wage: Figure,
): PresentCost {
  const { cost, lines } = column;
  const of = (label: string, keys: readonly CostKey[]) => {
    const found = lines.filter(({ key }) => keys.includes(key)).map(({ each }) => each);
    return totalOf(label, cost.unit, found);
  };
  const timed: readonly CostKey[] = areConsumablesHourly(lines) ? ['overhead', 'consumables'] : ['overhead'];
  const besides = of('studio and consumables', timed);
  const metalKeys: readonly CostKey[] = ['metal', 'solder', 'scrap'];
  const others = lines
    .map(({ key }) => key)
    .filter((key) => key !== 'labour' && ![...timed, ...metalKeys].includes(key));
  return {
    received,
    metal: of('metal, less what scrap brings', metalKeys),
    grams: totalOf(
      'metal cut',
      'g',
      parts.flatMap(({ gross }) => gross ?? []),
    ),
    fixed: of('all the rest', others),
    minutes,
    besidesPerHour: computed(
      'studio and consumables, an hour',
      minutes.value > 0 ? (besides.value / minutes.value) * 60 : 0,
      wage.unit,
      () => `${inSum(besides.value, cost.unit)} ÷ ${inSum(minutes.value)} × 60`,
      [besides, minutes],
    ),
  };
}

/**
 * The smallest usual batch above the present one that earns the target hourly rate at a price.
 * @param price  asked of the customer, minor units
 * @returns null when no usual batch does
 */
export function smallestPayingBatch(
  piece: Piece,
  { batchSize }: Pick<PieceCount, 'batchSize'>,
  { channel, price, wage }: { readonly channel: SellingChannel; readonly price: Figure; readonly wage: Figure },
  rates: Rates,
  fix: Fix | null,
): number | null {
  const pays = (count: PieceCount) => {
    const prices = { wholesale: price, retail: price };
    const { received } = channelResult(channel, prices, costOfPiece(count), rates.selling.rule);
    return mustBeTrue(presentCost(count, received, wage), wage).isTrue;
  };
  const larger = batchCurve(piece, rates, fix).filter((at) => at.batchSize > batchSize);
  return larger.find(({ count }) => pays(count))?.batchSize ?? null;
}
