// Work: sanding.
import type { WorkKind } from '../work-kind.ts';

/** Sanding. */
export const sandWork = {
  kind: 'sand',
  name: 'sanding',
  verb: 'Sand',
  pattern: /\bsand(?:ing)?\b|emery|pumice|grit|satin|matt?e? finish/i,
  on: ['part', 'group', 'piece'],
  driver: 'cm2',
  start: { setUp: '2', each: '0.25' },
  station: 'peg',
  again: '',
  lost: '',
  place: 'finish',
  needs: [],
  brings: [],
  uses: ['abrasive paper'],
  cautions: ['dust'],
  inspect: '',
} as const satisfies WorkKind;
