// Work: soldering.
import type { WorkKind } from '../work-kind.ts';

/** Soldering. */
export const solderWork = {
  kind: 'solder',
  name: 'soldering',
  verb: 'Solder',
  pattern: /solder|braz(?:e|ing)/i,
  on: ['join', 'part', 'group'],
  driver: 'joint',
  start: { setUp: '5', each: '1.5' },
  station: 'torch',
  again: '10 %',
  lost: '0.5 %',
  place: 'at-join',
  heat: true,
  needs: ['flux'],
  brings: ['pickle', 'file'],
  uses: ['solder', 'flux', 'gas'],
  cautions: ['torch', 'flux', 'red-hot', 'heat-balance'],
  inspect: 'bright line all the way round, on both sides',
} as const satisfies WorkKind;
