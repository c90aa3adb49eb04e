// Work: texturing.
import type { WorkKind } from '../work-kind.ts';

/** Texturing. */
export const textureWork = {
  kind: 'texture',
  name: 'texturing',
  verb: 'Texture',
  pattern: /textur|\bemboss|\bknurl|planish|hammer (?:a |the )?(?:pattern|finish|texture)|hammer/i,
  on: ['part', 'group', 'piece'],
  driver: 'part',
  start: { setUp: '3', each: '2' },
  station: 'block',
  again: '',
  lost: '',
  place: 'before-join',
  needs: ['anneal'],
  brings: ['straighten'],
  uses: [],
  cautions: ['hammer'],
  inspect: 'texture even; edges corrected',
} as const satisfies WorkKind;
