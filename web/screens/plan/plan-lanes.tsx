// The plan as lanes over the days: makers above, stations below. Bars are moved by drag or by keyboard.
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { PlanBlock, StudioPlan } from '../../../core/plan/studio/studio-plan.ts';
import { words } from '../../words/plan.ts';
import type { Axis } from './axis.ts';
import { HEAD, heightOf, LANE, type Lane, STATION, type Tops, topsOf } from './lane-tops.ts';
import { Backdrop, type Due, DueFlag } from './plan-backdrop.tsx';
import { Bars, blockKey, Ghost, Names, type Trial } from './plan-bars.tsx';

/** Drawn beyond the visible part, so that scrolling does not show the edge. */
const AHEAD_PX = 600;
const STEP_MIN = 5;

interface PlanLanesProps {
  readonly plan: StudioPlan;
  readonly axis: Axis;
  readonly lanes: readonly Lane[];
  readonly dues: readonly Due[];
  readonly tints: ReadonlyMap<string, number>;
  readonly nameOf: (batch: string) => string;
  /** Whether names stand below the bars: not where a day is narrow. */
  readonly hasNames: boolean;
  readonly selected: PlanBlock | null;
  readonly trial: Trial | null;
  readonly onSelect: (block: PlanBlock) => void;
  readonly onTry: (trial: Trial | null) => void;
  /** Moves a bar to where it was tried. */
  readonly onPut: (trial: Trial) => void;
  readonly onLetGo: (block: PlanBlock) => void;
}

export function PlanLanes(props: PlanLanesProps) {
  const { plan, axis, lanes, dues, tints, nameOf, hasNames, selected, trial, onSelect, onTry, onPut, onLetGo } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState<readonly [number, number]>([0, 1600]);
  const tops = useMemo(() => topsOf(lanes, hasNames), [lanes, hasNames]);
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
  const byName = useMemo(() => new Map(plan.blocks.map((block) => [blockKey(block), block])), [plan]);
  const blockAt = ({ target }: React.SyntheticEvent) =>
    target instanceof Element
      ? byName.get(target.closest('[data-block]')?.getAttribute('data-block') ?? '')
      : undefined;
  // Only a moving pointer chooses a bar: a better plan may put another bar under a resting one, and a trial must not
  // end for it.
  const point = (event: React.PointerEvent) => {
    const block = blockAt(event);
    if (block && !trial) onSelect(block);
  };
  // One drag handler for all bars; the element under the pointer names the bar.
  const grips = {
    onPointerDown: (event: React.PointerEvent) => {
      const block = blockAt(event);
      if (!block || !(event.target instanceof Element)) return;
      event.target.closest('[data-block]')?.setPointerCapture(event.pointerId);
      held.current = { block, x: event.clientX, y: event.clientY, moved: false };
      onSelect(block);
    },
    onPointerMove: (event: React.PointerEvent) => {
      const grip = held.current;
      if (!grip) point(event);
      if (!grip || grip.block.state === 'started') return;
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
    onFocus: (event: React.FocusEvent) => {
      const block = blockAt(event);
      if (block) onSelect(block);
    },
    onKeyDown: (event: React.KeyboardEvent) => {
      const block = blockAt(event);
      if (block) byKey(event, block);
    },
  };
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
              height: heightOf(lane, hasNames),
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
        aria-label={words.lanesOfThePlan}
      >
        <svg width={Math.max(axis.width + 30, 200)} height={height} className="block touch-pan-x select-none">
          <Backdrop axis={axis} height={height} firstDay={plan.firstDay} now={plan.now} />
          {dues.map((due) => (
            <DueFlag key={due.batch} due={due} x={axis.x(due.at)} height={height} />
          ))}
          <Names blocks={plan.blocks} axis={axis} tops={tops} from={from} to={to} />
          <g {...grips}>
            <Bars
              blocks={plan.blocks}
              axis={axis}
              tops={tops}
              tints={tints}
              nameOf={nameOf}
              from={from}
              to={to}
              selected={selected ? blockKey(selected) : ''}
              tried={trial ? blockKey(trial.block) : ''}
            />
          </g>
          {trial && <Ghost trial={trial} axis={axis} tops={tops} />}
        </svg>
      </div>
    </div>
  );
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
