// A strip bent round a stone.
import { z } from 'zod';
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import { perimeterMm } from '../../geometry/outline.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { typedSchema } from '../../measure/typed.ts';
import { type BlankContext, blankRule, lengthBlank } from '../blank-rule.ts';
import { bezelLengthMm } from '../lengths/bezel-length.ts';

/** The blank rule `bezel`. */
export const bezel = blankRule({
  /** Strip round a stone of the piece by its id, or a length round. */
  schema: z.strictObject({
    rule: z.literal('bezel'),
    stone: z.string().max(40),
    around: typedSchema,
    clearance: typedSchema,
  }),
  name: 'bezel',
  forms: ['strip', 'patterned'],
  fresh: { rule: 'bezel', stone: '', around: '', clearance: '' },
  main: 'around',
  fields: { around: { word: 'round' }, clearance: { word: 'clear', blank: '0' } },
  forming: 'Bend',
  read(typed, context) {
    const clearance = context.length('clearance', typed.clearance, 'clearance', true);
    const around = typed.stone ? stoneGirth(context) : context.length('around', typed.around, 'length round the stone');
    if (!clearance || !around || !context.stock) return null;
    const strip = context.thickness;
    const how = `${inSum(around.value)} + 2π × (${inSum(strip.value)} ÷ 2 + ${inSum(clearance.value)})`;
    const length = bezelLengthMm(around.value, strip.value, clearance.value);
    return lengthBlank(computed('bezel', length, 'mm', how, [around, strip, clearance]));
  },
});

function stoneGirth({ stone, report }: BlankContext): Figure | null {
  if (!stone) {
    report({
      path: 'blank.stone',
      sentence: 'Its stone has no sizes yet, or is gone. Choose one of the stones below.',
    });
    return null;
  }
  if ('girth' in stone) return { ...stone.girth, label: 'round the stone' };
  const around = reportedFormula(() => perimeterMm(stone.outline), 'blank.stone', report);
  const words = stone.outline.shape === 'oval' ? 'ellipse (Ramanujan 1914)' : stone.outline.shape;
  const sizes = stone.sizes.map(({ value }) => inSum(value)).join(' × ') || 'its corners';
  return around === null ? null : computed('round the stone', around, 'mm', `${words} of ${sizes}`, stone.sizes);
}
