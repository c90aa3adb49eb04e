// Refusing a write with a sentence for each thing that is in the way.
import type { Issue } from '../../core/measure/issue.ts';
import { benchCheckAll, standing } from '../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Rates } from '../../core/studio/rates.ts';
import { NotAcceptable } from '../store/refusals.ts';

/** @throws NotAcceptable when there is an issue: the message and the sentence of the first */
export function refuseIssues(issues: readonly Issue[], message: string): void {
  if (issues.length > 0) throw new NotAcceptable(`${message} ${issues[0]?.sentence ?? ''}`.trim(), issues);
}

/** @throws NotAcceptable when the bench check stops the piece and the maker has not said why that may stand */
export function refuseStops(piece: Piece, rates: Rates): void {
  const stops = standing(benchCheckAll(piece, rates.alloys, rates.country));
  refuseIssues(
    stops.map(({ rule, about, sentence }) => ({ path: `check.${rule}${about && `.${about}`}`, sentence })),
    'The bench check stops this.',
  );
}
