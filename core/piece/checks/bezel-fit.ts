// Check: the height of a bezel against its stone, and a thin bezel wall on a thick base.
import { TURN_OVER_MM } from '../../blank/rules/bezel.ts';
import { inSum } from '../../figure/figure.ts';
import { girdleMm } from '../compute-recipe.ts';
import { type Check, type CheckContext, type CheckFinding, withRow } from './check-context.ts';

/** A lower rim above the girdle does not hold the stone; a higher one hides it, mm (common practice). */
const LEAST_OVER_MM = 0.3;
const MOST_OVER_MM = 1.5;
const THIN_WALL_MM = 0.25;
const THICKER_BASE = 2.5;

/** The check `bezel-fit`. */
export const bezelFit: Check = {
  name: 'bezel-fit',
  isSizeDependent: true,
  why: 'Too low and the stone falls out, too high and it cannot be seen; a thin wall melts before a thick base is hot.',
  check: (context) =>
    context.parts.flatMap(({ part, computation: { section } }): CheckFinding[] => {
      if (part.blank.rule !== 'bezel' || section?.form !== 'strip') return [];
      const { stone } = part.blank;
      const finding = context.piece.findings.find(({ id }) => id === stone);
      const girdle = finding ? girdleMm(finding) : null;
      const found: CheckFinding[] = [];
      // In whole micrometres: 2.3 − 2 mm is enough where 0.3 mm is needed.
      const over = girdle === null ? null : Math.round((section.widthMm - girdle) * 1000) / 1000;
      if (girdle !== null && over !== null && (over < LEAST_OVER_MM || over > MOST_OVER_MM)) {
        const right = `${inSum(girdle + TURN_OVER_MM)} mm`;
        const name = part.name.trim() || 'The bezel';
        found.push({
          severity: 'warn',
          about: part.id,
          sentence:
            over < LEAST_OVER_MM
              ? `${name}: ${inSum(section.widthMm)} mm high, girdle of ${context.nameOf(stone)} at ${inSum(girdle)} mm. Too low to turn over. Use about ${right}.`
              : `${name}: ${inSum(section.widthMm)} mm high, girdle of ${context.nameOf(stone)} at ${inSum(girdle)} mm. It hides the stone. Use about ${right}.`,
          remedy: {
            says: `Make it ${right}`,
            apply: withRow('parts', part.id, (row) =>
              'section' in row && row.section.form === 'strip' ? { section: { ...row.section, width: right } } : {},
            ),
          },
        });
      }
      return [...found, ...thinOnThick(context, part.id, section.thicknessMm)];
    }),
};

function thinOnThick(context: CheckContext, id: string, wallMm: number): CheckFinding[] {
  if (wallMm >= THIN_WALL_MM) return [];
  const joined = context.joins
    .filter(({ join }) => join.kind === 'solder' && context.membersOf(join).includes(id))
    .flatMap(({ join }) => context.membersOf(join));
  const base = joined.find((other) => {
    const section = context.part(other)?.computation.section;
    return other !== id && section?.form === 'sheet' && section.thicknessMm > THICKER_BASE * wallMm;
  });
  if (!base) return [];
  return [
    {
      severity: 'note',
      about: id,
      sentence: `${context.nameOf(id)}: ${inSum(wallMm)} mm thin, on a much thicker base: ${context.nameOf(base)}. Heat the base from below, and the wall last.`,
    },
  ];
}
