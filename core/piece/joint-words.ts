// The solder of a join in words: how many joints, and what is laid at each.
import { showValue } from '../figure/show.ts';
import { countedNoun } from '../format/variants.ts';
import { pallionsAlong } from '../metal/solder-mass.ts';
import type { JoinComputation } from './compute-join.ts';
import type { Join } from './join.ts';

/** `3 joints per piece, 2 pallions each`; '' where nothing is to say. */
export function jointInWords(join: Join, computation: JoinComputation | undefined): string {
  const joints = computation && computation.joints > 0 ? `${countedNoun(computation.joints, 'joint')} per piece` : '';
  const amount = computation?.solder ? solderAt(join, computation) : '';
  return [joints, joints && amount].filter(Boolean).join(', ');
}

// What is laid at one joint.
function solderAt({ form, amount }: Join, { seamMm, joints }: JoinComputation): string {
  const count = Number(amount.trim());
  const seam = `${showValue(seamMm / Math.max(1, joints), 'mm')} mm of seam`;
  switch (form) {
    case 'snippets':
      return `${Number.isInteger(count) ? countedNoun(count, 'pallion') : `${amount.trim()} pallions`} each`;
    case 'seam':
      return `strip solder along ${seam}`;
    case 'seam-snippets':
      return `${countedNoun(pallionsAlong(seamMm / Math.max(1, joints)), 'pallion')} along ${seam}`;
    case 'beads':
      return `paste dots ${amount.trim()}`;
    case 'sweat':
      return `sweat soldered, ${amount.trim()}`;
  }
}
