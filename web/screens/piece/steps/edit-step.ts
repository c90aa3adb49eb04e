// How the rows and folds of steps change a step.
import type { Step } from '../../../../core/piece/step.ts';

/** Changes one step; for the blank row it is added first. @param field  what is touched, for undo; '' is a step of its own */
export type EditStep = (index: number, step: Step, field: string, change: Partial<Omit<Step, 'id'>>) => void;
