// Work: waxing.
import type { WorkKind } from '../work-kind.ts';

/** Waxing. */
export const waxWork = {
  kind: 'wax',
  name: 'waxing',
  verb: 'Wax',
  pattern: /\bwax|lacquer|\boil the|\boil and/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '2', each: '1' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'end',
  offered: true,
  needs: ['clean'],
  brings: [],
  uses: ['wax'],
  cautions: [],
  inspect: '',
} as const satisfies WorkKind;
