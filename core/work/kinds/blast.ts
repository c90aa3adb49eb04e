// Work: blasting.
import type { WorkKind } from '../work-kind.ts';

/** Blasting. */
export const blastWork = {
  kind: 'blast',
  name: 'blasting',
  verb: 'Blast',
  pattern: /blast/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '2', each: '2' },
  station: 'cabinet',
  again: '',
  lost: '',
  place: 'finish',
  needs: [],
  brings: [],
  uses: ['abrasive'],
  cautions: ['dust'],
  inspect: '',
} as const satisfies WorkKind;
