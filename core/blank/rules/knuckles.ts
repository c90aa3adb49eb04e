// Tube cut into the knuckles of a hinge.
import { computed, given, inSum } from '../../figure/figure.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema } from '../blank-rule.ts';
import { KNUCKLE_SPARE_MM, knuckleLengthsMm } from '../lengths/knuckle-lengths.ts';

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
