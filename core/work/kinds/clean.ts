// Work: cleaning.
import type { WorkKind } from '../work-kind.ts';

/** Cleaning. */
export const cleanWork = {
  kind: 'clean',
  name: 'cleaning',
  verb: 'Clean',
  pattern: /degrease|\bclean\b|ultrasonic|wash|rinse|^dry\b/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '2', each: '0.3' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'finish',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: '',
} as const satisfies WorkKind;
