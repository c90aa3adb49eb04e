// Earnings per bench hour of each piece at wholesale, best first, against the target hourly rate.
import { scaleLinear } from 'd3';
import { showValue } from '../../../core/figure/show.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { type BookLine, titleOf } from '../../state/book-line.ts';
import { words } from '../../words/pieces.ts';

const WIDTH = 392;
const ROW = 42;
const MOST_BARS = 14;

export function HourlyPay({ lines }: { lines: readonly BookLine[] }) {
  const { rates } = useBasis();
  const paid = lines
    .flatMap(({ piece, count }) =>
      count.prices.perHour ? [{ id: piece.id, title: titleOf(piece), perHour: count.prices.perHour }] : [],
    )
    .sort((a, b) => b.perHour.value - a.perHour.value || a.title.localeCompare(b.title));
  if (paid.length === 0) return null;
  // Of many pieces the best and the worst are shown.
  const shown = paid.length <= MOST_BARS ? paid : [...paid.slice(0, MOST_BARS / 2), ...paid.slice(-MOST_BARS / 2)];
  const most = Math.max(rates.labour.value, ...shown.map(({ perHour }) => perHour.value));
  const x = scaleLinear([0, most], [0, WIDTH]).clamp(true);
  const wanted = x(rates.labour.value);

  return (
    <section aria-labelledby="hourly">
      <h2 id="hourly">{words.earningsPerBenchHourWholesale}</h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(shown.length * ROW + 24)}`}
        role="img"
        aria-label={words.earningsPerBenchHourBy}
        className="mt-2 text-[15px]"
      >
        {shown.map(({ id, title, perHour }, index) => (
          <g key={id} transform={`translate(0 ${String(index * ROW)})`}>
            <text y={16} fill="var(--ink)">
              {title}
            </text>
            <text x={WIDTH} y={16} textAnchor="end" fill="var(--ink)" className="num">
              {showValue(perHour.value, perHour.unit)}
            </text>
            <rect
              y={22}
              width={x(Math.max(0, perHour.value))}
              height={8}
              fill={perHour.value < rates.labour.value ? 'var(--stop)' : 'var(--hands)'}
            />
            <path d={`M${String(wanted)} 19V33`} stroke="var(--ink)" strokeWidth={1.5} />
          </g>
        ))}
        <text
          x={Math.min(wanted, WIDTH - 4)}
          y={shown.length * ROW + 16}
          textAnchor={wanted > WIDTH / 2 ? 'end' : 'start'}
          fill="var(--soft)"
          fontSize={13}
        >
          {words.targetHourlyRate} {showValue(rates.labour.value, rates.labour.unit)}
        </text>
      </svg>
      {shown.length < paid.length && (
        <p className="aside">
          {words.highestAndLowestOf} {paid.length} pieces.
        </p>
      )}
    </section>
  );
}
