// The strand of a twist; the length is that of the finished twist.
import { z } from 'zod';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { MM_PER_INCH } from '../../measure/length-units.ts';
import { reported } from '../../measure/read/reported.ts';
import { readRingSize, type RingSizeSystem, ringSizeSystems } from '../../measure/ring-size.ts';
import { typedSchema } from '../../measure/typed.ts';
import { type BlankContext, blankRule, lengthBlank } from '../blank-rule.ts';
import { pitchDiameterMm, twistTakeUp } from '../lengths/twist-take-up.ts';

/** The blank rule `twist`. */
export const twist = blankRule({
  schema: z.strictObject({
    rule: z.literal('twist'),
    /** Finished length of the twist, or a ring size on the scale. */
    length: typedSchema,
    /** Scale of a ring size; blank for a length. */
    system: z.enum(['', ...ringSizeSystems]).default(''),
    strands: typedSchema,
    turns: typedSchema,
    /** Turns in all, or in a centimetre or an inch of the finished twist. */
    per: z.enum(['', 'cm', 'in']).default(''),
  }),
  name: 'twisted wire',
  forms: ['round', 'square'],
  fresh: { rule: 'twist', length: '', system: '', strands: '2', turns: '', per: '' },
  main: 'length',
  fields: {
    length: { word: 'long' },
    strands: { word: 'strands', isCount: true },
    turns: { word: 'turns', isCount: true },
  },
  forming: 'Twist',
  read(typed, context) {
    const strands = context.count('strands', typed.strands, 'strands', 2);
    const typedTurns = context.turns(typed.turns, '24');
    const wire = context.thickness;
    const across = strands ? pitchDiameterMm(strands.value, wire.value) : 0;
    const length = typed.system
      ? roundFinger(typed.length, typed.system, across, context)
      : context.length('length', typed.length, 'length of the twist');
    if (!length || !strands || !typedTurns || !context.stock) return null;
    const turns = inAll(typedTurns, typed.per, length);
    const takeUp = twistTakeUp(across, turns.value / length.value);
    const how = `${inSum(length.value)} × √(1 + (π × ${inSum(across)} × ${inSum(turns.value)} ÷ ${inSum(length.value)})²)`;
    const strand = computed('a strand', length.value * takeUp, 'mm', how, [length, turns, wire]);
    return lengthBlank(strand, { times: strands });
  },
});

// A ring of the twist is bent along its middle: half its outside diameter from the finger.
function roundFinger(text: string, system: RingSizeSystem, acrossMm: number, context: BlankContext): Figure | null {
  const inside = reported(readRingSize(text, system), 'blank.length', 'inside diameter', 'mm', context.report);
  if (!inside) return null;
  const wire = context.thickness;
  const outside = acrossMm + wire.value;
  const how = `π × (${inSum(inside.value)} + ${inSum(acrossMm)} + ${inSum(wire.value)})`;
  return computed('length of the twist', Math.PI * (inside.value + outside), 'mm', how, [inside, wire]);
}

function inAll(turns: Figure, per: '' | 'cm' | 'in', length: Figure): Figure {
  if (per === '') return turns;
  const unit = given(`mm in 1 ${per}`, per === 'cm' ? 10 : MM_PER_INCH, 'mm', 'the unit');
  const how = `${inSum(turns.value)} × ${inSum(length.value)} ÷ ${inSum(unit.value)}`;
  return computed('turns', (turns.value * length.value) / unit.value, '', how, [turns, length, unit]);
}
