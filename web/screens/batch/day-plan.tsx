// The day plan of a batch: a diary page with a line a day, hands above, what works by itself below, noon marked.
import { scaleLinear } from 'd3';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import { dayAfter, weekdayOf } from '../../../core/measure/days.ts';
import { clockOf, MINUTES_A_DAY } from '../../../core/plan/calendar.ts';
import type { Plan, PlanBar } from '../../../core/plan/forward.ts';
import type { Step } from '../../../core/piece/step.ts';
import { dayInWords } from '../../app/dates.ts';

const WIDTH = 780;
const LABEL = 96;
const ROW = 62;
const HEAD = 20;
const MOST_DAYS = 10;
const NOON = 12 * 60;

interface DayPlanProps {
  readonly plan: Plan | { readonly sentence: string } | null;
  readonly batchId: string;
  readonly batches: readonly BatchWithPieces[];
  readonly steps: readonly Step[];
}

export function DayPlan({ plan, batchId, batches, steps }: DayPlanProps) {
  if (!plan) return null;
  if ('sentence' in plan) return <p className="note note-stop mt-5">{plan.sentence}</p>;
  const days = [...new Set(plan.bars.filter(({ batch }) => batch === batchId).flatMap(daysOf))].sort((a, b) => a - b);
  if (days.length === 0) return null;
  const shown = days.slice(0, MOST_DAYS);
  const [from, to] = openFromTo(plan);
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
              {dayInWords(dayAfter(plan.calendar.firstDay, day))}
            </text>
            <text y={47} fontSize={13} fill="var(--soft)">
              by itself
            </text>
            {barsOn(plan, day, batchId).map((bar, key) => (
              <Bar
                key={key}
                bar={bar}
                x={x}
                mine={bar.batch === batchId}
                label={
                  bar.batch === batchId ? `${String(bar.step + 1)} ${steps[bar.step]?.name ?? ''}` : nameOf(bar.batch)
                }
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

function barsOn(plan: Plan, day: number, batchId: string): DayBar[] {
  const midnight = day * MINUTES_A_DAY;
  const bars = plan.bars
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

function openFromTo({ calendar, bars }: Plan): [number, number] {
  const used = new Set(bars.flatMap(daysOf).map((day) => (weekdayOf(calendar.firstDay) + day) % 7));
  const shifts = calendar.week.filter((_, weekday) => used.has(weekday)).flat();
  return [Math.min(...shifts.map(({ opensMin }) => opensMin)), Math.max(...shifts.map(({ closesMin }) => closesMin))];
}
