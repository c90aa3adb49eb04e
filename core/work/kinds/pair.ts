// Work: pairing.
import type { WorkKind } from '../work-kind.ts';

/** Pairing. */
export const pairWork = {
  kind: 'pair',
  name: 'pairing',
  verb: 'Match',
  pattern: /\bpair\b|match/i,
  on: ['piece'],
  driver: 'piece',
  start: { setUp: '1', each: '0.5' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'end',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'same size, texture and hang',
} as const satisfies WorkKind;
