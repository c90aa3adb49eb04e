// The pin of a hinge.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { hingePinMm } from '../lengths/hinge-pin-length.ts';

/** The blank rule `hinge-pin`. */
export const hingePin = blankRule({
  /** The width of the hinge. */
  schema: measuresSchema('hinge-pin', 'width'),
  name: 'hinge pin',
  forms: ['round'],
  fresh: { rule: 'hinge-pin', width: '' },
  main: 'width',
  fields: { width: { word: 'hinge' } },
  read(typed, context) {
    const width = context.length('width', typed.width, 'width of the hinge');
    if (!width || !context.stock) return null;
    const pin = context.thickness;
    const how = `${inSum(width.value)} + ${inSum(pin.value)}`;
    return lengthBlank(computed('pin', hingePinMm(width.value, pin.value), 'mm', how, [width, pin]));
  },
});
