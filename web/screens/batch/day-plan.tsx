// The day plan of a batch: a diary page with a line a day, hands above, what works by itself below, noon marked.
import { scaleLinear } from 'd3';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import { clockOf, MINUTES_A_DAY } from '../../../core/plan/calendar.ts';
import type { StudioPlan } from '../../../core/plan/studio-plan.ts';
import { dayInWords } from '../../app/dates.ts';
import type { PlanOrWhy } from '../../app/use-plan.ts';

const WIDTH = 780;
const LABEL = 96;
const ROW = 62;
const HEAD = 20;
const MOST_DAYS = 10;
const NOON = 12 * 60;

interface DayPlanProps {
  readonly planned: PlanOrWhy | null;
  readonly batchId: string;
  readonly batches: readonly BatchWithPieces[];
}

interface PlanBar {
  readonly batch: string;
  readonly kind: 'hands' | 'by-itself';
  readonly label: string;
  readonly from: number;
  readonly to: number;
}

function barsOf({ blocks }: StudioPlan): PlanBar[] {
  return blocks.flatMap(({ batch, step, hands, attendedEnd, end }): PlanBar[] => {
    const label = `${String(step.index + 1)} ${step.name}`;
    const worked = hands.map(([from, to]): PlanBar => ({ batch, kind: 'hands', label, from, to }));
    return end > attendedEnd ? [...worked, { batch, kind: 'by-itself', label, from: attendedEnd, to: end }] : worked;
  });
}

export function DayPlan({ planned, batchId, batches }: DayPlanProps) {
  if (!planned) return null;
  if ('sentence' in planned) return <p className="note note-stop mt-5">{planned.sentence}</p>;
  const { plan } = planned;
  const bars = barsOf(plan);
  const days = [...new Set(bars.filter(({ batch }) => batch === batchId).flatMap(daysOf))].sort((a, b) => a - b);
  if (days.length === 0) return null;
  const shown = days.slice(0, MOST_DAYS);
  const [from, to] = openFromTo(bars);
  const x = scaleLinear([from, to], [LABEL, WIDTH - 14]);
  const hours = Array.from(
    { length: Math.floor(to / 60) - Math.ceil(from / 60) + 1 },
    (_, index) => Math.ceil(from / 60) + index,
  );
  const height = HEAD + shown.length * ROW;
  const nameOf = (id: string) => batches.find(({ batch }) => batch.id === id)?.made[0]?.piece.name ?? 'another batch';

  return (
    <section aria-labelledby="plan" className="mt-6">
      <h2 id="plan">Day plan</h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
        className="mt-1"
        role="img"
        aria-label="Day plan; the bench route below gives the same in words"
      >
        {hours.map((hour) => (
          <g key={hour}>
            <path d={`M${String(x(hour * 60))} ${String(HEAD)}V${String(height)}`} stroke="var(--hair)" />
            <text x={x(hour * 60)} y={13} textAnchor="middle" fontSize={13} fill="var(--soft)" className="num">
              {hour}
            </text>
          </g>
        ))}
        {shown.map((day, index) => (
          <g key={day} transform={`translate(0 ${String(HEAD + index * ROW)})`}>
            <path d={`M0 ${String(ROW - 3)}H${String(WIDTH)}`} stroke="var(--hair)" />
            <text y={24} fontSize={15} fontWeight={650} fill="var(--ink)">
              {dayInWords(dayAfter(plan.firstDay, day))}
            </text>
            <text y={47} fontSize={13} fill="var(--soft)">
              by itself
            </text>
            {barsOn(bars, day, batchId).map((bar, key) => (
              <Bar
                key={key}
                bar={bar}
                x={x}
                mine={bar.batch === batchId}
                label={bar.batch === batchId ? bar.label : nameOf(bar.batch)}
              />
            ))}
          </g>
        ))}
        <path d={`M${String(x(NOON))} ${String(HEAD - 4)}V${String(height)}`} stroke="var(--noon)" strokeWidth={2.2} />
        <circle cx={x(NOON)} cy={HEAD - 3} r={4.5} fill="var(--noon)" />
      </svg>
      {days.length > MOST_DAYS && (
        <p className="aside">and {days.length - MOST_DAYS} days more, as in the route below</p>
      )}
    </section>
  );
}

