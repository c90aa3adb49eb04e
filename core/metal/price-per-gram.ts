// Price per gram of an alloy: its precious metal content at the metal prices, plus the supplier's fabrication charge.
import { computed, type Figure, given, inSum, renamed } from '../figure/figure.ts';
import type { Alloy } from './alloys.ts';
import { finePrice, fixMetalNames, fixMetals } from './fine-price.ts';
import type { Fix } from './fix.ts';

/** Precious metals of an alloy; without the price of one the alloy has no price. */
const PRECIOUS_SHARE = 0.05;

/** Prices of one gram of an alloy. */
export interface AlloyPrice {
  /** Value of the content, minor units per gram. */
  readonly content: Figure;
  /** Price as bought, minor units per gram: the content and the fabrication charge. */
  readonly bought: Figure;
}

/** The price metal is costed at: replacement cost, or what was paid. */
export interface Paid {
  readonly basis: 'average' | 'last';
  /** Minor units per gram. */
  readonly perGram: Figure;
}

/**
 * Price of one gram of an alloy in a form.
 * @param makingCharge  fabrication charge, minor units per gram; for base metals the whole price
 * @param paid  what was paid, where the studio costs by that; null for replacement cost
 * @returns the price, or a sentence when a precious metal of the alloy has no price
 */
export function alloyPrice(
  alloy: Alloy,
  fix: Fix,
  makingCharge: Figure,
  paid: Paid | null = null,
): AlloyPrice | { readonly sentence: string } {
  const unit = `${fix.currency}/g`;
  const terms: { share: Figure; price: Figure }[] = [];
  for (const metal of fixMetals) {
    const share = alloy.composition[metal] ?? 0;
    if (share === 0) continue;
    const price = finePrice(fix, metal);
    if (price) {
      terms.push({
        share: given(`${fixMetalNames[metal]} in ${alloy.name}`, share, '', 'composition, nominal'),
        price,
      });
    } else if (metal !== 'Cu' && share >= PRECIOUS_SHARE) {
      return {
        sentence: `The metal prices of ${fix.on} has no price for ${fixMetalNames[metal]}. Add one in Settings.`,
      };
    }
  }
  const content = computed(
    `metal in ${alloy.name}`,
    terms.reduce((sum, { share, price }) => sum + share.value * price.value, 0),
    unit,
    () => terms.map(({ share, price }) => `${inSum(share.value)} × ${inSum(price.value, unit)}`).join(' + ') || '0',
    terms.flatMap(({ share, price }) => [share, price]),
  );
  if (paid) {
    const label = `${alloy.name}, per gram, ${paid.basis === 'average' ? 'average paid' : 'last paid'}`;
    return { content, bought: renamed(paid.perGram, label) };
  }
  const bought = computed(
    `${alloy.name}, per gram to replace`,
    content.value + makingCharge.value,
    unit,
    () => `${inSum(content.value, unit)} + ${inSum(makingCharge.value, unit)}`,
    [content, makingCharge],
  );
  return { content, bought };
}
