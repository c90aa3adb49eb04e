// Work: forging.
import type { WorkKind } from '../work-kind.ts';

/** Forging. */
export const forgeWork = {
  kind: 'forge',
  name: 'forging',
  verb: 'Forge',
  pattern: /forge/i,
  on: ['part', 'group'],
  driver: 'bar',
  start: { setUp: '5', each: '0.7' },
  station: 'anvil',
  again: '2 %',
  lost: '0.5 %',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: ['hammer'],
  inspect: '',
} as const satisfies WorkKind;
