// The flat disc for a dome.
import { computed, inSum } from '../../figure/figure.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/**
 * Flat disc for a dome, of equal area: the metal is not stretched.
 * @param acrossMm  diameter of the dome at its rim, mm
 * @param heightMm  of the dome, mm
 * @returns mm, √(D² + 4h²)
 * @throws RangeError for a dome higher than half its width, which is no cap any more
 */
export function domeDiscMm(acrossMm: number, heightMm: number): number {
  if (heightMm > acrossMm / 2) throw new RangeError('A dome is at most half as high as it is across.');
  return Math.sqrt(acrossMm ** 2 + 4 * heightMm ** 2);
}

/** The blank rule `dome`. */
export const dome = blankRule({
  schema: measuresSchema('dome', 'across', 'height'),
  name: 'disc for a dome',
  forms: ['sheet'],
  fresh: { rule: 'dome', across: '', height: '' },
  main: 'across',
  fields: { across: { word: 'across' }, height: { word: 'high' } },
  forming: 'Dome',
  read(typed, context) {
    const across = context.length('across', typed.across, 'width of the dome');
    const height = context.length('height', typed.height, 'height of the dome');
    if (!across || !height) return null;
    const flat = reportedFormula(() => domeDiscMm(across.value, height.value), 'blank.height', context.report);
    if (flat === null) return null;
    const how = `√(${inSum(across.value)}² + 4 × ${inSum(height.value)}²)`;
    return wholeBlank({ kind: 'disc', diameter: computed('flat disc of the dome', flat, 'mm', how, [across, height]) });
  },
});
