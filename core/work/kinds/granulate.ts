// Work: granulating.
import type { WorkKind } from '../work-kind.ts';

/** Granulating. */
export const granulateWork = {
  kind: 'granulate',
  name: 'granulating',
  verb: 'Bond',
  pattern: /granulat|copper salt|bond/i,
  on: ['join', 'part'],
  driver: 'grain',
  start: { setUp: '6', each: '0.5' },
  station: 'torch',
  again: '10 %',
  lost: '1 %',
  place: 'at-join',
  heat: true,
  needs: [],
  brings: ['pickle'],
  uses: ['copper salt', 'glue', 'gas'],
  cautions: ['torch', 'red-hot'],
  inspect: 'every grain holds when pushed with a pin',
} as const satisfies WorkKind;
