// Check: iron or steel in the pickle.
import { type Check, type CheckFinding, withRow } from './check-context.ts';

/** The check `steel-pickle`. */
export const steelPickle: Check = {
  name: 'steel-pickle',
  why: 'Iron in the pickle plates copper on everything that is in it, then and later.',
  check: (context) =>
    context.stepsOf('pickle').flatMap(({ step }): CheckFinding[] => {
      const steel = [...context.touched(step)].find((id) => isSteel(context.alloyOf(id)?.family) && isThere(id));
      if (!steel) return [];
      return [
        {
          severity: 'stop',
          about: step.id,
          sentence: `${context.nameOf(steel)}: steel, in the pickle here. Brush or blast it clean instead, or join it after.`,
          remedy: {
            says: 'Brush it clean instead',
            apply: withRow('steps', step.id, () => ({
              name: 'Brush clean, no pickle',
              kind: 'brush' as const,
              station: 'motor',
              unattended: '',
              byHand: true,
            })),
          },
        },
      ];

      // A part that is only riveted, linked or set on comes after the pickle, unless the step names it.
      function isThere(id: string): boolean {
        if (step.of) return true;
        const joins = context.joins.filter(({ join }) => context.membersOf(join).includes(id));
        const isPart = context.piece.parts.some((part) => part.id === id);
        return joins.length === 0 ? isPart : joins.some(({ join }) => join.kind === 'solder' || join.kind === 'fuse');
      }
    }),
};

function isSteel(family: string | undefined): boolean {
  return family === 'steel' || family === 'stainless-steel';
}
