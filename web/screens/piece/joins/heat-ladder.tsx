// The heat ladder: the melting range of each metal as a band, the flow point of each join as a rung, in order. Drag a
// rung along the scale, or use the arrow keys, to choose the next solder of its family.
import { clsx } from 'clsx';
import { scaleLinear } from 'd3';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { familyTints } from '../../../../core/metal/alloy.ts';
import type { Alloy } from '../../../../core/metal/alloys.ts';
import { type Solder, solders } from '../../../../core/metal/solders.ts';
import { degrees, degreeUnit, showTemperature } from '../../../../core/metal/temperatures.ts';
import { gradeName } from '../../../../core/piece/checks/solder-order.ts';
import { isAlongSeam } from '../../../../core/piece/join.ts';
import { membersOf } from '../../../../core/piece/scope.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { words } from '../../../words/piece.ts';
import { alloyInText } from '../../../words/stock-words.ts';
import type { Margin } from '../piece-context.ts';

const WIDTH = 762;
const LABELS = 190;
const ROW = 25;
const BAND = 34;
const HEAD = 20;
const RUNG = 30;
/** Room left of the lowest and right of the highest temperature, °C. */
const ROOM_C = { below: 60, above: 60 } as const;

interface Rung {
  readonly id: string;
  readonly name: string;
  readonly number: number;
  readonly flowC: number;
  readonly solder: Solder;
  readonly amount: string;
  readonly isOut: boolean;
}

interface HeatLadderProps {
  readonly count: PieceCount;
  readonly margin: Margin;
  readonly onSolder: (join: string, solder: string) => void;
}

