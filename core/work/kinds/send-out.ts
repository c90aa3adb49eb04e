// Work: sending out.
import type { WorkKind } from '../work-kind.ts';

/** Sending out. */
export const sendOutWork = {
  kind: 'send-out',
  name: 'sending out',
  verb: 'Send',
  pattern: /send out|send (?:to|for)|hallmark|assay|outwork|laser/i,
  on: ['part', 'group', 'piece'],
  driver: 'batch',
  start: { setUp: '15', each: '' },
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
