// Check: platinum that shares solder, pickle or tools with other metals.
import type { StepKind } from '../step.ts';
import type { Check, CheckFinding } from './check-context.ts';

/** The check `platinum-apart`. */
export const platinumApart: Check = {
  name: 'platinum-apart',
  why: 'Traces of silver, gold or solder alloy into hot platinum and crack it; its filings are lost among others.',
  check: (context) => {
    const isPlatinum = (id: string) => context.alloyOf(id)?.family === 'platinum';
    const isOther = (id: string) => {
      const alloy = context.alloyOf(id);
      return alloy !== null && alloy.family !== 'platinum';
    };
    const soldered = context.joins.flatMap(({ join, computation: { solder } }): CheckFinding[] => {
      const platinum = context.membersOf(join).find(isPlatinum);
      if (!platinum || !solder || solder.family === 'platinum') return [];
      return [
        {
          severity: 'warn',
          about: join.id,
          sentence: `${context.nameOf(platinum)}: platinum, joined with ${lower(solder.name)}. Use platinum solder, or join it last and cold.`,
        },
      ];
    });
    const mixed = (kinds: readonly StepKind[], says: (name: string) => string): CheckFinding[] => {
      const step = context.stepsOf(...kinds).find(({ step: each }) => {
        const touched = [...context.touched(each)];
        return touched.some(isPlatinum) && touched.some(isOther);
      })?.step;
      const name = step && context.nameOf([...context.touched(step)].find(isPlatinum) ?? '');
      return step && name ? [{ severity: 'warn', about: step.id, sentence: says(name) }] : [];
    };
    return [
      ...soldered,
      ...mixed(
        ['pickle'],
        (name) => `${name}: platinum, pickled with other metals. Pickle it separately, in alum, or not at all.`,
      ),
      ...mixed(
        ['file', 'sand', 'polish'],
        (name) =>
          `${name}: platinum, finished beside other metals. Keep files, papers and mops for it alone, and its filings apart.`,
      ),
    ];
  },
};

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
