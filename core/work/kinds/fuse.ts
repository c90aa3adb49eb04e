// Work: fusing.
import type { WorkKind } from '../work-kind.ts';

/** Fusing. */
export const fuseWork = {
  kind: 'fuse',
  name: 'fusing',
  verb: 'Fuse',
  pattern: /\bfus(?:e|ing)\b|reticulat|keum|(?<!laser )\bweld/i,
  on: ['join', 'part'],
  driver: 'joint',
  start: { setUp: '5', each: '0.75' },
  station: 'torch',
  again: '5 %',
  lost: '1 %',
  place: 'at-join',
  heat: true,
  needs: [],
  brings: ['pickle'],
  uses: ['gas'],
  cautions: ['torch', 'red-hot'],
  inspect: 'both sides flowed; tug each',
} as const satisfies WorkKind;
