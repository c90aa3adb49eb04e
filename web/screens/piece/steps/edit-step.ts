// How the rows and details of steps change a step.
import type { Step } from '../../../../core/piece/step.ts';

/** Changes one step; adds the blank row first. @param field  what is changed, for undo; '' is a step of its own */
export type EditStep = (index: number, step: Step, field: string, change: Partial<Omit<Step, 'id'>>) => void;
