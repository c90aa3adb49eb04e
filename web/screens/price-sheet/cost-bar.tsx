// The cost as a stacked bar; its lines are named beside it as in the table.
import { cumsum, scaleLinear } from 'd3';
import { type CostShare, costShares } from '../../../core/cost/cost-shares.ts';
import { showFigure, showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import { costFills } from '../../components/cost-fills.ts';
import { costName } from '../../words/cost-words.ts';
import { words } from '../../words/price-sheet.ts';

const HEIGHT = 190;
const BAR = 54;
const LINE = 18;

interface Placed extends CostShare {
  readonly top: number;
  readonly bottom: number;
  readonly middle: number;
}

export function CostBar({ count: { column } }: { count: PieceCount }) {
  const { cost } = column;
  const shares = costShares(column);
  if (shares.length === 0) return null;
  const ends = cumsum(shares, ({ amount }) => amount);
  const y = scaleLinear([0, ends.at(-1) ?? 1], [0, HEIGHT]);
  // Names stand beside the middle of their share, and are moved apart where shares are thin.
  const lines = shares
    .map((share, index) => ({ ...share, top: y(ends[index - 1] ?? 0), bottom: y(ends[index] ?? 0) }))
    .reduce<readonly Placed[]>((placed, share) => {
      const middle = Math.max((share.top + share.bottom) / 2, (placed.at(-1)?.middle ?? -Infinity) + LINE);
      return [...placed, { ...share, middle }];
    }, []);
  const over = Math.max(0, (lines.at(-1)?.middle ?? 0) + 10 - HEIGHT);
  return (
    <section aria-labelledby="cost">
      <h2 id="cost">Cost, {showFigure(cost)}</h2>
      <svg
        width="100%"
        viewBox={`0 0 400 ${String(HEIGHT + over + 4)}`}
        className="mt-2 text-[14px]"
        role="img"
        aria-label={words.costByWhatItIs}
      >
        {lines.map(({ key, isNet, amount, top, bottom, middle }) => (
          <g key={key}>
            <rect
              x={0}
              y={top}
              width={BAR}
              height={Math.max(0.5, bottom - top)}
              fill={costFills[key]}
              stroke="var(--page)"
            />
            <path
              d={`M${String(BAR + 2)} ${String((top + bottom) / 2)}L${String(BAR + 18)} ${String(middle)}`}
              stroke="var(--rule)"
            />
            <text x={BAR + 24} y={middle + 5} fill="var(--ink)">
              {isNet ? words.metalLessScrap : costName(key)}
            </text>
            <text x={330} y={middle + 5} textAnchor="end" fill="var(--ink)" className="num">
              {showValue(amount, cost.unit)}
            </text>
            <text x={398} y={middle + 5} textAnchor="end" fill="var(--soft)" className="num">
              {showNumber((amount / cost.value) * 100, 0)} %
            </text>
          </g>
        ))}
      </svg>
    </section>
  );
}
