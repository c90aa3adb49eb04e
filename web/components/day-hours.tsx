// The hours of a day behind a chart, with the noon line.
import type { ScaleLinear } from 'd3';
import { hourInFigures } from '../../core/format/days.ts';

const NOON = 12 * 60;

interface HoursProps {
  /** Minutes of the day, whole hours at both ends. */
  readonly x: ScaleLinear<number, number>;
  readonly top: number;
  readonly bottom: number;
}

export function DayHours({ x, top, bottom }: HoursProps) {
  const [from = 0, to = 0] = x.domain();
  const hours = Array.from({ length: (to - from) / 60 + 1 }, (_, index) => from / 60 + index);
  return hours.map((hour) => (
    <g key={hour}>
      <path d={`M${String(x(hour * 60))} ${String(top)}V${String(bottom)}`} stroke="var(--hair)" />
      <text x={x(hour * 60)} y={13} textAnchor="middle" fontSize={13} fill="var(--soft)" className="num">
        {hourInFigures(hour)}
      </text>
    </g>
  ));
}

export function NoonLine({ x, top, bottom }: HoursProps) {
  return (
    <>
      <path d={`M${String(x(NOON))} ${String(top)}V${String(bottom)}`} stroke="var(--noon)" strokeWidth={2.4} />
      <circle cx={x(NOON)} cy={top + 1} r={4.5} fill="var(--noon)" />
    </>
  );
}

/** Whole hours that hold the working hours and all planned work of a day, minutes of the day. */
export function wholeHours(open: readonly [number, number], worked: readonly number[]): [number, number] {
  const [first, last] = [Math.min(open[0], ...worked), Math.max(open[1], ...worked)];
  return [Math.floor(first / 60) * 60, Math.ceil(last / 60) * 60];
}

/** Used when no hours are given. */
export const USUAL_DAY = [9 * 60, 17 * 60] as const;
