// A day as a chart: a lane for the attended work of each maker, below it unattended work, and the noon line through
// both.
import { scaleLinear } from 'd3';
import { clockInWords } from '../../../core/format/days.ts';
import { MINUTES_A_DAY } from '../../../core/measure/days.ts';
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { DayHours, NoonLine, USUAL_DAY, wholeHours } from '../../components/day-hours.tsx';
import { type PlacedName, placeNames, textWidth } from '../../components/fitted-text.ts';
import { words } from '../../words/day.ts';
import { batchesInWords } from '../../words/plan-words.ts';

const WIDTH = 780;
const LABEL = 92;
const HEAD = 24;
const BAR = 30;
const NAME_ROW = 17;
const ALONE = 40;

interface DayLane {
  readonly id: string;
  readonly name: string;
}

interface DayChartProps {
  /** Days after the plan's first. */
  readonly day: number;
  readonly blocks: readonly PlanBlock[];
  readonly makers: readonly DayLane[];
  /** Working hours of that day, minutes of the day; null on a day off. */
  readonly open: readonly [number, number] | null;
  /** Minute of the day; null on any day but today. */
  readonly now: number | null;
  readonly tintOf: (batch: string) => number;
  readonly nameOf: (batch: string) => string;
}

export function DayChart({ day, blocks, makers, open, now, tintOf, nameOf }: DayChartProps) {
  const midnight = day * MINUTES_A_DAY;
  const ofDay = (minute: number) => Math.max(0, Math.min(MINUTES_A_DAY, minute - midnight));
  // A bar that crosses midnight ends at the edge of the day.
  const worked = blocks
    .flatMap(({ attended }) => attended.flat())
    .map(ofDay)
    .filter((minute) => minute > 0 && minute < MINUTES_A_DAY);
  const [from, to] = wholeHours(open ?? USUAL_DAY, worked);
  const x = scaleLinear([from, to], [LABEL, WIDTH - 12]).clamp(true);
  const heads = blocks.filter(({ isHead }) => isHead);
  const alone = heads.filter(({ end, attendedEnd }) => end > attendedEnd && ofDay(end) > ofDay(attendedEnd));
  const stations = [...new Set(alone.map(({ step }) => step.station || 'elsewhere'))].sort();
  const rowOf = (bars: readonly DayBar[]) => ({ bars, ...placeNames(bars, WIDTH) });
  const lanes = makers.map((maker) => ({
    maker,
    ...rowOf(
      heads
        .filter((block) => block.maker === maker.id)
        .flatMap((block) =>
          block.attended
            .filter(([begin, end]) => end > midnight && begin < midnight + MINUTES_A_DAY)
            // Work that pauses is named once.
            .map(([begin, end], index) => barOf(block, begin, end, index === 0 ? block.step.name : '')),
        ),
    ),
  }));
  const alones = stations.map((station) => ({
    station,
    ...rowOf(
      alone
        .filter(({ step }) => (step.station || 'elsewhere') === station)
        .map((block) => barOf(block, block.attendedEnd, block.end, batchesInWords(block, nameOf))),
    ),
  }));
  const laneHeight = (rows: number, least: number) => Math.max(least, BAR + 8 + rows * NAME_ROW + 8);
  const laneTops = topsOf(
    lanes.map(({ rows }) => laneHeight(rows, BAR + 24)),
    HEAD,
  );
  const aloneTops = topsOf(
    alones.map(({ rows }) => laneHeight(rows, ALONE)),
    laneTops.bottom + 14,
  );
  const height = aloneTops.bottom + 8;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
      className="mt-2"
      role="img"
      aria-label={words.chartOfTheDayThe}
    >
      <DayHours x={x} top={HEAD - 4} bottom={height} />
      {now !== null && now > from && now < to && (
        <path
          d={`M${String(x(now))} ${String(HEAD - 4)}V${String(height)}`}
          stroke="var(--ink)"
          strokeDasharray="2 3"
        />
      )}
      <NoonLine x={x} top={HEAD - 6} bottom={height} />
      {lanes.map(({ maker, bars, names }, lane) => (
        <g key={maker.id} transform={`translate(0 ${String(laneTops.tops[lane] ?? 0)})`}>
          <text y={24} fontSize={14} fontWeight={650} fill="var(--ink)">
            {maker.name}
          </text>
          <Row bars={bars} names={names} />
        </g>
      ))}
      {stations.length > 0 && <path d={`M0 ${String(laneTops.bottom + 5)}H${String(WIDTH)}`} stroke="var(--rule)" />}
      {alones.map(({ station, bars, names }, lane) => (
        <g key={station} transform={`translate(0 ${String(aloneTops.tops[lane] ?? 0)})`}>
          <text y={15} fontSize={14} fill="var(--ink)">
            {station}
          </text>
          <text y={31} fontSize={13} fill="var(--soft)">
            {words.unattended}
          </text>
          <Row bars={bars} names={names} isAlone />
        </g>
      ))}
    </svg>
  );

  function barOf(block: PlanBlock, begin: number, end: number, name: string): DayBar {
    const left = x(ofDay(begin));
    return {
      key: `${block.batch} ${block.step.key} ${String(begin)}`,
      x: left + 1,
      width: Math.max(2, x(ofDay(end)) - left - 2),
      name,
      title: `${block.step.name}, ${batchesInWords(block, nameOf)}, ${clockInWords(ofDay(begin))} to ${clockInWords(ofDay(end))}`,
      tint: tintOf(block.batch),
      isStarted: block.state === 'started',
    };
  }
}

