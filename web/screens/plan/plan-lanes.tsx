// The plan as lanes over the days: makers above, stations below; a bar is moved by dragging it or by keys.
import { memo, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { dayAfter } from '../../../core/measure/days.ts';
import { clockOf, MINUTES_A_DAY } from '../../../core/plan/calendar.ts';
import type { PlanBlock, StudioPlan } from '../../../core/plan/studio-plan.ts';
import { dayInWords } from '../../app/dates.ts';
import { fitted } from '../../parts/fitted.ts';
import type { Axis } from './axis.ts';

const HEAD = 46;
const LANE = 40;
const STATION = 26;
/** Drawn beyond what is in sight, so that scrolling does not show the edge. */
const AHEAD_PX = 600;
/** Narrower bars have no words in them. */
const LEAST_WORDS_PX = 34;
const STEP_MIN = 5;

export interface Due {
  readonly batch: string;
  readonly name: string;
  /** Plan minute. */
  readonly at: number;
  readonly isLate: boolean;
}

export interface Lane {
  readonly kind: 'maker' | 'station';
  readonly id: string;
  readonly name: string;
}

/** A place a block is tried at. */
export interface Trial {
  readonly block: PlanBlock;
  readonly maker: string | null;
  readonly start: number;
}

interface PlanLanesProps {
  readonly plan: StudioPlan;
  readonly axis: Axis;
  readonly lanes: readonly Lane[];
  readonly dues: readonly Due[];
  readonly tintOf: (batch: string) => number;
  readonly nameOf: (batch: string) => string;
  readonly selected: PlanBlock | null;
  readonly trial: Trial | null;
  readonly onSelect: (block: PlanBlock) => void;
  readonly onTry: (trial: Trial | null) => void;
  /** Puts a block where it was tried. */
  readonly onPut: (trial: Trial) => void;
  readonly onLetGo: (block: PlanBlock) => void;
}

export function PlanLanes(props: PlanLanesProps) {
  const { plan, axis, lanes, dues, tintOf, nameOf, selected, trial, onSelect, onTry, onPut, onLetGo } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState<readonly [number, number]>([0, 1600]);
  const tops = useMemo(() => topsOf(lanes), [lanes]);
  const height = HEAD + tops.height + 10;
  const look = () => {
    const { scrollLeft = 0, clientWidth = 1200 } = scroller.current ?? {};
    setSeen((before) =>
      Math.abs(before[0] - scrollLeft) < AHEAD_PX / 2 && before[1] === clientWidth ? before : [scrollLeft, clientWidth],
    );
  };
  useLayoutEffect(look, [axis]);
  const [from, to] = [seen[0] - AHEAD_PX, seen[0] + seen[1] + AHEAD_PX];
  const held = useRef<{ block: PlanBlock; x: number; y: number; moved: boolean } | null>(null);

  const tryAt = (event: React.PointerEvent): Trial | null => {
    const grip = held.current;
    if (!grip) return null;
    const x = axis.x(grip.block.start) + event.clientX - grip.x;
    const start = Math.round(axis.minuteAt(x) / STEP_MIN) * STEP_MIN;
    const lane = laneAt(lanes, tops, event, scroller.current);
    const maker = lane?.kind === 'maker' && grip.block.maker !== null ? lane.id : grip.block.maker;
    return { block: grip.block, maker, start: Math.max(plan.now, start) };
  };
  const grips = (block: PlanBlock) => ({
    onPointerDown: (event: React.PointerEvent) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      held.current = { block, x: event.clientX, y: event.clientY, moved: false };
      onSelect(block);
    },
    onPointerMove: (event: React.PointerEvent) => {
      const grip = held.current;
      if (!grip || block.state === 'started') return;
      if (!grip.moved && Math.hypot(event.clientX - grip.x, event.clientY - grip.y) < 4) return;
      grip.moved = true;
      onTry(tryAt(event));
    },
    onPointerUp: (event: React.PointerEvent) => {
      const put = held.current?.moved ? tryAt(event) : null;
      held.current = null;
      if (put) onPut(put);
    },
    onPointerCancel: () => {
      held.current = null;
      onTry(null);
    },
    onFocus: () => onSelect(block),
    // What is carried or tried is not left for what the pointer crosses.
    onPointerEnter: () => {
      if (!held.current && !trial) onSelect(block);
    },
    onKeyDown: (event: React.KeyboardEvent) => byKey(event, block),
  });
  const byKey = (event: React.KeyboardEvent, block: PlanBlock) => {
    const here: Trial = trial?.block === block ? trial : { block, maker: block.maker, start: block.start };
    const step = event.shiftKey ? 60 : 15;
    const makers = lanes.filter(({ kind }) => kind === 'maker');
    const at = makers.findIndex(({ id }) => id === here.maker);
    const onto = (by: number) => makers[Math.max(0, Math.min(makers.length - 1, at + by))]?.id ?? here.maker;
    const moves: Readonly<Record<string, () => void>> = {
      ArrowLeft: () => onTry({ ...here, start: Math.max(plan.now, here.start - step) }),
      ArrowRight: () => onTry({ ...here, start: here.start + step }),
      ArrowUp: () => onTry({ ...here, maker: at < 0 ? here.maker : onto(-1) }),
      ArrowDown: () => onTry({ ...here, maker: at < 0 ? here.maker : onto(1) }),
      Enter: () => trial && onPut(trial),
      Escape: () => onTry(null),
      Delete: () => onLetGo(block),
      Backspace: () => onLetGo(block),
    };
    const move = moves[event.key];
    if (!move || block.state === 'started') return;
    event.preventDefault();
    move();
  };

  return (
    <div className="mt-2 flex">
      <div className="w-[84px] shrink-0" style={{ paddingTop: HEAD }}>
        {lanes.map((lane) => (
          <p
            key={`${lane.kind} ${lane.id}`}
            className={lane.kind === 'maker' ? 'text-[14px] font-[650]' : 'text-[13px] text-soft'}
            style={{
              height: lane.kind === 'maker' ? LANE : STATION,
              lineHeight: `${String(lane.kind === 'maker' ? LANE : STATION)}px`,
            }}
          >
            {lane.name}
          </p>
        ))}
      </div>
      <div
        ref={scroller}
        className="min-w-0 flex-1 overflow-x-auto"
        onScroll={look}
        role="group"
        aria-label="Lanes of the plan"
      >
        <svg width={Math.max(axis.width + 30, 200)} height={height} className="block touch-pan-x select-none">
          <Backdrop axis={axis} height={height} firstDay={plan.firstDay} now={plan.now} />
          {dues.map((due) => (
            <DueFlag key={due.batch} due={due} x={axis.x(due.at)} height={height} />
          ))}
          {plan.blocks.map((block) => {
            const [left, right] = [axis.x(block.start), axis.x(block.end)];
            if (right < from || left > to) return null;
            return (
              <g
                key={`${block.batch} ${block.step.key}`}
                {...grips(block)}
                tabIndex={0}
                role="button"
                aria-label={labelOf(block, nameOf)}
                className="cursor-grab outline-none"
              >
                <Block
                  block={block}
                  axis={axis}
                  tops={tops}
                  tint={tintOf(block.batch)}
                  name={nameOf(block.batch)}
                  isSelected={selected?.batch === block.batch && selected.step.key === block.step.key}
                  isDim={trial?.block === block}
                />
              </g>
            );
          })}
          {trial && <Ghost trial={trial} axis={axis} tops={tops} />}
        </svg>
      </div>
    </div>
  );
}

