// Check: cut ends that touch the skin.
import { type Check, type CheckFinding, withStepAfter } from './check-context.ts';

/** The check `sharp-ends`. */
export const sharpEnds: Check = {
  name: 'sharp-ends',
  why: 'A nipped end is sharp: it scratches an ear and catches cloth.',
  check: (context) =>
    context.parts.flatMap(({ part }): CheckFinding[] => {
      if (!part.endsTouchSkin || part.bought) return [];
      if (context.stepsOf('round-ends').some(({ step }) => context.reaches(step, part.id))) return [];
      return [
        {
          severity: 'warn',
          about: part.id,
          sentence: `${part.name.trim() || 'This part'}: cut ends are worn against skin, and no step rounds them.`,
          remedy: {
            says: 'Add the step',
            apply: withStepAfter(null, 'Round the ends', {
              kind: 'round-ends',
              station: 'bench',
              each: '1',
              of: part.id,
            }),
          },
        },
      ];
    }),
};