function topsOf(heights: readonly number[], first: number): { readonly tops: number[]; readonly bottom: number } {
  const tops: number[] = [];
  let bottom = first;
  for (const height of heights) {
    tops.push(bottom);
    bottom += height;
  }
  return { tops, bottom };
}

/** A bar of the day; px. */
interface DayBar {
  readonly key: string;
  readonly x: number;
  readonly width: number;
  readonly name: string;
  readonly title: string;
  readonly tint: number;
  readonly isStarted: boolean;
}

interface RowProps {
  readonly bars: readonly DayBar[];
  readonly names: readonly (PlacedName | undefined)[];
  readonly isAlone?: boolean;
}

function Row({ bars, names, isAlone = false }: RowProps) {
  return (
    <>
      {bars.map((bar, index) => (
        <Bar {...bar} key={bar.key} top={4} height={BAR} at={names[index]} isAlone={isAlone} />
      ))}
      {bars.map(({ key, name }, index) => (
        <Name key={key} name={name} top={4} height={BAR} at={names[index]} />
      ))}
    </>
  );
}

interface BarProps extends Omit<DayBar, 'key'> {
  readonly top: number;
  readonly height: number;
  readonly at: PlacedName | undefined;
  readonly isAlone?: boolean;
}

/** A bar; a name in it, or a line to its name below. */
function Bar({ x, width, title, tint, isStarted, top, height, at, isAlone = false }: BarProps) {
  return (
    <g>
      <title>{title}</title>
      <rect
        className={`tint-${String(tint)}`}
        x={x}
        y={top}
        width={width}
        height={height}
        strokeWidth={isStarted ? 2.5 : 1.2}
        strokeDasharray={isAlone ? '4 3' : undefined}
      />
      {at && at.row > 0 && (
        <path
          d={`M${String(x + width / 2)} ${String(top + height)}V${String(nameTop(top, height, at) + 3)}`}
          stroke="var(--rule)"
        />
      )}
    </g>
  );
}

const nameTop = (top: number, height: number, at: PlacedName) => top + height + at.row * NAME_ROW - 15;

/** Names are drawn over all lines, on the colour of the page. */
function Name({ name, top, height, at }: Pick<BarProps, 'name' | 'top' | 'height' | 'at'>) {
  if (!at) return null;
  const isBelow = at.row > 0;
  const y = isBelow ? nameTop(top, height, at) + 12 : top + height / 2 + 5;
  return (
    <>
      {isBelow && <rect x={at.x - 1} y={y - 12} width={textWidth(name)} height={15} fill="var(--page)" />}
      <text x={at.x} y={y} fontSize={13} fontWeight={600} fill="var(--ink)">
        {name}
      </text>
    </>
  );
}