export function HeatLadder({ count, margin, onSolder }: HeatLadderProps) {
  const rungs = rungsOf(count, margin);
  const bands = metalsOf(count);
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<{ id: string; solder: Solder } | null>(null);
  if (rungs.length === 0) return null;
  const temperatures = [...rungs.map(({ flowC }) => flowC), ...bands.flatMap(({ from, to }) => [from, to])];
  const x = scaleLinear(
    [Math.min(...temperatures) - ROOM_C.below, Math.max(...temperatures) + ROOM_C.above],
    [LABELS, WIDTH - 8],
  );
  const top = HEAD + bands.length * BAND;
  const height = top + rungs.length * ROW + 6;
  const shown = rungs.map((rung) =>
    held?.id === rung.id ? { ...rung, solder: held.solder, flowC: held.solder.flowC } : rung,
  );

  // The solder of the family whose flow point is nearest to the pointer.
  const under = (event: PointerEvent, { solder }: Rung): Solder => {
    const box = svg.current?.getBoundingClientRect();
    const at = box ? x.invert(((event.clientX - box.left) / box.width) * WIDTH) : solder.flowC;
    return kindred(solder).reduce(
      (best, each) => (Math.abs(each.flowC - at) < Math.abs(best.flowC - at) ? each : best),
      solder,
    );
  };

  return (
    <svg
      ref={svg}
      className="ladder mt-1"
      viewBox={`0 0 ${String(WIDTH)} ${String(height)}`}
      width="100%"
      role="group"
      aria-label={words.heatLadderWhereEachJoin}
    >
      {x.ticks(6).map((tick, index) => (
        <g key={tick} transform={`translate(${String(x(tick))} 0)`}>
          <line y1={HEAD - 4} y2={height} stroke="var(--hair)" />
          <text y={12} textAnchor="middle" className="ladder-text fill-soft">
            {index === 0 ? `${degrees(tick)} ${degreeUnit()}` : degrees(tick)}
          </text>
        </g>
      ))}
      {bands.map(({ alloy, from, to }, index) => (
        <g key={alloy.id} transform={`translate(0 ${String(HEAD + index * BAND)})`}>
          <rect
            x={x(from)}
            width={Math.max(3, x(to) - x(from))}
            height={10}
            fill={`var(--${familyTints[alloy.family]})`}
            stroke="var(--metal-line)"
            strokeWidth={0.7}
          />
          <text {...bandText(x(from), x(to))} y={25} className="ladder-text">
            {alloyInText(alloy)} melts {from === to ? `at ${degrees(from)}` : `${degrees(from)} to ${degrees(to)}`}
          </text>
        </g>
      ))}
      {shown.map((rung, index) => {
        const y = top + index * ROW + 14;
        const before = shown[index - 1];
        const goesUp = rung.isOut;
        return (
          <g key={rung.id}>
            {before && (
              <line
                x1={x(before.flowC)}
                y1={y - ROW}
                x2={x(rung.flowC)}
                y2={y}
                stroke={goesUp ? 'var(--warn)' : 'var(--rule)'}
                strokeDasharray="2 3"
              />
            )}
            <text x={0} y={y + 4} className={clsx('ladder-text', goesUp && 'ladder-out')}>
              {rung.number} {short(rung.name)}
            </text>
            <g
              tabIndex={0}
              role="slider"
              className="ladder-rung"
              aria-label={`${rung.name || words.join}: flow point`}
              aria-valuemin={Math.min(...kindred(rung.solder).map(({ flowC }) => flowC))}
              aria-valuemax={Math.max(...kindred(rung.solder).map(({ flowC }) => flowC))}
              aria-valuenow={rung.flowC}
              aria-valuetext={`${gradeName(rung.solder)}, ${showTemperature(rung.flowC)}`}
              onKeyDown={(event) => {
                const next = neighbour(rung.solder, event);
                if (next) onSolder(rung.id, next.id);
              }}
              onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId);
                setHeld({ id: rung.id, solder: rung.solder });
              }}
              onPointerMove={(event) => held?.id === rung.id && setHeld({ id: rung.id, solder: under(event, rung) })}
              onPointerUp={(event) => {
                if (held?.id !== rung.id) return;
                const dropped = under(event, rung);
                setHeld(null);
                const was = rungs[index];
                if (was && dropped.id !== was.solder.id) onSolder(rung.id, dropped.id);
              }}
            >
              <rect x={x(rung.flowC) - RUNG / 2 - 4} y={y - 11} width={RUNG + 8} height={22} fill="transparent" />
              <rect
                x={x(rung.flowC) - RUNG / 2}
                y={y - 2}
                width={RUNG}
                height={4}
                rx={1}
                fill={goesUp ? 'var(--warn)' : 'var(--ink)'}
              />
            </g>
            <text
              x={x(rung.flowC) + (x(rung.flowC) > WIDTH * 0.7 ? -RUNG : RUNG / 2 + 8)}
              y={y + 4}
              textAnchor={x(rung.flowC) > WIDTH * 0.7 ? 'end' : 'start'}
              className={clsx('ladder-text', goesUp && 'ladder-out')}
            >
              {gradeName(rung.solder)}, {rung.flowC}
              {rung.amount && `, ${rung.amount}`}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function bandText(from: number, to: number): { x: number; textAnchor: 'start' | 'middle' | 'end' } {
  const middle = (from + to) / 2;
  if (middle > WIDTH - 130) return { x: WIDTH - 8, textAnchor: 'end' };
  return middle < LABELS + 110 ? { x: from, textAnchor: 'start' } : { x: middle, textAnchor: 'middle' };
}

function short(name: string): string {
  const text = name.trim() || 'a join';
  return text.length > 24 ? `${text.slice(0, 23)}…` : text;
}

function rungsOf({ recipe, joins }: PieceCount, margin: Margin): Rung[] {
  return recipe.piece.joins.flatMap((join, index): Rung[] => {
    const { solder, flow } = joins[index] ?? {};
    if (!solder || !flow) return [];
    const isOut = margin.at(join.id).some(({ rule, known }) => rule === 'solder-order' && known === null);
    const amount = {
      snippets: 'pallions',
      seam: 'seam',
      'seam-snippets': 'pallions along',
      beads: 'beads',
      sweat: 'sweated',
    }[join.form];
    const words =
      join.amount.trim() &&
      (isAlongSeam(join) || join.form === 'sweat'
        ? `${amount} ${join.amount}`
        : `${join.amount} ${join.amount.trim() === '1' ? amount.slice(0, -1) : amount}`);
    return [{ id: join.id, name: join.name, number: index + 1, flowC: flow.value, solder, amount: words, isOut }];
  });
}

// The metals that are heated, each once, lowest first.
function metalsOf({ recipe, parts }: PieceCount): { alloy: Alloy; from: number; to: number }[] {
  const { piece } = recipe;
  const heated = new Set(
    piece.joins
      .filter(({ kind }) => kind === 'solder')
      .flatMap((join) => join.parts.flatMap((id) => membersOf(id, piece))),
  );
  const alloys = new Map<string, Alloy>();
  piece.parts.forEach(({ id }, index) => {
    const alloy = parts[index]?.alloy;
    if (alloy && heated.has(id)) alloys.set(alloy.id, alloy);
  });
  return [...alloys.values()]
    .flatMap((alloy) =>
      alloy.solidusC === null || alloy.liquidusC === null ? [] : [{ alloy, from: alloy.solidusC, to: alloy.liquidusC }],
    )
    .toSorted((a, b) => a.from - b.from);
}

/** Solders of the same family and form, from the lowest flow point up. */
function kindred(solder: Solder): Solder[] {
  return solders
    .filter(({ family, form, cadmiumFree }) => family === solder.family && form === solder.form && cadmiumFree)
    .toSorted((a, b) => a.flowC - b.flowC);
}

function neighbour(solder: Solder, event: KeyboardEvent): Solder | undefined {
  const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
  if (!step || event.altKey) return undefined;
  event.preventDefault();
  const all = kindred(solder);
  return all[all.findIndex(({ id }) => id === solder.id) + step];
}
