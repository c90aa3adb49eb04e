// Work: melting grains.
import type { WorkKind } from '../work-kind.ts';

/** Melting grains. */
export const meltWork = {
  kind: 'melt',
  name: 'melting grains',
  verb: 'Melt',
  pattern: /\bmelt|granule|shot\b/i,
  on: ['part'],
  driver: 'grain',
  start: { setUp: '3', each: '0.35' },
  station: 'torch',
  again: '3 %',
  lost: '',
  place: 'before-join',
  heat: true,
  needs: [],
  brings: ['pickle'],
  uses: ['gas', 'charcoal'],
  cautions: ['torch'],
  inspect: 'grains round and of one size',
} as const satisfies WorkKind;
