// Work: fluxing.
import type { WorkKind } from '../work-kind.ts';

/** Fluxing. */
export const fluxWork = {
  kind: 'flux',
  name: 'fluxing',
  verb: 'Flux',
  pattern: /\bflux|boric|fire ?(?:scale|coat)|prip\b/i,
  on: ['part', 'group', 'join', 'piece'],
  driver: 'part',
  start: { setUp: '2', each: '0.2' },
  station: 'bench',
  again: '',
  lost: '',
  place: 'before-join',
  needs: [],
  brings: [],
  uses: ['flux'],
  cautions: ['alcohol'],
  inspect: '',
} as const satisfies WorkKind;
