// The day plan of a batch: a line a day, with a lane for each maker and one for unattended time, noon marked.
import { scaleLinear } from 'd3';
import { clockInWords } from '../../../core/format/days.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { dayAfter, MINUTES_A_DAY } from '../../../core/measure/days.ts';
import { blocksOn, type PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { DayHours, NoonLine, USUAL_DAY, wholeHours } from '../../components/day-hours.tsx';
import { fittedText } from '../../components/fitted-text.ts';
import type { Planned, PlanOrWhy } from '../../hooks/use-plan.ts';
import { words } from '../../words/batch.ts';

const WIDTH = 780;
const LABEL = 96;
const HEAD = 20;
const HANDS = 34;
const ALONE = 22;
const MOST_DAYS = 10;

interface DayPlanProps {
  readonly planned: PlanOrWhy | null;
  readonly batchId: string;
}

/** A stretch of a step within a day, in minutes of the day. */
interface Stretch {
  readonly label: string;
  readonly from: number;
  readonly to: number;
}

interface DayRow {
  readonly day: number;
  readonly hands: readonly { readonly name: string; readonly stretches: readonly Stretch[] }[];
  readonly alone: readonly Stretch[];
}

export function DayPlan({ planned, batchId }: DayPlanProps) {
  if (!planned) return null;
  if ('sentence' in planned) return <p className="note note-stop mt-5">{planned.sentence}</p>;
  const rows = rowsOf(planned, batchId);
  if (rows.length === 0) return null;
  const shown = rows.slice(0, MOST_DAYS);
  const worked = shown.flatMap(({ hands }) => hands.flatMap(({ stretches }) => stretches));
  const hours = wholeHours(
    USUAL_DAY,
    worked.flatMap(({ from, to }) => [from, to]),
  );
  const x = scaleLinear(hours, [LABEL, WIDTH - 14]).clamp(true);
  const tops = shown.map((_, index) => HEAD + shown.slice(0, index).reduce((sum, row) => sum + heightOf(row), 0));
  const height = HEAD + shown.reduce((sum, row) => sum + heightOf(row), 0);
  return (
    <section aria-labelledby="plan" className="mt-6">
      <h2 id="plan">{words.schedule}</h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
        className="mt-1"
        role="img"
        aria-label={words.scheduleTheBenchRouteBelow}
      >
        <DayHours x={x} top={HEAD} bottom={height} />
        <NoonLine x={x} top={HEAD - 4} bottom={height} />
        {shown.map((row, index) => (
          <g key={row.day} transform={`translate(0 ${String(tops[index] ?? 0)})`}>
            <path d={`M0 ${String(heightOf(row) - 2)}H${String(WIDTH)}`} stroke="var(--hair)" />
            <text y={18} fontSize={14} fontWeight={650} fill="var(--ink)">
              {dayInWords(dayAfter(planned.plan.firstDay, row.day))}
            </text>
            {row.hands.map(({ name, stretches }, lane) => (
              <g key={name}>
                <text y={lane * HANDS + (lane === 0 ? 33 : 24)} fontSize={13} fill="var(--soft)">
                  {name}
                </text>
                {stretches.map((stretch) => (
                  <Bar key={stretch.from} {...stretch} x={x} top={lane * HANDS + 4} height={HANDS - 7} />
                ))}
              </g>
            ))}
            {row.alone.length > 0 && (
              <text y={row.hands.length * HANDS + (row.hands.length === 0 ? 36 : 15)} fontSize={13} fill="var(--soft)">
                {words.unattended}
              </text>
            )}
            {row.alone.map((stretch) => (
              <Bar
                key={stretch.from}
                {...stretch}
                x={x}
                top={row.hands.length * HANDS + 2}
                height={ALONE - 7}
                isAlone
              />
            ))}
          </g>
        ))}
      </svg>
      {rows.length > MOST_DAYS && (
        <p className="aside">
          and {rows.length - MOST_DAYS} {words.moreDaysListedInThe}
        </p>
      )}
    </section>
  );
}

/** The day's name stands over the first lane, so that a day without attended work still has room for it. */
const heightOf = ({ hands, alone }: DayRow) =>
  Math.max(HANDS + 6, hands.length * HANDS + (alone.length > 0 ? ALONE : 0) + 4) + (hands.length === 0 ? 8 : 0);

interface BarProps extends Stretch {
  readonly x: (minute: number) => number;
  readonly top: number;
  readonly height: number;
  readonly isAlone?: boolean;
}

function Bar({ label, from, to, x, top, height, isAlone = false }: BarProps) {
  const left = x(from);
  const width = Math.max(2, x(to) - left);
  return (
    <svg x={left} y={top} width={width} height={height}>
      <title>
        {label}, {clockInWords(from)} to {clockInWords(to)}
      </title>
      <rect
        width={width}
        height={height}
        fill={isAlone ? 'var(--bench)' : 'var(--act-wash)'}
        stroke={isAlone ? 'var(--rule)' : 'var(--act)'}
        strokeWidth={2}
        strokeDasharray={isAlone ? '4 3' : undefined}
      />
      {!isAlone && (
        <text x={6} y={height / 2 + 5} fontSize={13} fontWeight={600} fill="var(--ink)">
          {/* The number names it in the route below. */}
          {fittedText([label, label.split(' ')[0] ?? ''], width + 6)}
        </text>
      )}
    </svg>
  );
}

function rowsOf({ plan, terms }: Planned, batchId: string): DayRow[] {
  const own = plan.blocks.filter(({ batch }) => batch === batchId);
  const last = Math.max(0, ...own.map(({ end }) => end));
  return Array.from({ length: Math.ceil(last / MINUTES_A_DAY) }, (_, day): DayRow => {
    const blocks = blocksOn({ blocks: own }, day);
    const within = (block: PlanBlock, stretches: readonly (readonly [number, number])[]) =>
      stretches.flatMap(([begin, end]): Stretch[] => {
        const [from, to] = [
          Math.max(0, begin - day * MINUTES_A_DAY),
          Math.min(MINUTES_A_DAY, end - day * MINUTES_A_DAY),
        ];
        return to > from ? [{ label: `${String(block.step.index + 1)} ${block.step.name}`, from, to }] : [];
      });
    return {
      day,
      hands: terms.bench.makers
        .map(({ id, name }) => ({
          name,
          stretches: blocks.filter(({ maker }) => maker === id).flatMap((block) => within(block, block.attended)),
        }))
        .filter(({ stretches }) => stretches.length > 0),
      alone: blocks.flatMap((block) => within(block, [[block.attendedEnd, block.end]])),
    };
  }).filter(({ hands, alone }) => hands.length + alone.length > 0);
}
