// A disc of sheet.
import { blankRule, measuresSchema, wholeBlank } from '../blank-rule.ts';

/** The blank rule `disc`. */
export const disc = blankRule({
  schema: measuresSchema('disc', 'diameter'),
  name: 'disc',
  forms: ['sheet'],
  fresh: { rule: 'disc', diameter: '' },
  main: 'diameter',
  fields: {},
  read(typed, context) {
    const diameter = context.length('diameter', typed.diameter, 'diameter');
    return diameter && wholeBlank({ kind: 'disc', diameter });
  },
});