interface Tops {
  readonly of: ReadonlyMap<string, number>;
  readonly height: number;
}

function topsOf(lanes: readonly Lane[]): Tops {
  const of = new Map<string, number>();
  let top = 0;
  for (const lane of lanes) {
    of.set(`${lane.kind} ${lane.id}`, top);
    top += lane.kind === 'maker' ? LANE : STATION;
  }
  return { of, height: top };
}

function laneAt(
  lanes: readonly Lane[],
  tops: Tops,
  event: React.PointerEvent,
  scroller: HTMLElement | null,
): Lane | undefined {
  const y = event.clientY - (scroller?.getBoundingClientRect().top ?? 0) - HEAD;
  return lanes.findLast((lane) => (tops.of.get(`${lane.kind} ${lane.id}`) ?? 0) <= y);
}

const labelOf = ({ step, batch, start }: PlanBlock, nameOf: (batch: string) => string) =>
  `${step.name} of ${nameOf(batch)}, from ${clockOf(start)}`;

const Backdrop = memo(function Backdrop({
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
                    {hour}
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

function DueFlag({ due: { name, isLate }, x, height }: { due: Due; x: number; height: number }) {
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

interface BlockProps {
  readonly block: PlanBlock;
  readonly axis: Axis;
  readonly tops: Tops;
  readonly tint: number;
  readonly name: string;
  readonly isSelected: boolean;
  readonly isDim: boolean;
}

/** Hands in the maker's lane, stretch by stretch; in the station's lane as long as it is held. */
const Block = memo(function Block({ block, axis, tops, tint, name, isSelected, isDim }: BlockProps) {
  const lane = block.maker === null ? undefined : tops.of.get(`maker ${block.maker}`);
  const station = tops.of.get(`station ${block.step.station}`);
  const label = `${block.step.name}, ${name}`;
  return (
    <g opacity={isDim ? 0.4 : 1}>
      <title>{`${label}, ${clockOf(block.start)} to ${clockOf(block.end)}`}</title>
      {lane !== undefined &&
        block.hands.map(([begin, end]) => {
          const x = axis.x(begin);
          const width = Math.max(1.5, axis.x(end) - x - 1);
          return (
            <g key={begin}>
              <rect
                className={`tint-${String(tint)}`}
                x={x}
                y={HEAD + lane + 3}
                width={width}
                height={LANE - 8}
                strokeWidth={isSelected ? 2.6 : block.state ? 2 : 1}
              />
              {width > LEAST_WORDS_PX && (
                <text x={x + 4} y={HEAD + lane + LANE / 2 + 3} fontSize={13} fill="var(--ink)" pointerEvents="none">
                  {fitted(block.state === 'pinned' ? `pinned: ${label}` : label, width)}
                </text>
              )}
            </g>
          );
        })}
      {station !== undefined && block.end > block.start && (
        <>
          <rect
            className={`tint-${String(tint)}`}
            x={axis.x(block.start)}
            y={HEAD + station + 4}
            width={Math.max(1, axis.x(block.attendedEnd) - axis.x(block.start))}
            height={STATION - 9}
            strokeWidth={isSelected ? 2.4 : 0.8}
          />
          {block.end > block.attendedEnd && (
            <rect
              className={`tint-${String(tint)}`}
              x={axis.x(block.attendedEnd)}
              y={HEAD + station + 4}
              width={Math.max(1.5, axis.x(block.end) - axis.x(block.attendedEnd) - 1)}
              height={STATION - 9}
              strokeWidth={isSelected ? 2.4 : 1}
              strokeDasharray="4 3"
              fillOpacity={0.4}
            />
          )}
        </>
      )}
    </g>
  );
});

function Ghost({ trial: { block, maker, start }, axis, tops }: { trial: Trial; axis: Axis; tops: Tops }) {
  const lane = maker === null ? tops.of.get(`station ${block.step.station}`) : tops.of.get(`maker ${maker}`);
  const length = block.step.attendedMin > 0 ? block.step.attendedMin : block.end - block.start;
  const x = axis.x(start);
  return (
    <g pointerEvents="none">
      <rect
        x={x}
        y={HEAD + (lane ?? 0) + 1}
        width={Math.max(4, axis.x(start + length) - x)}
        height={(maker === null ? STATION : LANE) - 4}
        fill="none"
        stroke="var(--act)"
        strokeWidth={2.5}
        strokeDasharray="6 3"
      />
      <text x={x} y={HEAD + (lane ?? 0) - 2} fontSize={13} fontWeight={650} fill="var(--act)">
        {clockOf(start)}
      </text>
    </g>
  );
}
