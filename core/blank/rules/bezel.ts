// A strip bent round a stone.
import { z } from 'zod';
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import { perimeterMm } from '../../geometry/outline.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { typedSchema } from '../../measure/typed.ts';
import { type BlankContext, blankRule, lengthBlank } from '../blank-rule.ts';

/**
 * Length of a bezel strip: the stone's outline, moved out by half the strip and the clearance.
 *
 * Moving a closed convex outline out by d lengthens it by 2πd exactly, whatever its shape (Steiner's formula), when its
 * corners are bent round; so no shape needs an offset of its own.
 * @param aroundMm     the stone's outline, mm; see `perimeterMm`
 * @param stripMm      thickness of the strip, mm
 * @param clearanceMm  between stone and strip, all round, mm
 * @returns mm
 */
export function bezelLengthMm(aroundMm: number, stripMm: number, clearanceMm: number): number {
  return aroundMm + 2 * Math.PI * (stripMm / 2 + clearanceMm);
}

/** What is turned over the stone's shoulder, mm (common practice). */
export const TURN_OVER_MM = 0.7;

/**
 * Height of a bezel.
 * @param girdleMm  from the base of the stone to where it starts to curve in, mm
 * @returns mm, the girdle and what is turned over
 */
export function bezelHeightMm(girdleMm: number, turnOverMm = TURN_OVER_MM): number {
  return girdleMm + turnOverMm;
}

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
