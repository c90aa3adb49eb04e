// Check: metal that is textured, rolled or stamped without an anneal before it.
import { annealFirst, type Check, type CheckFinding } from './check-context.ts';

/** The check `texture-soft`. */
export const textureSoft: Check = {
  name: 'texture-soft',
  why: 'Hard metal takes a shallow pattern, curls, and cracks at the edges. Anneal before, flatten after.',
  check: (context) =>
    context.stepsOf('texture', 'roll', 'stamp').flatMap(({ step, index }): CheckFinding[] => {
      const hard = context.parts.find(
        ({ part }) => part.temper !== 'soft' && step.of !== '' && context.reaches(step, part.id),
      );
      if (!hard) return [];
      const annealed = context
        .stepsOf('anneal')
        .some((other) => other.index < index && context.reaches(other.step, hard.part.id));
      if (annealed) return [];
      return [
        {
          severity: 'note',
          about: step.id,
          sentence: `${step.name.trim() || 'This step'}: anneal first, unless the stock is soft.`,
          remedy: annealFirst(hard.part.id),
        },
      ];
    }),
};