type DayBar = PlanBar & { readonly fromOfDay: number; readonly toOfDay: number };

function Bar({ bar, x, mine, label }: { bar: DayBar; x: (minute: number) => number; mine: boolean; label: string }) {
  const left = x(bar.fromOfDay);
  const width = Math.max(2, x(bar.toOfDay) - left);
  const hands = bar.kind === 'hands';
  const [top, height] = hands ? [5, 30] : [38, 14];
  return (
    <svg x={left} y={top} width={width} height={height}>
      <title>
        {label}, {clockOf(bar.fromOfDay)} to {clockOf(bar.toOfDay)}
      </title>
      <rect
        width={width}
        height={height}
        fill={mine && hands ? 'var(--act-wash)' : 'var(--bench)'}
        fillOpacity={mine ? 1 : 0.45}
        stroke={mine && hands ? 'var(--act)' : 'var(--rule)'}
        strokeWidth={mine ? 2 : 0}
        strokeDasharray={hands ? undefined : '4 3'}
      />
      {hands && width > 14 && (
        <text x={6} y={20} fontSize={13} fontWeight={mine ? 600 : 400} fill={mine ? 'var(--ink)' : 'var(--soft)'}>
          {fitted(label, width)}
        </text>
      )}
    </svg>
  );
}

/** Average width of a letter at 13 px, bold. */
const LETTER_PX = 7.3;

// A word cut in the middle is worse than none: the step's number always fits, the rest ends in an ellipsis.
function fitted(label: string, width: number): string {
  const letters = Math.floor((width - 10) / LETTER_PX);
  if (label.length <= letters) return label;
  return letters < 6 ? (/^\d+/.exec(label)?.[0] ?? '') : `${label.slice(0, letters - 1).trimEnd()}…`;
}

function daysOf({ from, to }: PlanBar): number[] {
  const first = Math.floor(from / MINUTES_A_DAY);
  const last = Math.floor((to - 0.001) / MINUTES_A_DAY);
  return Array.from({ length: last - first + 1 }, (_, index) => first + index);
}

function barsOn(all: readonly PlanBar[], day: number, batchId: string): DayBar[] {
  const midnight = day * MINUTES_A_DAY;
  const bars = all
    // Another batch that works by itself is no concern of this page.
    .filter((bar) => daysOf(bar).includes(day) && (bar.batch === batchId || bar.kind === 'hands'))
    .map((bar): DayBar => ({
      ...bar,
      fromOfDay: Math.max(0, bar.from - midnight),
      toOfDay: Math.min(MINUTES_A_DAY, bar.to - midnight),
    }));
  return bars.reduce<DayBar[]>((drawn, bar) => {
    const before = drawn.at(-1);
    // The steps of another batch are drawn as one stretch: here it only matters that the hands are taken.
    const goesOn =
      before?.batch === bar.batch &&
      bar.batch !== batchId &&
      before.kind === 'hands' &&
      bar.kind === 'hands' &&
      before.toOfDay === bar.fromOfDay;
    return goesOn ? [...drawn.slice(0, -1), { ...before, toOfDay: bar.toOfDay }] : [...drawn, bar];
  }, []);
}

/** The hours of the day that the plan is drawn over: whole ones, and never less than a morning. */
function openFromTo(bars: readonly PlanBar[]): [number, number] {
  const hands = bars.filter(({ kind }) => kind === 'hands');
  const ofDay = (minute: number) => minute % MINUTES_A_DAY;
  const first = Math.min(9 * 60, ...hands.map(({ from }) => ofDay(from)));
  const last = Math.max(17 * 60, ...hands.map(({ to }) => ofDay(to - 1) + 1));
  return [Math.floor(first / 60) * 60, Math.ceil(last / 60) * 60];
}
