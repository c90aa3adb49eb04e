// Work: colouring titanium or niobium by current or by heat.
import type { WorkKind } from '../work-kind.ts';

/** Colouring titanium or niobium by current or by heat. */
export const anodiseWork = {
  kind: 'anodise',
  name: 'anodising',
  verb: 'Anodise',
  pattern: /anodi[sz]e|heat[- ]?colou?r|flame[- ]?colou?r/i,
  on: ['part', 'group', 'piece'],
  driver: 'piece',
  start: { setUp: '6', each: '2' },
  station: 'sink',
  again: '',
  lost: '',
  place: 'end',
  needs: ['clean'],
  brings: [],
  uses: ['electrolyte'],
  cautions: ['current'],
  inspect: 'colour even, contacts hidden',
} as const satisfies WorkKind;
