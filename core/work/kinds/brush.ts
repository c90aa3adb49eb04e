// Work: brushing clean.
import type { WorkKind } from '../work-kind.ts';

/** Brushing clean. */
export const brushWork = {
  kind: 'brush',
  name: 'brushing clean',
  verb: 'Brush',
  pattern: /brush|rub(?:bed)? back|scratch/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '2', each: '1' },
  station: 'motor',
  again: '',
  lost: '',
  place: 'finish',
  offered: true,
  needs: [],
  brings: [],
  uses: [],
  cautions: ['motor'],
  inspect: '',
} as const satisfies WorkKind;
