// Back from a price: what would have to be true for it to pay the wage that is wanted.
import { areConsumablesHourly, type CostColumn, type CostKey } from '../../cost/column.ts';
import { inSum, computed, totalOf, type Figure } from '../../figure/figure.ts';

/** What a piece takes and costs, minor units, split by what could be changed. */
export interface PresentCost {
  /** Comes in for one at the price gone back from, fees and tax off. */
  readonly received: Figure;
  /** Metal and solder, less scrap; moves with the grams cut. */
  readonly metal: Figure;
  readonly grams: Figure;
  /** Moves with neither grams nor minutes: findings, packing, marks. */
  readonly fixed: Figure;
  readonly minutes: Figure;
  /** Studio, and consumables counted by the hour: money for a bench hour besides the hands. */
  readonly besidesPerHour: Figure;
}

export interface MustBeTrue {
  /** Minutes it may take at the grams it has. Below 0 no time at all is short enough. */
  readonly minutes: Figure;
  /** Grams it may hold at the minutes it takes. */
  readonly grams: Figure;
  /** What has to come in for it as it is. */
  readonly received: Figure;
  /** The wage it pays as it is. */
  readonly wage: Figure;
  /** Whether the wage wanted is paid already. */
  readonly isTrue: boolean;
}

/**
 * received = metal per gram × grams + fixed + (wage + besides) ÷ 60 × minutes, solved for each in turn with the others as
 * they are.
 * @param wage  wanted, money per hour
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
      'the wage it pays',
      minutes.value > 0 ? ((left - metal.value) / minutes.value) * 60 - besidesPerHour.value : Infinity,
      `${unit}/h`,
      () =>
        `(${money(received.value)} − ${money(fixed.value)} − ${money(metal.value)}) ÷ ${inSum(minutes.value)} × 60 − ${money(besidesPerHour.value)}`,
      [received, fixed, metal, minutes, besidesPerHour],
    ),
    isTrue: received.value >= needed - 1e-6,
  };
}

/** What a piece takes and costs at present, from its count, and what comes in for it. */
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
