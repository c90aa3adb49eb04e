// What moves the earnings most: each input 10 % lower and 10 % higher, the others unchanged.
import { extent, scaleLinear } from 'd3';
import { showValue } from '../../../core/figure/show.ts';
import { channelResult, costOfPiece } from '../../../core/price/piece/channels.ts';
import type { PieceCount } from '../../../core/price/piece/count-piece.ts';
import { sensitivity } from '../../../core/price/piece/sensitivity.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/price-sheet.ts';

const WIDTH = 400;
const ROW = 34;
const EDGE = { left: 74, right: 8, top: 24 };
const STEP = 0.1;

const names = { price: 'price', minutes: 'minutes', metal: 'metal' } as const;

export function Tornado({ count }: { count: PieceCount }) {
  const { rates } = useBasis();
  const { selling } = rates;
  const shop = selling.channels.find(({ kind }) => kind === 'wholesale') ?? selling.channels[0];
  if (!shop) return null;
  const result = channelResult(shop, count.prices, costOfPiece(count), selling.rule);
  const bars = sensitivity(count, result, selling.rule, STEP);
  const now = result.perHour;
  if (bars.length === 0 || !now) return null;
  const [least = 0, most = 1] = extent(bars.flatMap(({ lower, higher }) => [lower, higher, now.value]));
  const x = scaleLinear([least, most], [EDGE.left + 46, WIDTH - EDGE.right - 46]);
  const money = (value: number) => showValue(value, now.unit);
  return (
    <section aria-labelledby="moves" className="mt-6">
      <h2 id="moves">
        {words.whatAffectsEarningsPerHour} {shop.name.toLowerCase()}
      </h2>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(EDGE.top + bars.length * ROW + 4)}`}
        className="mt-1 text-[13px]"
        role="img"
        aria-label={words.earningsPerBenchHourWith}
      >
        <text x={x(now.value)} y={12} textAnchor="middle" fill="var(--ink)" className="num">
          {money(now.value)} {words.perHourNow}
        </text>
        {bars.map(({ what, lower, higher }, index) => {
          const y = EDGE.top + index * ROW;
          const [left, right] = lower < higher ? ['−10 %', '+10 %'] : ['+10 %', '−10 %'];
          const [from, to] = [Math.min(lower, higher), Math.max(lower, higher)];
          return (
            <g key={what}>
              <text x={0} y={y + 16} fill="var(--ink)" fontSize={15}>
                {names[what]}
              </text>
              <rect
                x={x(from)}
                y={y + 2}
                width={x(now.value) - x(from)}
                height={20}
                fill="var(--stop-wash)"
                stroke="var(--stop)"
              />
              <rect
                x={x(now.value)}
                y={y + 2}
                width={x(to) - x(now.value)}
                height={20}
                fill="var(--good-wash)"
                stroke="var(--good)"
              />
              <text x={x(from) - 4} y={y + 11} textAnchor="end" fill="var(--ink)" className="num">
                {money(from)}
              </text>
              <text x={x(from) - 4} y={y + 24} textAnchor="end" fill="var(--soft)">
                {left}
              </text>
              <text x={x(to) + 4} y={y + 11} fill="var(--ink)" className="num">
                {money(to)}
              </text>
              <text x={x(to) + 4} y={y + 24} fill="var(--soft)">
                {right}
              </text>
            </g>
          );
        })}
        <path
          d={`M${String(x(now.value))} 18V${String(EDGE.top + bars.length * ROW)}`}
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
      </svg>
    </section>
  );
}
