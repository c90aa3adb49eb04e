// Tube cut into the knuckles of a hinge.
import { computed, given, inSum } from '../../figure/figure.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema } from '../blank-rule.ts';

/** The outer knuckles are cut longer by this and filed back, mm (common practice). */
export const KNUCKLE_SPARE_MM = 1;

/**
 * Lengths of the knuckles of a hinge, filed flush to its width afterwards.
 * @param widthMm   of the hinge, mm
 * @param knuckles  an odd number, 3 or more
 * @returns mm each, the two outer ones with what is filed off
 * @throws RangeError for an even number, which leaves one leaf without an outer knuckle
 */
export function knuckleLengthsMm(widthMm: number, knuckles: number, spareMm = KNUCKLE_SPARE_MM): number[] {
  if (!Number.isInteger(knuckles) || knuckles < 3 || knuckles % 2 === 0) {
    throw new RangeError('A hinge has an odd number of knuckles, three or more.');
  }
  const each = widthMm / knuckles;
  return Array.from({ length: knuckles }, (_, index) =>
    index === 0 || index === knuckles - 1 ? each + spareMm : each,
  );
}

/** The blank rule `knuckles`. */
export const knuckles = blankRule({
  schema: measuresSchema('knuckles', 'width', 'knuckles'),
  name: 'hinge knuckles',
  forms: ['tube'],
  fresh: { rule: 'knuckles', width: '', knuckles: '3' },
  main: 'width',
  fields: { width: { word: 'wide' }, knuckles: { word: 'knuckles', isCount: true } },
  read(typed, context) {
    const width = context.length('width', typed.width, 'width of the hinge');
    const count = context.count('knuckles', typed.knuckles, 'knuckles');
    if (!width || !count) return null;
    const lengths = reportedFormula(() => knuckleLengthsMm(width.value, count.value), 'blank.knuckles', context.report);
    if (!lengths) return null;
    const spare = given('filed back at each end', KNUCKLE_SPARE_MM, 'mm', 'common practice');
    const how = `${inSum(width.value)} + 2 × ${inSum(spare.value)}`;
    const tube = computed('tube for the knuckles', width.value + 2 * spare.value, 'mm', how, [width, spare]);
    return {
      cut: { kind: 'length', length: tube },
      net: { kind: 'length', length: width },
      times: null,
      cuts: count.value,
    };
  },
});
