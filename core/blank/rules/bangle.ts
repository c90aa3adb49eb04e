// A closed bangle, or an open cuff.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { cuffLengthMm } from '../lengths/cuff-length.ts';

/** The blank rule `bangle`. */
export const bangle = blankRule({
  /** Inside diameter as if it were closed; blank opening for a closed bangle. */
  schema: measuresSchema('bangle', 'inside', 'opening'),
  name: 'bangle or cuff',
  forms: ['round', 'square', 'strip', 'half-round', 'd', 'triangle', 'oval', 'patterned', 'tube', 'square-tube'],
  fresh: { rule: 'bangle', inside: '', opening: '' },
  main: 'inside',
  fields: { inside: { word: 'inside' }, opening: { word: 'open', blank: 'closed' } },
  forming: 'Bend',
  springsBack: true,
  read(typed, context) {
    const inside = context.length('inside', typed.inside, 'inside diameter');
    const opening = context.length('opening', typed.opening, 'opening', true);
    if (!inside || !opening || !context.stock) return null;
    const around = computed('round the inside', Math.PI * inside.value, 'mm', `π × ${inSum(inside.value)}`, [inside]);
    const thickness = context.centroid;
    const less = opening.value ? ` − ${inSum(opening.value)}` : '';
    const how = `${inSum(around.value)} + π × ${inSum(thickness.value)}${less}`;
    const from = [around, thickness, ...(opening.value ? [opening] : [])];
    const length = cuffLengthMm(around.value, thickness.value, opening.value);
    if (length > 0) return lengthBlank(computed('length of the bangle', length, 'mm', how, from));
    return context.refuse('opening', 'The opening is wider than the bangle is round. Make it smaller.');
  },
});
