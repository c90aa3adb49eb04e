// Check: a hinge has an odd number of knuckles and a pin that fits its bore.
import { inSum } from '../../figure/figure.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { readCount } from '../../measure/read/read-number.ts';
import { bendMm } from '../../stock/section.ts';
import { type Check, type CheckContext, type CheckFinding, withRow } from './check-context.ts';

/** A pin with more play in its bore rattles, mm (common practice). */
const SNUG_MM = 0.1;

/** The check `hinge`. */
export const hinge: Check = {
  name: 'hinge',
  isSizeDependent: true,
  why: 'With an even number one leaf has no outer knuckle and swings loose; a pin that is not snug wears the bore.',
  check: (context) =>
    context.parts.flatMap(({ part }) =>
      part.blank.rule === 'knuckles'
        ? [...odd(context, part.id), ...snug(context, part.id), ...leaves(context, part.id)]
        : [],
    ),
};

function odd(context: CheckContext, id: string): CheckFinding[] {
  const { blank } = context.part(id)?.part ?? {};
  if (blank?.rule !== 'knuckles') return [];
  const knuckles = readCount(blank.knuckles);
  if (!knuckles.ok || (knuckles.value % 2 === 1 && knuckles.value >= 3)) return [];
  const right = Math.max(3, knuckles.value + 1);
  return [
    {
      severity: 'stop',
      about: id,
      sentence: `A hinge takes an odd number of knuckles, 3 or more; ${context.nameOf(id)}: ${inSum(knuckles.value)}.`,
      remedy: {
        says: `Use ${String(right)}`,
        apply: withRow('parts', id, (row) =>
          'blank' in row && row.blank.rule === 'knuckles' ? { blank: { ...row.blank, knuckles: String(right) } } : {},
        ),
      },
    },
  ];
}

// The leaves are as wide as the hinge: knuckles for another width do not meet their edges.
function leaves(context: CheckContext, id: string): CheckFinding[] {
  const { blank } = context.part(id)?.part ?? {};
  if (blank?.rule !== 'knuckles') return [];
  const width = readLength(blank.width, { what: 'width' });
  if (!width.ok) return [];
  const joined = context.joins.filter(({ join }) => context.membersOf(join).includes(id));
  const leaf = joined
    .flatMap(({ join }) => context.membersOf(join))
    .find((other) => {
      const { blank: leafBlank } = context.part(other)?.computation ?? {};
      if (leafBlank?.kind !== 'rectangle') return false;
      return [leafBlank.width.value, leafBlank.length.value].every((side) => Math.abs(side - width.value) > LEAF_MM);
    });
  if (leaf === undefined) return [];
  return [
    {
      severity: 'warn',
      about: id,
      sentence: `${context.nameOf(id)}: for a hinge ${inSum(width.value)} mm wide, and no side of ${context.nameOf(leaf)} is as wide. Make them the same.`,
    },
  ];
}

/** How much wider a leaf may be than its hinge, mm. */
const LEAF_MM = 2.1;

function snug(context: CheckContext, id: string): CheckFinding[] {
  const section = context.part(id)?.computation.section;
  const pin = context.parts.find(({ part }) => part.blank.rule === 'hinge-pin');
  if (section?.form !== 'tube' || !pin?.computation.section) return [];
  const bore = section.outsideMm - 2 * section.wallMm;
  const across = bendMm(pin.computation.section);
  // In whole hundredths: a 0.9 mm pin fits a bore of 1.7 − 2 × 0.4 mm.
  const room = Math.round((bore - across) * 100) / 100;
  if (room >= 0 && room <= SNUG_MM) return [];
  const name = context.nameOf(pin.part.id);
  const sizes = `${name}: ${inSum(across)} mm; bore of ${context.nameOf(id)}: ${inSum(Number(bore.toFixed(3)))} mm`;
  return [
    {
      severity: 'stop',
      about: pin.part.id,
      sentence:
        room < 0
          ? `${sizes}. It does not go in. Use thinner wire or wider tube.`
          : `${sizes}. It rattles. Use thicker wire or narrower tube.`,
    },
  ];
}
