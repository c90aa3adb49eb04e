// Refuses a write, with a sentence for each issue.
import type { Issue } from '../../core/measure/issue.ts';
import { benchCheckAll, standing } from '../../core/piece/checks/bench-check.ts';
import type { Piece } from '../../core/piece/piece.ts';
import type { Rates } from '../../core/studio/rates.ts';
import { NotAcceptable } from '../store/refusals.ts';

/** @throws NotAcceptable when there is an issue; its message is the given one and the first sentence */
export function refuseIssues(issues: readonly Issue[], message: string): void {
  if (issues.length > 0) throw new NotAcceptable(`${message} ${issues[0]?.sentence ?? ''}`.trim(), issues);
}

/** @throws NotAcceptable when the bench check stops the piece and the maker has not overridden the finding */
export function refuseStops(piece: Piece, rates: Rates): void {
  const stops = standing(benchCheckAll(piece, rates.alloys, rates.country));
  refuseIssues(
    stops.map(({ rule, about, sentence }) => ({ path: `check.${rule}${about && `.${about}`}`, sentence })),
    'The bench check stops this.',
  );
}

/** Refuses a write at one field. @throws NotAcceptable */
export function refuseField(path: string, sentence: string, message: string): never {
  throw new NotAcceptable(`${message} ${sentence}`, [{ path, sentence }]);
}
