// The strand of a twist; the length is that of the finished twist.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';

/**
 * How much longer a strand has to be cut than the twist it makes.
 * @param pitchDiameterMm  of the helix the strand's centre runs on, mm: for two strands one strand's diameter
 * @param turnsPerMm       turns in a millimetre of the finished twist
 * @returns a factor, 1 or more: √(1 + (π × pitch diameter × turns per length)²)
 */
export function twistTakeUp(pitchDiameterMm: number, turnsPerMm: number): number {
  return Math.hypot(1, Math.PI * pitchDiameterMm * turnsPerMm);
}

/** Diameter of the circle the strands' centres lie on, strands touching: d / sin(π/n). @returns mm */
export function pitchDiameterMm(strands: number, strandMm: number): number {
  return strandMm / Math.sin(Math.PI / strands);
}

/** The blank rule `twist`. */
export const twist = blankRule({
  schema: measuresSchema('twist', 'length', 'strands', 'turns'),
  name: 'strands of a twist',
  forms: ['round', 'square'],
  fresh: { rule: 'twist', length: '', strands: '2', turns: '' },
  main: 'length',
  fields: {
    length: { word: 'long' },
    strands: { word: 'strands', isCount: true },
    turns: { word: 'turns', isCount: true },
  },
  forming: 'Twist',
  read(typed, context) {
    const length = context.length('length', typed.length, 'length of the twist');
    const strands = context.count('strands', typed.strands, 'strands', 2);
    const turns = context.turns(typed.turns, '24');
    if (!length || !strands || !turns || !context.stock) return null;
    const wire = context.thickness;
    const across = pitchDiameterMm(strands.value, wire.value);
    const takeUp = twistTakeUp(across, turns.value / length.value);
    const how = `${inSum(length.value)} × √(1 + (π × ${inSum(across)} × ${inSum(turns.value)} ÷ ${inSum(length.value)})²)`;
    const strand = computed('a strand', length.value * takeUp, 'mm', how, [length, turns, wire]);
    return lengthBlank(strand, { times: strands });
  },
});
