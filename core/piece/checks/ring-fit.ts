// Check: jump rings close well, let their neighbours pass, and fit the hole they hang in.
import { aspectRatio, goodAspect } from '../../blank/jump-ring.ts';
import { inSum } from '../../figure/figure.ts';
import { readLength } from '../../measure/read/read-length.ts';
import { bendMm } from '../../stock/section.ts';
import type { PartComputation } from '../compute-part.ts';
import type { Part } from '../part.ts';
import { type Check, type CheckContext, type CheckFinding, withRow } from './check-context.ts';

/** The check `ring-fit`. */
export const ringFit: Check = {
  name: 'ring-fit',
  isSizeDependent: true,
  why: 'A ring too small for its wire does not close, one too large opens again; one that cannot pass cannot be put on.',
  check: (context) =>
    context.parts.flatMap(({ part, computation }) =>
      ringOf(part, computation).flatMap((ring) => remarks(context, ring)),
    ),
};

interface Ring {
  readonly part: Part;
  readonly insideMm: number;
  readonly wireMm: number;
}

function ringOf(part: Part, { section }: PartComputation): Ring[] {
  const { blank } = part;
  if ((blank.rule !== 'jump-ring' && blank.rule !== 'chain') || !section) return [];
  const inside = readLength(blank.inside, { what: 'inside diameter' });
  return inside.ok ? [{ part, insideMm: inside.value, wireMm: bendMm(section) }] : [];
}

function remarks(context: CheckContext, ring: Ring): CheckFinding[] {
  return [...shape(context, ring), ...passing(ring), ...neighbours(context, ring)];
}

function shape(context: CheckContext, { part, insideMm, wireMm }: Ring): CheckFinding[] {
  const aspect = aspectRatio(insideMm, wireMm);
  const name = part.name.trim() || 'The ring';
  const is = `${name}: aspect ratio ${inSum(Number(aspect.toPrecision(3)))}`;
  if (aspect < goodAspect[0])
    return [
      {
        severity: 'warn',
        about: part.id,
        sentence: `${is}. Below about ${inSum(goodAspect[0])} a ring will not close well. Use thinner wire or a larger ring.`,
      },
    ];
  const isShut = context.joins.some(
    ({ join }) => (join.kind === 'solder' || join.kind === 'fuse') && context.membersOf(join).includes(part.id),
  );
  if (aspect > goodAspect[1] && !isShut)
    return [
      {
        severity: 'warn',
        about: part.id,
        sentence: `${is}. Above about ${inSum(goodAspect[1])} an unsoldered ring is weak. Solder it, or use thicker wire.`,
      },
    ];
  return [];
}

function passing({ part, insideMm }: Ring): CheckFinding[] {
  if (part.blank.rule !== 'jump-ring' || !part.blank.passes.trim()) return [];
  const passes = readLength(part.blank.passes, { what: 'thing it lets through' });
  if (!passes.ok || insideMm > passes.value) return [];
  return [
    {
      severity: 'warn',
      about: part.id,
      sentence: `${part.name.trim() || 'The ring'}: ${inSum(insideMm)} mm inside, and ${inSum(passes.value)} mm must pass. Make it larger.`,
    },
  ];
}

function neighbours(context: CheckContext, { part, insideMm, wireMm }: Ring): CheckFinding[] {
  const linked = context.joins
    .filter(({ join }) => join.kind === 'link' && context.membersOf(join).includes(part.id))
    .flatMap(({ join }) => context.membersOf(join).filter((id) => id !== part.id));
  return [...new Set(linked)].flatMap((id): CheckFinding[] => {
    const other = context.part(id);
    if (!other) return [];
    const { hole, section } = other.computation;
    const ring = part.name.trim() || 'The ring';
    const name = context.nameOf(id);
    if (hole !== null && hole <= wireMm)
      return [
        {
          severity: 'warn',
          about: id,
          sentence: `The hole in ${name} (${inSum(hole)} mm) is no larger than the wire of ${ring} (${inSum(wireMm)} mm). Drill it larger.`,
          remedy: {
            says: `Drill ${inSum(roomyHoleMm(wireMm))} mm`,
            apply: withRow('parts', id, () => ({ hole: `${inSum(roomyHoleMm(wireMm))} mm` })),
          },
        },
      ];
    // A ring passes through a hole; round anything else it must reach.
    const across = hole === null && section && section.form !== 'sheet' ? bendMm(section) : 0;
    if (across > 0 && insideMm <= across)
      return [
        {
          severity: 'warn',
          about: part.id,
          sentence: `${ring}: ${inSum(insideMm)} mm inside, too small to go round ${name} (${inSum(across)} mm). Make it larger.`,
        },
      ];
    return [];
  });
}

// A fifth more than the wire, to the next tenth of a millimetre (common practice).
function roomyHoleMm(wireMm: number): number {
  return Math.ceil(wireMm * 12 - 1e-9) / 10;
}
