// Wrapped or woven links of a measured pitch, each of a measured length of wire.
import { computed, inSum } from '../../figure/figure.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { linksOfPitch } from '../lengths/woven-links.ts';

/** The blank rule `woven`. */
export const woven = blankRule({
  schema: measuresSchema('woven', 'length', 'pitch', 'each'),
  name: 'woven links',
  forms: ['round', 'square', 'strip'],
  fresh: { rule: 'woven', length: '', pitch: '', each: '' },
  main: 'length',
  fields: { length: { word: 'long' }, pitch: { word: 'pitch' }, each: { word: 'a link' } },
  forming: 'Form links for',
  read(typed, context) {
    const length = context.length('length', typed.length, 'length of chain');
    const pitch = context.length('pitch', typed.pitch, 'pitch of a link');
    const each = context.length('each', typed.each, 'wire for a link');
    if (!length || !pitch || !each) return null;
    const how = `${inSum(length.value)} ÷ ${inSum(pitch.value)}, rounded up`;
    const times = computed('links', linksOfPitch(length.value, pitch.value), '', how, [length, pitch]);
    return lengthBlank(each, { times });
  },
});
