// Fineness and karat, and additions to a melt that reach a fineness.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';

/**
 * Fineness of a karat. @returns parts per thousand
 * @example finenessOfKarat(18) // 750
 */
export function finenessOfKarat(karat: number): number {
  return (karat / 24) * 1000;
}

/** An addition to a melt. */
export interface Addition {
  /** `fine`: fine metal is added; `base`: copper or a master alloy without precious metal. */
  readonly what: 'fine' | 'base';
  /** g to add. */
  readonly add: Figure;
  /** g of the melt after the addition. */
  readonly total: Figure;
}

/**
 * What to add to a melt to reach a fineness.
 * @param massG   mass of the melt, g
 * @param from    its fineness, parts per thousand
 * @param to      the goal, parts per thousand
 * @param adding  fineness of the addition; 999.9 upwards and 0 downwards by default
 * @throws RangeError when the addition cannot reach the goal
 * @example addToReach(100, 999, 925).add.value // 8
 */
export function addToReach(massG: number, from: number, to: number, adding = to > from ? 1000 : 0): Addition {
  const raises = to > from;
  if (to === from || (raises ? adding <= to : adding >= to)) {
    throw new RangeError(
      to === from
        ? `It is ${inSum(to)} fine already: nothing to add.`
        : `Metal of ${inSum(adding)} cannot bring ${inSum(from)} to ${inSum(to)}.`,
    );
  }
  const mass = given('metal to alloy', massG, 'g', 'as asked');
  const is = given('its fineness', from, '‰', 'as asked');
  const wanted = given('fineness wanted', to, '‰', 'as asked');
  const added = given('fineness of what is added', adding, '‰', adding === 0 || adding === 1000 ? 'pure' : 'as asked');
  const what = raises ? 'fine' : 'base';
  const add = computed(
    raises ? 'fine metal to add' : adding === 0 ? 'copper or master alloy to add' : 'metal to add',
    (massG * (to - from)) / (adding - to),
    'g',
    `${inSum(massG)} × (${inSum(to)} − ${inSum(from)}) ÷ (${inSum(adding)} − ${inSum(to)})`,
    [mass, is, wanted, added],
  );
  const total = computed('the whole melt', massG + add.value, 'g', `${inSum(massG)} + ${inSum(add.value)}`, [
    mass,
    add,
  ]);
  return { what, add, total };
}
