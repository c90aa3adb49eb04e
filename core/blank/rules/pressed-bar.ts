// Heavy wire or bar bent to the outline of a die and pressed: as much metal as the pressed form, with an excess.
import { computed, inSum } from '../../figure/figure.ts';
import { readShare } from '../../measure/read/read-number.ts';
import { reported } from '../../measure/read/reported.ts';
import { type LongSection, sectionArea } from '../../stock/section.ts';
import { blankRule, measuresSchema } from '../blank-rule.ts';

/**
 * Wire for a pressed form, by constant volume.
 * @param excess  share that is squeezed out and trimmed between the pressings, 0 or more
 * @returns mm
 */
export function pressedBarMm(
  widthMm: number,
  lengthMm: number,
  thickMm: number,
  excess: number,
  areaMm2: number,
): number {
  return (widthMm * lengthMm * thickMm * (1 + excess)) / areaMm2;
}

/** The blank rule `pressed-bar`. */
export const pressedBar = blankRule({
  schema: measuresSchema('pressed-bar', 'width', 'length', 'thick', 'depth', 'excess', 'pressings'),
  name: 'bar pressed in a die',
  forms: ['round', 'square', 'strip', 'half-round', 'd', 'triangle', 'oval'],
  fresh: { rule: 'pressed-bar', width: '', length: '', thick: '', depth: '', excess: '15 %', pressings: '2' },
  main: 'length',
  fields: {
    width: { word: 'by' },
    thick: { word: 'thick' },
    depth: { word: 'deep' },
    excess: { word: 'excess', blank: '0' },
    pressings: { word: 'pressings', isCount: true, blank: '2' },
  },
  forming: 'Press',
  read(typed, context) {
    const width = context.length('width', typed.width, 'width');
    const length = context.length('length', typed.length, 'length');
    const thick = context.length('thick', typed.thick, 'thickness when pressed');
    if (typed.depth.trim()) context.length('depth', typed.depth, 'depth of the die');
    context.count('pressings', typed.pressings || '2', 'pressings');
    const excess = reported(readShare(typed.excess || '0 %', 'excess'), 'blank.excess', 'excess', '', context.report);
    if (!width || !length || !thick || !excess || !context.stock) return null;
    const area = sectionArea(context.stock.section as LongSection);
    const from = [width, length, thick, excess, ...Object.values(context.stock.sizes)];
    const form = `${inSum(width.value)} × ${inSum(length.value)} × ${inSum(thick.value)}`;
    const lengthOf = (label: string, share: number) =>
      computed(
        label,
        pressedBarMm(width.value, length.value, thick.value, share, area.mm2),
        'mm',
        share > 0 ? `${form} × (1 + ${inSum(share)}) ÷ (${area.how})` : `${form} ÷ (${area.how})`,
        from,
      );
    return {
      cut: { kind: 'length', length: lengthOf('bar to cut', excess.value) },
      net: { kind: 'length', length: lengthOf('bar that stays', 0) },
      times: null,
      cuts: 1,
    };
  },
});
