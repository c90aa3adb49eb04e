// Cost and margin by how many are made at once.
import { line, scaleLinear } from 'd3';
import { useCallback } from 'react';
import type { Piece } from '../../../core/piece/piece.ts';
import { batchCurve, type CurvePoint } from '../../../core/price/batch-curve.ts';
import { showValue } from '../../../core/figure/show.ts';
import { useBasis, type Basis } from '../../app/reckoning.ts';
import { useSliced } from '../../app/use-sliced.ts';

const WIDTH = 400;
const HEIGHT = 92;
const EDGE = { top: 10, bottom: 8 };
/** Of the words before the figures; the points stand over the columns of the table below. */
const WORDS = 62;

// A slice at a time, so that typing above it is not kept waiting.
function* curveOf(piece: Piece, { rates, fix }: Basis): Generator<undefined, CurvePoint[]> {
  yield;
  return batchCurve(piece, rates, fix);
}

export function BatchCurve({ piece }: { piece: Piece }) {
  const basis = useBasis();
  const start = useCallback(() => curveOf(piece, basis), [piece, basis]);
  const points = useSliced(start);
  const first = points?.[0];
  if (!points || !first) return null;
  const costs = points.map(({ count }) => count.column.cost.value);
  const { unit } = first.count.column.cost;
  const column = (WIDTH - WORDS) / points.length;
  const x = (index: number) => WORDS + column * (index + 1) - 14;
  const y = scaleLinear(
    [Math.min(...costs), Math.max(...costs, Math.min(...costs) + 1)],
    [HEIGHT - EDGE.bottom, EDGE.top],
  );
  const path = line<CurvePoint>(
    (_point, index) => x(index),
    ({ count }) => y(count.column.cost.value),
  )(points);
  return (
    <section aria-labelledby="curve" className="mt-6">
      <h2 id="curve">By how many are made at once</h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
        className="mt-1 text-[13px]"
        aria-hidden="true"
      >
        <path d={path ?? ''} fill="none" stroke="var(--act)" strokeWidth={2} />
        {points.map(({ batchSize, count }, index) => (
          <circle
            key={batchSize}
            cx={x(index)}
            cy={y(count.column.cost.value)}
            r={4}
            fill="var(--page)"
            stroke="var(--act)"
            strokeWidth={2}
          />
        ))}
      </svg>
      <table className="count" aria-label="Cost by batch size">
        <colgroup>
          <col style={{ width: `${String((WORDS / WIDTH) * 100)}%` }} />
        </colgroup>
        <thead>
          <tr>
            <th>
              <span className="sr-only">what</span>
            </th>
            {points.map(({ batchSize }) => (
              <th key={batchSize} scope="col">
                {batchSize}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <Line label="cost" points={points} of={({ column }) => showValue(column.cost.value, unit)} />
          <Line label="minutes" points={points} of={({ minutes }) => showValue(minutes.value, 'min')} />
          <Line
            label="margin"
            points={points}
            of={({ column }) => {
              // At the price of the usual batch, whatever it cost to make.
              const price = usualPrice(points, piece);
              return price > 0 ? `${(((price - column.cost.value) / price) * 100).toFixed(0)} %` : '';
            }}
          />
        </tbody>
      </table>
    </section>
  );
}

function usualPrice(points: readonly CurvePoint[], { batchSize }: Piece): number {
  const usual = points.find((point) => String(point.batchSize) === batchSize.trim()) ?? points[0];
  return usual?.count.prices.wholesale.value ?? 0;
}

function Line({
  label,
  points,
  of,
}: {
  label: string;
  points: readonly CurvePoint[];
  of: (count: CurvePoint['count']) => string;
}) {
  return (
    <tr>
      <td className="py-[3px]! text-[14px]">{label}</td>
      {points.map(({ batchSize, count }) => (
        <td key={batchSize} className="num text-right text-[14px]">
          {of(count)}
        </td>
      ))}
    </tr>
  );
}
