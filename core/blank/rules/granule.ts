// A pallion of wire that melts into a grain.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { snippetMm } from '../lengths/granule-size.ts';

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
