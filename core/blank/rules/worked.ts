// Stock that is forged, rolled or drawn to another section of the same volume.
import { computed, inSum } from '../../figure/figure.ts';
import { type LongSection, sectionArea } from '../../stock/section.ts';
import { blankRule, lengthBlank, measuresSchema } from '../blank-rule.ts';
import { workedLengthMm } from '../lengths/worked-length.ts';

/** The blank rule `worked`. */
export const worked = blankRule({
  /** The finished measures; a blank thickness makes it round. */
  schema: measuresSchema('worked', 'length', 'width', 'thickness'),
  name: 'forged or rolled',
  forms: ['round', 'square', 'strip'],
  fresh: { rule: 'worked', length: '', width: '', thickness: '' },
  main: 'length',
  fields: { length: { word: 'long' }, width: { word: 'wide' }, thickness: { word: 'thick', blank: 'round' } },
  forming: 'Forge',
  read(typed, context) {
    const { stock } = context;
    const length = context.length('length', typed.length, 'length when worked');
    const width = context.length('width', typed.width, 'width when worked');
    const isRound = typed.thickness.trim() === '';
    const thickness = isRound ? null : context.length('thickness', typed.thickness, 'thickness when worked');
    if (!length || !width || (!isRound && !thickness) || !stock) return null;
    const section: LongSection = thickness
      ? { form: 'strip', widthMm: width.value, thicknessMm: thickness.value }
      : { form: 'round', diameterMm: width.value };
    const [after, before] = [sectionArea(section), sectionArea(stock.section as LongSection)];
    const start = workedLengthMm(length.value, after.mm2, before.mm2);
    const how = `${after.how} × ${inSum(length.value)} ÷ (${before.how})`;
    const from = [length, width, ...(thickness ? [thickness] : []), ...Object.values(stock.sizes)];
    return lengthBlank(computed('length before it is worked', start, 'mm', how, from));
  },
});
