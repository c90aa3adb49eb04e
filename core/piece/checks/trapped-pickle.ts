// Check: a hollow or hinged part that goes into the pickle and is not neutralised afterwards.
import { isHollow } from '../hollow.ts';
import { type Check, type CheckFinding, withStepAfter } from './check-context.ts';

/** The check `trapped-pickle`. */
export const trappedPickle: Check = {
  name: 'trapped-pickle',
  why: 'Acid stays in hollows and in the bore of a hinge; it eats the joints and weeps onto the finish.',
  check: (context) => {
    const { groups, parts } = context.piece;
    const hollow = (id: string) => {
      const part = parts.find((each) => each.id === id);
      return part?.blank.rule === 'knuckles' || groups.some((group) => group.id === part?.group && isHollow(group));
    };
    const pickles = context.stepsOf('pickle');
    return pickles.flatMap(({ step, index }): CheckFinding[] => {
      const trapping = [...context.touched(step)].find(hollow);
      if (!trapping) return [];
      // Once is enough: after the last pickle that takes it.
      const isLast = !pickles.some((other) => other.index > index && context.touched(other.step).has(trapping));
      const flushed = context.stepsOf('neutralise').some((other) => other.index > index);
      if (flushed || !isLast) return [];
      return [
        {
          severity: 'warn',
          about: step.id,
          sentence: `${context.nameOf(trapping)}: pickle stays inside. Flush it and boil it out in bicarbonate after this step.`,
          remedy: {
            says: 'Add the step',
            apply: withStepAfter(step.id, 'Flush, boil out in bicarbonate', {
              kind: 'neutralise',
              station: 'sink',
              setUp: '3',
              unattended: '5',
              of: step.of,
            }),
          },
        },
      ];
    });
  },
};
