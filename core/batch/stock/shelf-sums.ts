// Stock by alloy.
import { computed, type Figure, given, inSum, totalOf } from '../../figure/figure.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { sectionInWords } from '../../stock/words.ts';
import { sectionOf, type ShelfLot } from './shelf.ts';

/** Grams of each alloy, in the order the alloys first appear; unknown alloys are left out. */
export function shelfSums(
  lots: readonly ShelfLot[],
  alloys: ReadonlyMap<string, Alloy>,
): { readonly alloy: Alloy; readonly grams: Figure }[] {
  const ids = [...new Set(lots.map(({ alloy }) => alloy))];
  return ids.flatMap((id) => {
    const alloy = alloys.get(id);
    if (!alloy) return [];
    const lines = lots
      .filter((lot) => lot.alloy === id)
      .map((lot) => {
        const each = given('each', lot.grams, 'g', 'by its size and density');
        const how = `${String(lot.count)} × ${inSum(lot.grams)}`;
        return computed(sectionInWords(sectionOf(lot)), lot.count * lot.grams, 'g', how, [each]);
      });
    return [{ alloy, grams: totalOf(alloy.name, 'g', lines) }];
  });
}
