// A pallion of wire that melts into a grain.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { balledEndMm } from './balled.ts';

/**
 * Diameter of the granule a pallion melts into, by constant volume.
 * @param wireMm     diameter of the wire, mm
 * @param snippetMm  length of the pallion, mm
 * @returns mm, ∛(1.5 d² l)
 */
export function granuleMm(wireMm: number, snippetMm: number): number {
  return Math.cbrt(1.5 * wireMm ** 2 * snippetMm);
}

/** The pallion for a granule; the inverse of `granuleMm`. @returns mm */
export function snippetMm(granuleMm: number, wireMm: number): number {
  return balledEndMm(granuleMm, wireMm);
}

/** The blank rule `granule`. */
export const granule = blankRule({
  schema: measuresSchema('granule', 'diameter'),
  name: 'granule',
  forms: ['round'],
  fresh: { rule: 'granule', diameter: '' },
  main: 'diameter',
  fields: {},
  read(typed, context) {
    const grain = context.length('diameter', typed.diameter, 'granule');
    if (!grain || !context.stock) return null;
    const wire = context.thickness;
    const how = `2 × ${inSum(grain.value)}³ ÷ (3 × ${inSum(wire.value)}²)`;
    return lengthBlank(computed('snippet', snippetMm(grain.value, wire.value), 'mm', how, [grain, wire]));
  },
});
