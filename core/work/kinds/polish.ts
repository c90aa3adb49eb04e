// Work: polishing.
import type { WorkKind } from '../work-kind.ts';

/** Polishing. */
export const polishWork = {
  kind: 'polish',
  name: 'polishing',
  verb: 'Polish',
  pattern: /polish|\brouge|\blap(?:ping)?\b|burnish(?! over)|buff|\bmop/i,
  on: ['part', 'group', 'piece'],
  driver: 'cm2',
  start: { setUp: '4', each: '0.2' },
  station: 'motor',
  again: '',
  lost: '',
  place: 'finish',
  needs: [],
  brings: [],
  uses: ['polishing compound'],
  cautions: ['motor'],
  inspect: 'no scratch or fire stain in a good light',
} as const satisfies WorkKind;
