// A length cut straight.
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';

/** The blank rule `straight`. */
export const straight = blankRule({
  schema: measuresSchema('straight', 'length'),
  name: 'straight',
  forms: ['round', 'square', 'strip', 'half-round', 'd', 'triangle', 'oval', 'patterned', 'tube', 'square-tube'],
  fresh: { rule: 'straight', length: '' },
  main: 'length',
  fields: {},
  read(typed, context) {
    const length = context.length('length', typed.length, 'length');
    return length && lengthBlank(length);
  },
});
