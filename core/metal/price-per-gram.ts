// A fix becomes a price per gram of an alloy: its fine content at the fix, and what the supplier asks for the form.
import { given, inSum, computed, renamed, type Figure } from '../figure/figure.ts';
import type { Alloy } from './alloys.ts';
import { finePrice, fixMetalNames, fixMetals, type Fix } from './fix.ts';

/** What precious metal an alloy is bought for; without its price the alloy has none. */
const PRECIOUS_SHARE = 0.05;

export interface AlloyPrice {
  /** Minor units per gram for the metal in it, at the fix. */
  readonly content: Figure;
  /** Minor units per gram as bought: the content and the making charge. */
  readonly bought: Figure;
}

/** What metal is costed at: what it costs to replace today, or what was paid for it. */
export interface Paid {
  readonly basis: 'average' | 'last';
  /** Minor units per gram. */
  readonly perGram: Figure;
}

/**
 * Price of one gram of an alloy in a form.
 * @param makingCharge  minor units per gram over the metal's content (for base metals, the whole price)
 * @param paid  what was paid for it, where the studio costs by that; null costs it at what it takes to replace it
 * @returns the price, or a sentence when the fix lacks a precious metal that is in the alloy
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
      return { sentence: `The noon fix of ${fix.on} has no price for ${fixMetalNames[metal]}. Add one in Studio.` };
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
