// Work: packing.
import type { WorkKind } from '../work-kind.ts';

/** Packing. */
export const packWork = {
  kind: 'pack',
  name: 'packing',
  verb: 'Pack',
  pattern: /\bpack|\bprice|\bcard\b|\bbox|label/i,
  on: ['piece'],
  driver: 'piece',
  start: { setUp: '1', each: '1' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'end',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: '',
} as const satisfies WorkKind;
