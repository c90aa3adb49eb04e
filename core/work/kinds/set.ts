// Work: setting.
import type { WorkKind } from '../work-kind.ts';

/** Setting. */
export const setWork = {
  kind: 'set',
  name: 'setting',
  verb: 'Set',
  pattern: /\bset(?:ting)?\b|\bpav[eé]|bezel over|burnish over/i,
  on: ['join'],
  driver: 'joint',
  start: { setUp: '3', each: '6' },
  station: 'peg',
  again: '2 %',
  lost: '1 %',
  place: 'at-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'stone does not move under the finger and does not rattle',
} as const satisfies WorkKind;
