// A ring band to a ring size.
import { z } from 'zod';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { reported } from '../../measure/read/reported.ts';
import { readRingSize, ringInsideMm, ringSizeSystems, sizeOnScale } from '../../measure/ring-size.ts';
import { typedSchema } from '../../measure/typed.ts';
import type { SectionReading } from '../../stock/read-section.ts';
import { blankRule, lengthBlank } from '../blank-rule.ts';
import { bandLength } from '../developed-length.ts';
import { wideBandSizes } from '../lengths/wide-band.ts';

/** The blank rule `ring-band`. */
export const ringBand = blankRule({
  schema: z.strictObject({
    rule: z.literal('ring-band'),
    system: z.enum(ringSizeSystems),
    size: typedSchema,
    /** A wide band is made larger by habit; `exact` makes it to the size itself. */
    ease: z.enum(['habit', 'exact']).default('habit'),
  }),
  name: 'ring band',
  forms: ['round', 'square', 'strip', 'half-round', 'd', 'triangle', 'oval', 'patterned', 'tube'],
  fresh: { rule: 'ring-band', system: 'mm', size: '', ease: 'habit' },
  main: 'size',
  fields: {},
  forming: 'Bend',
  springsBack: true,
  read(typed, context) {
    const { stock, centroid, report } = context;
    const reading = readRingSize(typed.size, typed.system);
    const size = reported(reading, 'blank.size', 'inside diameter', 'mm', report);
    if (!size || !stock) return null;
    const isSize = typed.system !== 'mm' || sizeOnScale(typed.size) !== null;
    const inside = !isSize || typed.ease === 'exact' ? size : eased(size, stock);
    return lengthBlank(bandLength('ring band', inside, centroid));
  },
});

function eased(size: Figure, { section }: SectionReading): Figure {
  const sizes = wideBandSizes('widthMm' in section ? section.widthMm : 0);
  if (sizes === 0) return size;
  const more = ringInsideMm('us', sizes) - ringInsideMm('us', 0);
  const ease = given('ease of a wide band', more, 'mm', `${inSum(sizes)} US size (common practice)`);
  const how = `${inSum(size.value)} + ${inSum(more)}`;
  return computed('inside diameter with ease', size.value + more, 'mm', how, [size, ease]);
}
