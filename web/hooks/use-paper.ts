// The usual paper of the studio's country.
import { type Paper, paperOf } from '../../core/format/paper.ts';
import { useBasis } from './use-basis.ts';

export function usePaper(): Paper {
  return paperOf(useBasis().studio.country);
}
