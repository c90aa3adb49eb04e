// The likely range of the cost, and the floor price it gives.
import { scaleLinear } from 'd3';
import { useMemo } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import {
  type CostVariation,
  costVariation,
  exactSpread,
  type LikelyRange,
} from '../../../core/price/piece/likely-range.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useDebounced } from '../../hooks/use-debounced.ts';
import { useWorkerAnswer } from '../../hooks/use-worker-answer.ts';
import { words } from '../../words/price-sheet.ts';

const WIDTH = 400;

export function LikelyRangeBox({ count }: { count: PieceCount }) {
  const { rates } = useBasis();
  const straying = useMemo(() => costVariation(count, rates), [count, rates]);
  const range = useWorkerAnswer<CostVariation, LikelyRange>(openRanging, null, useDebounced(straying))?.told;
  const { unit, value } = count.column.cost;
  const money = (minor: number) => showValue(minor, unit);
  if (!range || range.p90 - range.p10 < 0.5) return null;
  const at90 = rates.spread.floorAt === 0.9;
  const floor = Math.ceil(at90 ? range.p90 : range.p80);
  const pad = (range.p90 - range.p10) * 0.35;
  const x = scaleLinear([range.p10 - pad, range.p90 + pad], [0, WIDTH]);
  const exact = straying.spoiling.length === 0 ? exactSpread(straying) : null;
  return (
    <section aria-labelledby="range" className="mt-6">
      <h2 id="range">{words.likelyRange}</h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} 62`}
        className="mt-1 text-[13px]"
        role="img"
        aria-label={words.likelyRangeOfTheCost}
      >
        <path d={`M0 30H${String(WIDTH)}`} stroke="var(--rule)" />
        <rect
          x={x(range.p10)}
          y={22}
          width={x(range.p90) - x(range.p10)}
          height={16}
          fill="var(--act-wash)"
          stroke="var(--act)"
        />
        <path d={`M${String(x(range.p50))} 19V41`} stroke="var(--ink)" strokeWidth={2} />
        <text x={x(range.p10)} y={14} textAnchor="middle" fill="var(--soft)" className="num">
          {money(range.p10)}
        </text>
        <text x={x(range.p50)} y={14} textAnchor="middle" fill="var(--ink)" className="num">
          {money(range.p50)}
        </text>
        <text x={x(range.p90)} y={14} textAnchor="middle" fill="var(--soft)" className="num">
          {money(range.p90)}
        </text>
        <text x={x(range.p10)} y={56} textAnchor="middle" fill="var(--soft)">
          {words.n10Below}
        </text>
        <text x={x(range.p50)} y={56} textAnchor="middle" fill="var(--soft)">
          {words.median}
        </text>
        <text x={x(range.p90)} y={56} textAnchor="middle" fill="var(--soft)">
          {words.n90Below}
        </text>
      </svg>
      <p className="text-[15px]">
        Floor price <b className="num">{money(floor)}</b>: {at90 ? '90' : '80'} {words.ofBatchesCostNoMore}{' '}
        {money(value)}, on average {money(range.mean)}
        {exact ? `, ± ${money(exact.deviation)}` : words.withTheYieldsOfThe}; from 4,000 simulations, the floor is
        accurate to {money(2 * range.errorOfP80)}.
      </p>
    </section>
  );
}

function openRanging(): Worker {
  return new Worker(new URL('../../workers/ranging.ts', import.meta.url), { type: 'module' });
}
