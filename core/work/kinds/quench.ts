// Work: quenching.
import type { WorkKind } from '../work-kind.ts';

/** Quenching. */
export const quenchWork = {
  kind: 'quench',
  name: 'quenching',
  verb: 'Quench',
  pattern: /quench/i,
  on: ['part', 'group', 'join', 'piece'],
  driver: 'piece',
  start: { setUp: '', each: '0.2' },
  station: 'torch',
  again: '',
  lost: '',
  place: 'after-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['red-hot', 'steam'],
  inspect: '',
} as const satisfies WorkKind;
