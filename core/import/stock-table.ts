// The stock and the jars as tables that can be imported again.
import { type BulkLot, sectionOf, type ShelfLot } from '../batch/stock/shelf.ts';
import { gaugedMm } from '../stock/gauged.ts';
import type { Section } from '../stock/section.ts';
import { formNames } from '../stock/words.ts';
import type { JarRow } from './jar-rows.ts';

type NameOf = (alloy: string) => string;

/** Rows of cells, the column heads first; mm and g. Grain and ingots have a weight only. */
export function stockTable(lots: readonly ShelfLot[], bulk: readonly BulkLot[], nameOf: NameOf): string[][] {
  const heads = ['lot', 'metal', 'stock', 'length', 'width', 'quantity', 'weight g', 'supplier', 'kept in', 'owner'];
  const ofLots = lots.map(({ number, alloy, size, count, grams, supplier, where, owner, ...lot }) => {
    const [length, width] = 'lengthMm' in size ? [size.lengthMm, ''] : [size.heightMm, size.widthMm];
    const cells = [length, width, count, (grams * count).toFixed(3)].map(String);
    return [String(number), nameOf(alloy), exactWords(sectionOf(lot)), ...cells, supplier, where, owner];
  });
  const ofBulk = bulk.map(({ number, alloy, kind, mg, supplier, where, owner }) => [
    String(number), nameOf(alloy), kind, '', '', '1', (mg / 1000).toFixed(3), supplier, where, owner,
  ]); // prettier-ignore
  return [heads, ...ofLots, ...ofBulk];
}

/** A section as the calculator reads it, with exact sizes. */
function exactWords(section: Section): string {
  const name = formNames[section.form];
  switch (section.form) {
    case 'grain':
      return name;
    case 'strip':
    case 'patterned':
      return `${name} ${String(section.widthMm)} × ${String(section.thicknessMm)} mm`;
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return `${name} ${String(section.widthMm)} × ${String(section.heightMm)} mm`;
    case 'tube':
    case 'square-tube':
      return `${name} ${String(section.outsideMm)} mm outside ${String(section.wallMm)} mm wall`;
    default:
      return `${name} ${String(gaugedMm(section))} mm`;
  }
}

/** Rows of cells, the column heads first. */
export function jarTable(
  jars: readonly (Pick<JarRow, 'kind' | 'alloy'> & { readonly mg: number })[],
  nameOf: NameOf,
): string[][] {
  const rows = jars.map(({ kind, alloy, mg }) => [nameOf(alloy), kind, (mg / 1000).toFixed(3)]);
  return [['metal', 'kind of scrap', 'weight g'], ...rows];
}
