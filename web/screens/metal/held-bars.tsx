// Where the fine metal is, as one bar to scale. Each part has a hatching of its own, so that it reads without colour.
import { scaleLinear } from 'd3';
import type { fineHeld } from '../../../core/account/balance.ts';
import type { FineMetal } from '../../../core/account/entry.ts';
import { type HeldKind, heldKinds } from '../../../core/account/place.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { fixMetalNames } from '../../../core/metal/fine-price.ts';
import { heldWords } from '../../words/account.ts';

const WIDTH = 392;
const BAR = 16;

/** Angle and distance of the hatching, px; 0 for a full tone. */
const hatchings: Readonly<Record<Exclude<HeldKind, 'kept'>, readonly [number, number]>> = {
  stock: [0, 0],
  work: [45, 6],
  finished: [90, 5],
  jar: [135, 4],
  refiner: [0, 4],
};
const kinds = heldKinds.filter((kind): kind is keyof typeof hatchings => kind !== 'kept');

export function HeldBars({ metal, fine }: { metal: FineMetal; fine: ReturnType<typeof fineHeld> }) {
  const parts = kinds.map((kind) => ({ kind, mg: Math.max(0, fine[kind][metal]) })).filter(({ mg }) => mg > 0);
  const all = parts.reduce((sum, { mg }) => sum + mg, 0);
  if (all === 0) return null;
  const x = scaleLinear([0, all], [0, WIDTH]);
  const starts = parts.map((_, at) => parts.slice(0, at).reduce((sum, { mg }) => sum + mg, 0));
  const percent = (mg: number) => `${showNumber((100 * mg) / all, 0)} %`;
  const said = parts.map(({ kind, mg }) => `${heldWords[kind]} ${percent(mg)}`).join(', ');
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${String(WIDTH)} ${String(BAR + 22)}`}
      role="img"
      aria-label={`${fixMetalNames[metal]}: ${said}`}
      className="mt-3 text-[13px]"
    >
      <defs>
        {kinds.map((kind) => {
          const [angle, step] = hatchings[kind];
          return (
            <pattern
              key={kind}
              id={`hatch-${metal}-${kind}`}
              width={step || 4}
              height={step || 4}
              patternUnits="userSpaceOnUse"
              patternTransform={`rotate(${String(angle)})`}
            >
              <rect width={step || 4} height={step || 4} fill={step ? 'var(--page)' : 'var(--hands)'} />
              {step > 0 && <path d={`M0 0V${String(step)}`} stroke="var(--hands)" strokeWidth={2.4} />}
            </pattern>
          );
        })}
      </defs>
      {parts.map(({ kind, mg }, at) => (
        <g key={kind} transform={`translate(${String(x(starts[at] ?? 0))} 0)`}>
          <rect
            width={x(mg)}
            height={BAR}
            fill={`url(#hatch-${metal}-${kind})`}
            stroke="var(--ink)"
            strokeWidth={0.75}
          />
          {x(mg) > 62 && (
            <text x={2} y={BAR + 15} fill="var(--ink)">
              {heldWords[kind].split(' ')[0]} {percent(mg)}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
