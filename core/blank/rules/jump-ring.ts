// A jump ring, cut from a coil.
import { z } from 'zod';
import { typedSchema } from '../../measure/typed.ts';
import { blankRule, lengthBlank } from '../blank-rule.ts';
import { bandLength } from '../developed-length.ts';

/** The blank rule `jump-ring`. */
export const jumpRing = blankRule({
  schema: z.strictObject({
    rule: z.literal('jump-ring'),
    inside: typedSchema,
    /** The thickest thing the ring has to let through; blank when it does not matter. */
    passes: typedSchema.default(''),
  }),
  name: 'jump ring',
  forms: ['round', 'square', 'half-round', 'oval'],
  fresh: { rule: 'jump-ring', inside: '', passes: '' },
  main: 'inside',
  fields: { inside: { word: 'inside' }, passes: { word: 'passes', blank: 'nothing' } },
  forming: 'Wind and cut',
  cutFromCoil: true,
  springsBack: true,
  read(typed, context) {
    const inside = context.length('inside', typed.inside, 'inside diameter');
    if (typed.passes.trim()) context.length('passes', typed.passes, 'thing it lets through');
    return inside && context.stock && lengthBlank(bandLength('jump ring', inside, context.thickness));
  },
});
