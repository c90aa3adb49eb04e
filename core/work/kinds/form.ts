// Work: forming.
import type { WorkKind } from '../work-kind.ts';

/** Forming. */
export const formWork = {
  kind: 'form',
  name: 'forming',
  verb: 'Form',
  pattern: /form|bend|\braise|shape|curl|roll/i,
  on: ['part', 'group'],
  driver: 'bend',
  start: { setUp: '2', each: '1' },
  station: 'bench',
  again: '2 %',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'sits flat, no wobble',
} as const satisfies WorkKind;
