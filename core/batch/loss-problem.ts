// The weights of a batch as a problem for the cause finder: what it should have become, and which stock may be mistaken.
import { type CauseFound, type CausePart, findCauses } from '../account/find-cause.ts';
import type { LossRange } from '../account/usual-loss.ts';
import { densityOf } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import { gaugedMm } from '../stock/gauged.ts';
import type { Section } from '../stock/section.ts';
import type { BatchCount } from './count-batch.ts';
import { metalOfBatch } from './metal-of-batch.ts';

/** Weights of a batch as they were booked or typed, mg. */
export interface BatchWeights {
  readonly issuedMg: number;
  /** Metal in the finished pieces. */
  readonly finishedMg: number;
  readonly pieces: number;
  readonly offcutMg: number;
  readonly scrapMg: number;
}

/** One gauge of Brown & Sharpe to the next (ASTM B258): 92 to the power of 1/39. */
const GAUGE_STEP = 92 ** (1 / 39);
/** Sizes of metric stock lie a tenth of a millimetre apart. */
const METRIC_STEP_MM = 0.1;

/**
 * @param count   of the batch
 * @param others  metals of the stock that may have been taken instead
 */
export function lossCauses(
  count: BatchCount,
  weights: BatchWeights,
  usual: LossRange,
  others: readonly Alloy[],
): CauseFound[] {
  const { netMg } = metalOfBatch(count);
  const expectedEachMg = count.quantity > 0 ? netMg / count.quantity : 0;
  const expectedLoss = weights.issuedMg * Math.max(0, (usual.low + usual.high) / 2);
  const expectedBackMg = Math.max(0, weights.issuedMg - netMg - expectedLoss);
  return findCauses({
    issuedMg: weights.issuedMg,
    finishedMg: weights.finishedMg,
    finishedCount: weights.pieces,
    expectedEachMg,
    offcutMg: weights.offcutMg,
    scrapMg: weights.scrapMg,
    expectedBackMg,
    parts: partsOf(count, netMg, others),
    usual,
  });
}

/** Parts of the same stock are one: nothing that is weighed tells them apart. */
function partsOf(count: BatchCount, netMg: number, others: readonly Alloy[]): CausePart[] {
  const byStock = new Map<string, { name: string; alloy: Alloy; section: Section; mg: number }>();
  for (const { quantity, count: run } of count.runs) {
    const typed = run.recipe.piece.parts;
    for (const [index, { alloy, section, net }] of run.parts.entries()) {
      if (!alloy || !section || !net || typed[index]?.bought) continue;
      const key = `${alloy.id} ${JSON.stringify(section)}`;
      const before = byStock.get(key);
      const mg = (before?.mg ?? 0) + 1000 * quantity * net.value;
      byStock.set(key, { name: before?.name ?? typed[index]?.name ?? '', alloy, section, mg });
    }
  }
  return [...byStock.values()].flatMap(({ name, alloy, section, mg }): CausePart[] => {
    const density = densityOf(alloy)?.value;
    if (density === undefined || netMg === 0) return [];
    const gaugeMm = gaugedMm(section);
    const isFlat = ['sheet', 'strip', 'tube', 'square-tube'].includes(section.form);
    const otherAlloys = others.flatMap((other) => {
      const own = densityOf(other)?.value;
      return own === undefined || other.id === alloy.id ? [] : [{ id: other.id, density: own }];
    });
    return [
      {
        name,
        alloy: alloy.id,
        share: mg / netMg,
        gaugeMm,
        power: isFlat ? 1 : 2,
        otherMm: otherSizes(gaugeMm),
        density,
        otherAlloys,
      },
    ];
  });
}

function otherSizes(mm: number): number[] {
  if (mm <= 0) return [];
  const gauges = [-2, -1, 1, 2].map((step) => mm * GAUGE_STEP ** step);
  const metric = [-2, -1, 1, 2].map((step) => mm + step * METRIC_STEP_MM).filter((size) => size > 0.1);
  // Sizes within 3 % of each other are one to a scale.
  return [...metric, ...gauges].reduce<number[]>(
    (kept, size) => (kept.some((one) => Math.abs(one / size - 1) < 0.03) ? kept : [...kept, size]),
    [],
  );
}
