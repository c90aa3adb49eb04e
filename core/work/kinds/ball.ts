// Work: balling ends.
import type { WorkKind } from '../work-kind.ts';

/** Balling ends. */
export const ballWork = {
  kind: 'ball',
  name: 'balling ends',
  verb: 'Ball',
  pattern: /\bball/i,
  on: ['part', 'finding'],
  driver: 'end',
  start: { setUp: '3', each: '0.4' },
  station: 'torch',
  again: '3 %',
  lost: '',
  place: 'before-join',
  heat: true,
  needs: [],
  brings: ['pickle'],
  uses: ['gas'],
  cautions: ['torch'],
  inspect: 'balls round and in line with the wire',
} as const satisfies WorkKind;
