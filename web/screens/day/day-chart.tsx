// A day as a chart: a lane for the attended work of each maker, below it unattended work, and the noon line through
// both.
import { scaleLinear } from 'd3';
import { clockInWords } from '../../../core/format/days.ts';
import { MINUTES_A_DAY } from '../../../core/plan/model/calendar.ts';
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { DayHours, NoonLine, USUAL_DAY, wholeHours } from '../../components/day-hours.tsx';
import { fittedText } from '../../components/fitted-text.ts';
import { words } from '../../words/day.ts';

const WIDTH = 780;
const LABEL = 92;
const HEAD = 24;
const LANE = 58;
const ALONE = 46;

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
  const alone = blocks.filter(({ end, attendedEnd }) => end > attendedEnd && ofDay(end) > ofDay(attendedEnd));
  const stations = [...new Set(alone.map(({ step }) => step.station || 'elsewhere'))].sort();
  const aloneTop = HEAD + makers.length * LANE + 14;
  const height = aloneTop + stations.length * ALONE + 8;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
      className="mt-2"
      role="img"
      aria-label={words.chartOfTheDayThe}
    >
      <DayHours x={x} top={HEAD - 4} bottom={height} />
      {makers.map((maker, lane) => (
        <g key={maker.id} transform={`translate(0 ${String(HEAD + lane * LANE)})`}>
          <text y={28} fontSize={14} fontWeight={650} fill="var(--ink)">
            {maker.name}
          </text>
          {blocks
            .filter((block) => block.maker === maker.id)
            .flatMap((block) =>
              block.attended
                .filter(([begin, end]) => end > midnight && begin < midnight + MINUTES_A_DAY)
                .map(([begin, end], index) => (
                  <Bar
                    key={`${block.batch} ${block.step.key} ${String(index)}`}
                    x={x(ofDay(begin))}
                    width={x(ofDay(end)) - x(ofDay(begin))}
                    top={4}
                    height={44}
                    tint={tintOf(block.batch)}
                    isStarted={block.state === 'started'}
                    label={block.step.name}
                    under={nameOf(block.batch)}
                    times={`${clockInWords(ofDay(begin))} to ${clockInWords(ofDay(end))}`}
                  />
                )),
            )}
        </g>
      ))}
      {stations.length > 0 && <path d={`M0 ${String(aloneTop - 8)}H${String(WIDTH)}`} stroke="var(--rule)" />}
      {stations.map((station, lane) => (
        <g key={station} transform={`translate(0 ${String(aloneTop + lane * ALONE)})`}>
          <text y={15} fontSize={14} fill="var(--ink)">
            {station}
          </text>
          <text y={31} fontSize={13} fill="var(--soft)">
            {words.unattended}
          </text>
          {alone
            .filter(({ step }) => (step.station || 'elsewhere') === station)
            .map((block) => (
              <Bar
                key={`${block.batch} ${block.step.key}`}
                x={x(ofDay(block.attendedEnd))}
                width={x(ofDay(block.end)) - x(ofDay(block.attendedEnd))}
                top={4}
                height={34}
                tint={tintOf(block.batch)}
                isAlone
                label={nameOf(block.batch)}
                under={`until ${clockInWords(ofDay(block.end))}`}
                times={`${clockInWords(ofDay(block.attendedEnd))} to ${clockInWords(ofDay(block.end))}`}
              />
            ))}
        </g>
      ))}
      {now !== null && now > from && now < to && (
        <path
          d={`M${String(x(now))} ${String(HEAD - 4)}V${String(height)}`}
          stroke="var(--ink)"
          strokeDasharray="2 3"
        />
      )}
      <NoonLine x={x} top={HEAD - 6} bottom={height} />
    </svg>
  );
}

interface BarProps {
  readonly x: number;
  readonly width: number;
  readonly top: number;
  readonly height: number;
  readonly tint: number;
  readonly label: string;
  readonly under: string;
  readonly times: string;
  readonly isAlone?: boolean;
  readonly isStarted?: boolean;
}

function Bar({ x, width, top, height, tint, label, under, times, isAlone = false, isStarted = false }: BarProps) {
  const room = Math.max(2, width - 2);
  return (
    <svg x={x + 1} y={top} width={room} height={height}>
      <title>{`${label}, ${under}, ${times}`}</title>
      <rect
        className={`tint-${String(tint)}`}
        x={0.75}
        y={0.75}
        width={Math.max(0.5, room - 1.5)}
        height={height - 1.5}
        strokeWidth={isStarted ? 2.5 : 1.2}
        strokeDasharray={isAlone ? '4 3' : undefined}
        fillOpacity={isAlone ? 0.45 : 1}
      />
      <text x={6} y={height / 2 - 4} fontSize={13} fontWeight={600} fill="var(--ink)">
        {fittedText(label, room)}
      </text>
      <text x={6} y={height / 2 + 12} fontSize={12.5} fill="var(--ink)">
        {fittedText(under, room)}
      </text>
    </svg>
  );
}
