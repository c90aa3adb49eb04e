// Check: metal worked too far without an anneal, or bent while it is spring hard.
import { blankRuleOf } from '../../blank/blank.ts';
import { inSum } from '../../figure/figure.ts';
import type { Section } from '../../stock/section.ts';
import { forgingOf } from '../forging.ts';
import type { Part } from '../part.ts';
import { annealFirst, type Check, type CheckContext, type CheckFinding } from './check-context.ts';

/** The check `forming`. */
export const forming: Check = {
  name: 'forming',
  isSizeDependent: true,
  why: 'Worked metal hardens and then cracks; hard wire springs open off its mandrel, so the ring comes out large.',
  check: (context) =>
    context.parts.flatMap(({ part, computation: { section } }): CheckFinding[] => [
      ...overworked(context, part, section),
      ...(part.temper === 'hard' && blankRuleOf(part.blank.rule).springsBack && !isAnnealed(context, part)
        ? [
            {
              severity: 'warn' as const,
              about: part.id,
              sentence: `${part.name.trim() || 'The wire'}: spring hard and wound, so it opens again. Anneal it, or use a smaller mandrel and wind a trial.`,
              remedy: annealFirst(part.id),
            },
          ]
        : []),
    ]),
};

function overworked(context: CheckContext, part: Part, section: Section | null): CheckFinding[] {
  const forging = forgingOf(part, section);
  if (!forging) return [];
  const { taken, anneals: needed } = forging;
  const anneals = context.stepsOf('anneal').filter(({ step }) => context.reaches(step, part.id)).length;
  if (needed === 0 || anneals >= needed) return [];
  const has = anneals === 0 ? 'no anneal' : `${inSum(anneals)} of ${inSum(needed)} anneals`;
  return [
    {
      severity: 'warn',
      about: part.id,
      sentence: `${part.name.trim() || 'The part'}: reduced by ${inSum(Math.round(taken * 100))} %, with ${has} between. Anneal about every 50 %.`,
      remedy: annealFirst(part.id, anneals > 0),
    },
  ];
}

// An anneal of it before it is wound or bent.
function isAnnealed(context: CheckContext, { id }: Part): boolean {
  const bent = context.stepsOf('form', 'wind', 'wrap', 'twist').find(({ step }) => context.reaches(step, id));
  return context
    .stepsOf('anneal')
    .some(({ step, index }) => context.reaches(step, id) && (!bent || index < bent.index));
}
