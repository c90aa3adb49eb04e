// Work: inspecting.
import type { WorkKind } from '../work-kind.ts';

/** Inspecting. */
export const inspectWork = {
  kind: 'inspect',
  name: 'inspecting',
  verb: 'Inspect',
  pattern: /inspect|check|weigh/i,
  on: ['part', 'group', 'piece', 'join'],
  driver: 'piece',
  start: { setUp: '', each: '0.5' },
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
