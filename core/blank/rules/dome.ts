// The flat disc for a dome.
import { computed, inSum } from '../../figure/figure.ts';
import { reportedFormula } from '../../measure/read/reported.ts';
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';
import { domeDiscMm } from '../lengths/dome-disc.ts';

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
