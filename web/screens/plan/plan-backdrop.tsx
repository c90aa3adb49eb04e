// The background of the plan: days, hours, the noon line, now, and due dates.
import { memo } from 'react';
import { hourInFigures } from '../../../core/format/days.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { dayAfter, MINUTES_A_DAY } from '../../../core/measure/days.ts';
import type { Axis } from './axis.ts';
import { HEAD } from './lane-tops.ts';

export interface Due {
  readonly batch: string;
  readonly name: string;
  /** Plan minute. */
  readonly at: number;
  readonly isLate: boolean;
}

export const Backdrop = memo(function Backdrop({
  axis,
  height,
  firstDay,
  now,
}: {
  axis: Axis;
  height: number;
  firstDay: string;
  now: number;
}) {
  return (
    <g>
      {axis.days.map((day) => {
        const noon = day.day * MINUTES_A_DAY + 12 * 60;
        const hours = Array.from(
          { length: Math.max(0, (day.to - day.from) / 60 - 1) },
          (_, index) => day.from / 60 + index + 1,
        );
        const isWide = !day.isOff && day.width / Math.max(1, hours.length) > 24;
        return (
          <g key={day.day}>
            <rect
              x={day.x}
              y={HEAD - 6}
              width={day.width}
              height={height - HEAD + 6}
              fill={day.isOff ? 'var(--bench)' : 'none'}
              stroke="var(--hair)"
            />
            {!day.isOff && day.width > 70 && (
              <text x={day.x + 4} y={14} fontSize={14} fontWeight={650} fill="var(--ink)">
                {dayInWords(dayAfter(firstDay, day.day))}
              </text>
            )}
            {!day.isOff && day.width <= 70 && day.width > 20 && (
              <text x={day.x + 2} y={14} fontSize={13} fill="var(--ink)">
                {dayAfter(firstDay, day.day).slice(8)}
              </text>
            )}
            {isWide &&
              hours.map((hour) => (
                <g key={hour}>
                  <path
                    d={`M${String(axis.x(day.day * MINUTES_A_DAY + hour * 60))} ${String(HEAD - 6)}V${String(height)}`}
                    stroke="var(--hair)"
                  />
                  <text
                    x={axis.x(day.day * MINUTES_A_DAY + hour * 60)}
                    y={33}
                    fontSize={12.5}
                    textAnchor="middle"
                    fill="var(--soft)"
                    className="num"
                  >
                    {hourInFigures(hour)}
                  </text>
                </g>
              ))}
            {!day.isOff && day.from < 12 * 60 && day.to > 12 * 60 && (
              <path
                d={`M${String(axis.x(noon))} ${String(HEAD - 8)}V${String(height)}`}
                stroke="var(--noon)"
                strokeWidth={1.8}
              />
            )}
          </g>
        );
      })}
      <path
        d={`M${String(axis.x(now))} ${String(HEAD - 6)}V${String(height)}`}
        stroke="var(--ink)"
        strokeDasharray="2 3"
      />
    </g>
  );
});

export function DueFlag({ due: { name, isLate }, x, height }: { due: Due; x: number; height: number }) {
  const paint = isLate ? 'var(--stop)' : 'var(--soft)';
  return (
    <g pointerEvents="none">
      <title>{`${name} is due${isLate ? ' and late' : ''}`}</title>
      <path
        d={`M${String(x - 1)} ${String(HEAD - 8)}V${String(height)}`}
        stroke={paint}
        strokeDasharray={isLate ? undefined : '1 4'}
      />
      <path d={`M${String(x - 1)} ${String(HEAD - 8)}h-9l3 4l-3 4h9z`} fill={paint} />
    </g>
  );
}
