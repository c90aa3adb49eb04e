// The settled balance of a batch: what was issued is pieces, offcuts, scrap and loss.
import { returnSums } from '../../../core/account/batch-return.ts';
import type { MetalEntry } from '../../../core/account/entry.ts';
import { isUnusual, type LossRange, pastLosses, usualLoss } from '../../../core/account/usual-loss.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { lossCauses } from '../../../core/batch/loss-problem.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { gramsOfMg } from '../../components/metal-entries.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useGetEntriesQuery } from '../../state/endpoints/account.ts';
import { words } from '../../words/batch-metal.ts';
import { LossCauses } from './loss-causes.tsx';

const NO_ENTRIES: readonly MetalEntry[] = [];

export function MetalBalance({ entry, count }: { entry: MetalEntry; count: BatchCount }) {
  const sums = returnSums(entry);
  const { issuedMg, finishedMg, offcutMg, scrapMg, lossMg } = sums;
  const usual = useUsualLoss(count);
  const cells = [
    [words.held, issuedMg],
    [words.inPieces, finishedMg],
    [words.offcuts, offcutMg],
    [words.inJars, scrapMg],
    [words.loss, lossMg],
  ] as const;
  return (
    <>
      <table className="rows mt-2 max-w-[620px]" aria-label={words.balance}>
        <TableHeader of={cells.map(([name]) => ({ end: `${name}, g` }))} />
        <tbody>
          <tr className="border-b border-hair">
            {cells.map(([name, mg]) => (
              <td key={name} className="end num">
                {gramsOfMg(mg)}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
      <LossLine lossMg={lossMg} issuedMg={issuedMg} usual={usual} />
      {isUnusual(lossMg, issuedMg, usual) && (
        <>
          <LossCauses causes={lossCauses(count, { ...sums, pieces: entry.detail.finished?.pieces ?? 0 }, usual, [])} />
          {entry.why && (
            <p className="aside">
              {words.reason}: {entry.why}
            </p>
          )}
        </>
      )}
    </>
  );
}

export function LossLine({ lossMg, issuedMg, usual }: { lossMg: number; issuedMg: number; usual: LossRange }) {
  const share = issuedMg > 0 ? (100 * lossMg) / issuedMg : 0;
  const tone = isUnusual(lossMg, issuedMg, usual) ? 'text-warn' : 'text-good';
  return (
    <p className="mt-2 text-[15px]">
      <b className={`num ${tone}`}>
        {words.loss} {gramsOfMg(lossMg)} g, {showNumber(share, 1)} %
      </b>{' '}
      <span className="aside">
        {words.usually} {showNumber(100 * Math.max(0, usual.low), 1)} {words.to} {showNumber(100 * usual.high, 1)} %:{' '}
        {usual.why}
      </span>
    </p>
  );
}

/** The usual loss of a batch: by its kinds of work, and by what the studio's batches have lost. */
export function useUsualLoss({ runs }: BatchCount): LossRange {
  const { data = NO_ENTRIES } = useGetEntriesQuery({ place: 'loss' });
  const kinds = runs.flatMap(({ count: { recipe } }) => recipe.piece.steps.map(({ kind }) => kind));
  return usualLoss(kinds, pastLosses(data, usualLoss(kinds)));
}
