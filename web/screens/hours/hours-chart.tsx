// Hours of each day as a stacked bar, one colour a group.
import { scaleBand, scaleLinear } from 'd3';
import type { WorkedPage } from '../../../contract/bench.ts';
import { showHours } from '../../../core/figure/show.ts';
import { weekdayOf } from '../../../core/measure/days.ts';
import { weekdayNames } from '../../words/weekdays.ts';
import type { HoursGroup } from './group-hours.ts';

const [WIDTH, HEIGHT, LEFT, FOOT] = [720, 320, 34, 26];
const LEAST_HOURS = 4;

interface HoursChartProps {
  readonly groups: readonly HoursGroup[];
  readonly days: readonly string[];
  readonly dayOf: (row: WorkedPage) => string;
}

export function HoursChart({ groups, days, dayOf }: HoursChartProps) {
  const minutesOf = ({ rows }: HoursGroup, day: string) =>
    rows.reduce((sum, row) => sum + (dayOf(row) === day ? row.minutes : 0), 0);
  const totals = days.map((day) => groups.reduce((sum, group) => sum + minutesOf(group, day), 0));
  const most = Math.max(LEAST_HOURS, Math.ceil(Math.max(...totals) / 60));
  const x = scaleBand([...days], [LEFT, WIDTH]).padding(0.25);
  const y = scaleLinear([0, most], [HEIGHT - FOOT, 10]);
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className="mt-4 w-full"
      role="img"
      aria-label="Hours of each day; the table gives the same"
    >
      {y.ticks(5).map((hours) => (
        <g key={hours} transform={`translate(0 ${String(y(hours))})`}>
          <line x1={LEFT} x2={WIDTH} stroke="var(--hair)" />
          <text x={LEFT - 6} dy="0.32em" textAnchor="end" fontSize={13} fill="var(--soft)">
            {hours}
          </text>
        </g>
      ))}
      {days.map((day, at) => {
        let below = 0;
        return (
          <g key={day} transform={`translate(${String(x(day) ?? 0)} 0)`}>
            {groups.map((group) => {
              const minutes = minutesOf(group, day);
              if (minutes === 0) return null;
              const [top, foot] = [y((below + minutes) / 60), y(below / 60)];
              below += minutes;
              return (
                <rect
                  key={group.name}
                  y={top}
                  width={x.bandwidth()}
                  height={foot - top}
                  fill={`var(--tint-${group.tint})`}
                  stroke={`var(--tint-${group.tint}-line)`}
                >
                  <title>{`${group.name}, ${showHours(minutes)}`}</title>
                </rect>
              );
            })}
            {(totals[at] ?? 0) > 0 && (
              <text
                x={x.bandwidth() / 2}
                y={y((totals[at] ?? 0) / 60) - 6}
                textAnchor="middle"
                fontSize={13}
                fill="var(--ink)"
              >
                {showHours(totals[at] ?? 0)}
              </text>
            )}
            <text x={x.bandwidth() / 2} y={HEIGHT - 6} textAnchor="middle" fontSize={14} fill="var(--soft)">
              {(weekdayNames[weekdayOf(day)] ?? '').slice(0, 3)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
