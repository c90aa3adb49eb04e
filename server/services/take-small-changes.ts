// Takes small changes of learned times into the pieces of a batch that is finished, where the studio wants that.
import type { Batch } from '../../core/batch/batch.ts';
import { changeOf, isWorthTaking, withLearnedTimes } from '../../core/bench/take-times.ts';
import type { Stores } from '../store/stores.ts';
import { pricedPiece } from './accept-piece.ts';
import { acceptedStudio } from './basis.ts';
import { benchHistoryOf } from './bench-history.ts';
import { learnedSteps } from './learned-steps.ts';

/** Largest change that is taken without asking, as a share. */
const SMALL = 0.1;
/** Batches a time has to be learned from before it is taken. */
const LEAST_BATCHES = 3;

/** Prices that are set stay as they are. A piece with a draft in progress is left alone. */
export function takeSmallChanges(stores: Stores, { state, lines }: Batch): void {
  if (state !== 'finished' || acceptedStudio(stores).learnedTimes !== 'small') return;
  const learned = learnedSteps(stores, benchHistoryOf(stores));
  for (const pieceId of new Set(lines.map((line) => line.pieceId))) {
    const piece = stores.pieces.get(pieceId);
    if (piece.isDraft) continue;
    const steps = piece.body.steps.map((step) => {
      const own = learned.find((one) => one.pieceId === pieceId && one.stepId === step.id);
      const isTaken = own && own.batches >= LEAST_BATCHES && changeOf(own) <= SMALL && isWorthTaking(own, step);
      return isTaken ? withLearnedTimes(step, own) : step;
    });
    if (steps.every((step, at) => step === piece.body.steps[at])) continue;
    const { version } = stores.pieces.saveDraft(pieceId, piece.version, { ...piece.body, steps });
    stores.pieces.accept(pieceId, version, (body) => pricedPiece(stores, body));
  }
}
