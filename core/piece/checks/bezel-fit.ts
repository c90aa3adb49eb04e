// Check: the height of a bezel against its stone, and a thin bezel wall on a thick base.
import { TURN_OVER_MM } from '../../blank/lengths/bezel-length.ts';
import { inSum } from '../../figure/figure.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { bendMm } from '../../stock/section.ts';
import { girdleMm } from '../compute-recipe.ts';
import type { Part } from '../part.ts';
import type { Finding } from '../piece.ts';
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
      if (part.blank.rule === 'ring-bezel') return heightOfRings(context, part.id);
      if (part.blank.rule !== 'bezel' || section?.form !== 'strip') return [];
      const finding = context.piece.findings.find(({ id }) => id === stoneOf(part.blank));
      const found = heightFindings(context, part.id, section.widthMm, finding, (right) => ({
        says: `Make it ${right}`,
        apply: withRow('parts', part.id, (row) =>
          'section' in row && row.section.form === 'strip' ? { section: { ...row.section, width: right } } : {},
        ),
      }));
      return [...found, ...thinOnThick(context, part.id, section.thicknessMm)];
    }),
};

const stoneOf = (blank: Part['blank']) => (blank.rule === 'bezel' ? blank.stone : '');

// Rings side by side round a stone stand as high as they are wide across the outside.
function heightOfRings(context: CheckContext, id: string): CheckFinding[] {
  const { part, computation } = context.part(id) ?? {};
  if (part?.blank.rule !== 'ring-bezel' || !computation?.section) return [];
  const inside = readLength(part.blank.inside, { what: 'inside of a ring' });
  const stones = context.piece.findings.filter(({ kind }) => kind === 'stone');
  // The stone that is set in it; else the only stone there is.
  const set = context.joins.find(({ join }) => join.kind === 'set' && context.membersOf(join).includes(id));
  const members = set ? context.membersOf(set.join) : [];
  const stone = stones.find((each) => members.includes(each.id)) ?? (stones.length === 1 ? stones[0] : undefined);
  if (!inside.ok) return [];
  const wireMm = bendMm(computation.section);
  return heightFindings(context, id, inside.value + 2 * wireMm, stone, (_, rightMm) => {
    const ring = `${inSum(Number((rightMm - 2 * wireMm).toFixed(2)))} mm`;
    return {
      says: `Make the rings ${ring} inside`,
      apply: withRow('parts', id, (row) =>
        'blank' in row && row.blank.rule === 'ring-bezel' ? { blank: { ...row.blank, inside: ring } } : {},
      ),
    };
  });
}

function heightFindings(
  context: CheckContext,
  id: string,
  highMm: number,
  stone: Finding | undefined,
  remedy: (right: string, rightMm: number) => NonNullable<CheckFinding['remedy']>,
): CheckFinding[] {
  const girdle = stone ? girdleMm(stone) : null;
  if (!stone || girdle === null) return [];
  // In whole micrometres: 2.3 − 2 mm is enough where 0.3 mm is needed.
  const over = Math.round((highMm - girdle) * 1000) / 1000;
  if (over >= LEAST_OVER_MM && over <= MOST_OVER_MM) return [];
  const rightMm = Number((girdle + TURN_OVER_MM).toFixed(2));
  const right = `${inSum(rightMm)} mm`;
  const measures = `${context.nameOf(id)}: ${inSum(Number(highMm.toFixed(2)))} mm high, girdle of ${context.nameOf(stone.id)} at ${inSum(girdle)} mm.`;
  return [
    {
      severity: 'warn',
      about: id,
      sentence: `${measures} ${over < LEAST_OVER_MM ? 'Too low to turn over.' : 'It hides the stone.'} Use about ${right}.`,
      remedy: remedy(right, rightMm),
    },
  ];
}

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
