// From a blank back to what it makes: the ring size or the bangle of a length that is cut already.
import { computed, type Figure, inSum } from '../../figure/figure.ts';
import { NotEnough, type Slots } from '../slots.ts';

/** Whether a question starts from a blank: `ring from a 58 mm blank, 2 mm thick`. */
export function isFromBlank({ question }: Slots): boolean {
  return /\bfrom\b.*\bblank\b/i.test(question.line);
}

/**
 * Inside diameter that a blank makes when it is closed: its length ÷ π less its thickness.
 * @throws NotEnough without both measures, or when the blank is too short for its thickness
 */
export function insideOfBlank(slots: Slots, example: string): Figure {
  const thick = slots.take('thick', 'thickness') ?? slots.take('wire', 'thickness') ?? slots.thin('thickness', 'round');
  const length = slots.take('long', 'length of the blank') ?? slots.next('length of the blank');
  if (!length || !thick) throw new NotEnough('Give the length of the blank and its thickness.', example);
  const inside = length.value / Math.PI - thick.value;
  if (!(inside > 0)) throw new NotEnough('This blank is too short to close. Check the length.', example);
  const how = `${inSum(length.value)} ÷ π − ${inSum(thick.value)}`;
  return computed('inside diameter', inside, 'mm', how, [length, thick]);
}
