// Work: annealing.
import type { WorkKind } from '../work-kind.ts';

/** Annealing. */
export const annealWork = {
  kind: 'anneal',
  name: 'annealing',
  verb: 'Anneal',
  pattern: /anneal|reheat/i,
  on: ['part', 'group', 'piece'],
  driver: 'part',
  start: { setUp: '1', each: '0.3' },
  station: 'torch',
  again: '0 %',
  lost: '',
  place: 'before-join',
  heat: true,
  needs: [],
  brings: ['pickle'],
  uses: ['gas', 'flux'],
  cautions: ['torch', 'red-hot'],
  inspect: '',
} as const satisfies WorkKind;
