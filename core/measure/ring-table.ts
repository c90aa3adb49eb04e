// A table of ring sizes on all scales, by US half sizes.
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { ringInsideMm, ringSizeOf, ringSizeText } from './ring-size.ts';

/** One inside diameter on every scale. */
export interface RingRow {
  readonly us: string;
  readonly uk: string;
  readonly iso: Figure;
  readonly jp: string;
  readonly inside: Figure;
}

const SMALLEST = 1;
const LARGEST = 15;

/** US sizes 1 to 15 by halves, with the nearest half letter and quarter size of the other scales. */
export function ringTable(): RingRow[] {
  return Array.from({ length: (LARGEST - SMALLEST) * 2 + 1 }, (_, index) => {
    const size = SMALLEST + index / 2;
    const us = given('US size', size, '', 'US scale');
    const mm = ringInsideMm('us', size);
    const inside = computed('inside diameter', mm, 'mm', `(0.458 + 0.032 × ${inSum(size)}) × 25.4`, [us]);
    const jp = ringSizeOf('jp', mm);
    return {
      us: ringSizeText('us', size),
      uk: ringSizeText('uk', ringSizeOf('uk', mm)),
      iso: computed('ISO, inside circumference', ringSizeOf('iso', mm), 'mm', `π × ${inSum(mm)}`, [inside]),
      jp: jp >= 1 ? ringSizeText('jp', jp) : '',
      inside,
    };
  });
}
