// All pieces in one chart: wholesale price against earnings per bench hour, which shows expensive pieces that earn
// little.
import { extent, scaleLinear, scaleLog } from 'd3';
import { memo } from 'react';
import { useNavigate } from 'react-router';
import { minorDigits } from '../../../core/figure/figure.ts';
import { showValue } from '../../../core/figure/show.ts';
import type { PriceLine } from '../../../core/price/book/price-book.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/prices.ts';
import type { BookPrice } from './use-price-lines.ts';

const WIDTH = 400;
const HEIGHT = 236;
const EDGE = { left: 44, right: 12, top: 22, bottom: 34 };
/** Only the best and the worst are named; the others show their name on hover. */
const NAMED_EACH_END = 3;
/** Longer names are shortened. */
const MOST_LETTERS = 22;
/** With many pieces only the named ones can be opened from here. */
const MOST_DOTS = 60;
/** Round prices along the axis. */
const ROUND = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10_000];

/** Drawn a moment behind the slider. */
export const PayScatter = memo(function PayScatter({ lines }: { lines: readonly BookPrice[] }) {
  const { rates } = useBasis();
  const navigate = useNavigate();
  const dots = lines.flatMap(({ piece, title, line }) =>
    line.perHour === null || line.wholesale <= 0 ? [] : [{ id: piece.id, title, line, perHour: line.perHour }],
  );
  if (dots.length < 2) return null;
  const [low = 1, high = 2] = extent(dots, ({ line }) => line.wholesale);
  const [least = 0, most = 1] = extent([...dots.map(({ perHour }) => perHour), rates.labour.value, 0]);
  const x = scaleLog([low * 0.8, high * 1.25], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([least, most * 1.06], [HEIGHT - EDGE.bottom, EDGE.top]);
  const wanted = y(rates.labour.value);
  const money = (value: number) => showValue(value, rates.currency).replace(/[.,]0+$/, '');
  const byPay = [...dots].sort((a, b) => b.perHour - a.perHour);
  const outstanding = [...byPay.slice(0, NAMED_EACH_END), ...byPay.slice(NAMED_EACH_END).slice(-NAMED_EACH_END)];
  const spotOf = (dot: (typeof dots)[number]) => ({ x: x(dot.line.wholesale), y: y(dot.perHour) });
  const labels = placed(
    outstanding.map((dot) => ({ ...dot, ...spotOf(dot) })),
    dots.map(spotOf),
  );
  const major = 10 ** minorDigits(rates.currency);
  const [from, to] = x.domain();
  const prices = ROUND.map((price) => price * major).filter((price) => price > (from ?? 0) && price < (to ?? 0));
  return (
    <section aria-labelledby="scatter" className="mt-6">
      <h2 id="scatter">{words.earningsPerBenchHourBy}</h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
        className="mt-1 text-[13px]"
        role="img"
        aria-label={words.piecesByWholesalePriceAnd}
      >
        {y.ticks(4).map((tick) => (
          <g key={tick}>
            <path d={`M${String(EDGE.left)} ${String(y(tick))}H${String(WIDTH - EDGE.right)}`} stroke="var(--hair)" />
            <text x={EDGE.left - 6} y={y(tick) + 4} textAnchor="end" fill="var(--soft)" className="num">
              {money(tick)}
            </text>
          </g>
        ))}
        {prices.map((price) => (
          <text key={price} x={x(price)} y={HEIGHT - 18} textAnchor="middle" fill="var(--soft)" className="num">
            {money(price)}
          </text>
        ))}
        <text x={WIDTH - EDGE.right} y={HEIGHT - 3} textAnchor="end" fill="var(--soft)">
          wholesale, {rates.currency}
        </text>
        <text x={2} y={11} fill="var(--soft)">
          per hour, {rates.currency}
        </text>
        <path
          d={`M${String(EDGE.left)} ${String(wanted)}H${String(WIDTH - EDGE.right)}`}
          stroke="var(--ink)"
          strokeDasharray="5 3"
        />
        <text x={WIDTH - EDGE.right} y={wanted - 4} textAnchor="end" fill="var(--ink)">
          {words.targetHourlyRate}
        </text>
        {dots.length > MOST_DOTS && <Crowd dots={dots} x={x} y={y} wageMinor={rates.labour.value} />}
        {(dots.length > MOST_DOTS ? outstanding : dots).map(({ id, title, line, perHour }) => (
          <Dot
            key={id}
            x={x(line.wholesale)}
            y={y(perHour)}
            isPoor={perHour < rates.labour.value}
            title={`${title}: ${money(line.wholesale)}, earns ${money(perHour)} an hour`}
            onOpen={() => void navigate(`/prices/${id}`)}
          />
        ))}
        {labels.map(({ id, title, x: left, y: top, toLeft }) => (
          <text
            key={id}
            x={left + (toLeft ? -8 : 8)}
            y={top + 4}
            textAnchor={toLeft ? 'end' : 'start'}
            fill="var(--ink)"
          >
            {title.length > MOST_LETTERS ? `${title.slice(0, MOST_LETTERS - 1)}…` : title}
          </text>
        ))}
      </svg>
    </section>
  );
});

interface CrowdProps {
  readonly dots: readonly { readonly line: PriceLine; readonly perHour: number }[];
  readonly x: (price: number) => number;
  readonly y: (pay: number) => number;
  readonly wageMinor: number;
}

// With many pieces the dots are one path for each shape: hundreds of elements would slow the slider.
function Crowd({ dots, x, y, wageMinor }: CrowdProps) {
  const path = (isPoor: boolean) =>
    dots
      .filter(({ perHour }) => perHour < wageMinor === isPoor)
      .map(({ line, perHour }) => `M${x(line.wholesale).toFixed(1)} ${y(perHour).toFixed(1)}h0`)
      .join('');
  return (
    <>
      <path d={path(false)} stroke="var(--good)" strokeWidth={7} strokeLinecap="round" />
      <path d={path(true)} stroke="var(--stop)" strokeWidth={7} strokeLinecap="square" />
    </>
  );
}

interface DotProps {
  readonly x: number;
  readonly y: number;
  readonly isPoor: boolean;
  readonly title: string;
  readonly onOpen: () => void;
}

// Filled dots reach the target hourly rate, hollow squares do not: the shape says it without colour.
function Dot({ x, y, isPoor, title, onOpen }: DotProps) {
  return (
    <g transform={`translate(${String(x)} ${String(y)})`} className="cursor-pointer" onClick={onOpen}>
      <title>{title}</title>
      {isPoor ? (
        <rect x={-4.5} y={-4.5} width={9} height={9} fill="var(--page)" stroke="var(--stop)" strokeWidth={2} />
      ) : (
        <circle r={5} fill="var(--good)" />
      )}
    </g>
  );
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

const LINE = 15;
const LETTER = 6.8;

/** A name stands beside its dot where it covers no other name or dot; otherwise it is left out. */
function placed<Label extends Spot & { readonly title: string }>(labels: readonly Label[], dots: readonly Spot[]) {
  const kept: (Label & { readonly toLeft: boolean; readonly from: number; readonly to: number })[] = [];
  for (const label of labels) {
    const width = Math.min(label.title.length, MOST_LETTERS) * LETTER;
    const places = [
      { toLeft: false, from: label.x + 8, to: label.x + 8 + width },
      { toLeft: true, from: label.x - 8 - width, to: label.x - 8 },
    ];
    const place = places.find(
      ({ from, to }) =>
        from >= EDGE.left &&
        to <= WIDTH &&
        kept.every((other) => Math.abs(other.y - label.y) >= LINE || other.from > to || other.to < from) &&
        dots.every(({ x, y }) => Math.abs(y - label.y) >= LINE / 2 + 4 || x < from - 4 || x > to + 4),
    );
    if (place) kept.push({ ...label, ...place });
  }
  return kept;
}
