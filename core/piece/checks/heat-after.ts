// Check: heat after stones, patina or plating; polishing before the last heat; texture polished away.
import { isHeat, type Step, type StepKind } from '../step.ts';
import { type Check, type CheckContext, type CheckFinding, withStepBefore } from './check-context.ts';

const spoilt = {
  set: 'the stones are set',
  patina: 'the patina is on',
  plate: 'it is plated',
} as const satisfies Partial<Record<StepKind, string>>;

/** The check `heat-after`. */
export const heatAfter: Check = {
  name: 'heat-after',
  why: 'Heat cracks stones and burns off patina and plating; a polish before it is done again after.',
  check: (context) => [...afterFinish(context), ...wastedPolish(context), ...polishedAway(context)],
};

function heats(context: CheckContext) {
  return context.steps.filter(({ kind }) => isHeat(kind));
}

function afterFinish(context: CheckContext): CheckFinding[] {
  return heats(context).flatMap(({ step, index }): CheckFinding[] => {
    const earlier = context
      .stepsOf('set', 'patina', 'plate')
      .find((other) => other.index < index && overlap(context, other.step, step));
    if (!earlier) return [];
    const done = spoilt[earlier.kind as keyof typeof spoilt];
    return [
      {
        severity: 'stop',
        about: step.id,
        sentence: `${step.name.trim() || 'This step'}: heat after ${done}. Do all heat before it.`,
        remedy: {
          says: `Move it before “${earlier.step.name.trim()}”`,
          apply: withStepBefore(step.id, earlier.step.id),
        },
      },
    ];
  });
}

function wastedPolish(context: CheckContext): CheckFinding[] {
  const lastHeat = heats(context).at(-1);
  if (!lastHeat) return [];
  return context
    .stepsOf('polish')
    .filter(({ step, index }) => index < lastHeat.index && overlap(context, step, lastHeat.step))
    .map(({ step }) => ({
      severity: 'note',
      about: step.id,
      sentence: `${step.name.trim() || 'The polish'}: before the last heat, which spoils it. A sanding does here.`,
    }));
}

function polishedAway(context: CheckContext): CheckFinding[] {
  const [texture] = context.stepsOf('texture');
  const knuckles = context.piece.parts.find(({ blank }) => blank.rule === 'knuckles');
  return context.stepsOf('polish', 'tumble').flatMap(({ step, index }): CheckFinding[] => {
    const crisp = texture && texture.index < index && overlap(context, texture.step, step);
    const hinged = knuckles && context.reaches(step, knuckles.id);
    if (!crisp && !hinged) return [];
    const what = hinged ? 'the knuckles' : 'the texture';
    return [
      { severity: 'note', about: step.id, sentence: `Go lightly over ${what}: polished hard the edges round off.` },
    ];
  });
}

function overlap(context: CheckContext, a: Pick<Step, 'of' | 'also'>, b: Pick<Step, 'of' | 'also'>): boolean {
  const touched = context.touched(a);
  return [...context.touched(b)].some((id) => touched.has(id)) || (touched.size === 0 && context.touched(b).size === 0);
}
