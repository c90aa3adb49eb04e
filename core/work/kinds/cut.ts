// Work: cutting.
import type { WorkKind } from '../work-kind.ts';

/** Cutting. */
export const cutWork = {
  kind: 'cut',
  name: 'cutting',
  verb: 'Cut',
  pattern: /(?<!bright[- ])\bcut(?!.*\bseat)|shear|guillotine|nip|snip|punch|blank/i,
  on: ['part'],
  driver: 'cut',
  start: { setUp: '1', each: '0.3' },
  station: 'peg',
  again: '',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: ['saw blades'],
  cautions: ['sheet'],
  inspect: '',
} as const satisfies WorkKind;
