// Cost and margin by batch size.
import { extent, line, scaleLinear } from 'd3';
import { useCallback } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { batchCurve, type CurvePoint } from '../../../core/price/piece/batch-curve.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useTimeSliced } from '../../hooks/use-time-sliced.ts';
import { type Basis } from '../../state/basis.ts';
import { words } from '../../words/price-sheet.ts';

const WIDTH = 400;
const HEIGHT = 74;
const EDGE = { top: 10, bottom: 8 };
/** px of the text before the figures; the points stand over the columns of the table below. */
const WORDS = 62;

// A slice at a time, so that typing above it never waits.
function* curveOf(piece: Piece, { rates, fix }: Basis): Generator<undefined, CurvePoint[]> {
  yield;
  return batchCurve(piece, rates, fix);
}

export function BatchCurve({ piece }: { piece: Piece }) {
  const basis = useBasis();
  const start = useCallback(() => curveOf(piece, basis), [piece, basis]);
  const points = useTimeSliced(start);
  const first = points?.[0];
  if (!points || !first) return null;
  const { unit } = first.count.column.cost;
  return (
    <section aria-labelledby="curve" className="mt-6">
      <h2 id="curve">{words.costByBatchSize}</h2>
      <p className="aside mt-1">{words.costEach}</p>
      <Curve values={points.map(({ count }) => count.column.cost.value)} />
      {first.margin && (
        <>
          <p className="aside">{words.marginAtThePriceOf}</p>
          <Curve values={points.map(({ margin }) => margin?.value ?? 0)} dashed />
        </>
      )}
      <table className="count" aria-label={words.costByBatchSize}>
        <colgroup>
          <col style={{ width: `${String((WORDS / WIDTH) * 100)}%` }} />
        </colgroup>
        <TableHeader of={[{ hidden: 'what' }, ...points.map(({ batchSize }) => String(batchSize))]} />
        <tbody>
          <Line label={words.cost} points={points} of={({ count }) => showValue(count.column.cost.value, unit)} />
          <Line label={words.minutes} points={points} of={({ count }) => showValue(count.minutes.value, 'min')} />
          <Line
            label={words.margin}
            points={points}
            of={({ margin }) => (margin ? showValue(margin.value, '%') : '')}
          />
        </tbody>
      </table>
    </section>
  );
}

/** One line over the columns of the table; the shape of its points identifies it without colour. */
function Curve({ values, dashed = false }: { values: readonly number[]; dashed?: boolean }) {
  const [least = 0, most = 1] = extent(values);
  const column = (WIDTH - WORDS) / values.length;
  const x = (index: number) => WORDS + column * (index + 1) - 14;
  // A level line stands in the middle.
  const y = scaleLinear(most > least ? [least, most] : [least - 1, least + 1], [HEIGHT - EDGE.bottom, EDGE.top]);
  const path = line<number>((_value, index) => x(index), y)(values);
  return (
    <svg width="100%" viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} aria-hidden="true">
      <path
        d={path ?? ''}
        fill="none"
        stroke={dashed ? 'var(--good)' : 'var(--act)'}
        strokeWidth={2}
        strokeDasharray={dashed ? '6 4' : undefined}
      />
      {values.map((value, index) =>
        dashed ? (
          <rect
            key={index}
            x={x(index) - 4}
            y={y(value) - 4}
            width={8}
            height={8}
            fill="var(--page)"
            stroke="var(--good)"
            strokeWidth={2}
          />
        ) : (
          <circle
            key={index}
            cx={x(index)}
            cy={y(value)}
            r={4}
            fill="var(--page)"
            stroke="var(--act)"
            strokeWidth={2}
          />
        ),
      )}
    </svg>
  );
}

interface LineProps {
  readonly label: string;
  readonly points: readonly CurvePoint[];
  readonly of: (point: CurvePoint) => string;
}

function Line({ label, points, of }: LineProps) {
  return (
    <tr>
      <td className="py-[3px]! text-[14px] whitespace-nowrap">{label}</td>
      {points.map((point) => (
        <td key={point.batchSize} className="num text-right text-[14px]">
          {of(point)}
        </td>
      ))}
    </tr>
  );
}
