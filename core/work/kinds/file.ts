// Work: filing.
import type { WorkKind } from '../work-kind.ts';

/** Filing. */
export const fileWork = {
  kind: 'file',
  name: 'filing',
  verb: 'File',
  pattern: /\bfil(?:e|ing)\b|\bbevel|\bdeburr|sharpen|(?<!forge (?:the |a )?)\btaper/i,
  on: ['join', 'part', 'group', 'piece'],
  driver: 'seam',
  start: { setUp: '1', each: '1.75' },
  station: 'peg',
  again: '',
  lost: '',
  place: 'after-join',
  needs: [],
  brings: [],
  uses: [],
  cautions: [],
  inspect: 'seam gone, section not thinned',
} as const satisfies WorkKind;
