// The likely result of a fair, with its break-even line.
import { scaleLinear } from 'd3';
import { showValue } from '../../../core/figure/show.ts';
import type { FairPlan } from '../../../core/price/fair/fair-plan.ts';
import { words } from '../../words/fairs.ts';

const WIDTH = 400;

export function FairRange({ plan: { range, costs } }: { plan: FairPlan }) {
  const { p10, p50, p90, chanceOfLoss } = range;
  const least = Math.min(p10, 0);
  const most = Math.max(p90, 0);
  const pad = (most - least) * 0.16 || 1;
  const x = scaleLinear([least - pad, most + pad], [0, WIDTH]);
  const money = (value: number) => showValue(value, costs.unit);
  return (
    <figure className="mt-4">
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} 60`}
        className="text-[13px]"
        role="img"
        aria-label={words.likelyResultOfTheFair}
      >
        <path d={`M0 30H${String(WIDTH)}`} stroke="var(--rule)" />
        <rect x={x(p10)} y={22} width={x(p90) - x(p10)} height={16} fill="var(--act-wash)" stroke="var(--act)" />
        <path d={`M${String(x(p50))} 19V41`} stroke="var(--ink)" strokeWidth={2} />
        <path d={`M${String(x(0))} 16V46`} stroke="var(--stop)" strokeDasharray="4 2" />
        <text x={x(p10)} y={13} textAnchor="middle" fill="var(--soft)" className="num">
          {money(p10)}
        </text>
        <text x={x(p50)} y={13} textAnchor="middle" fill="var(--ink)" className="num">
          {money(p50)}
        </text>
        <text x={x(p90)} y={13} textAnchor="middle" fill="var(--soft)" className="num">
          {money(p90)}
        </text>
        <text x={x(0)} y={57} textAnchor="middle" fill="var(--stop)">
          {words.breakEven}
        </text>
      </svg>
      <figcaption className="text-[15px]">
        {words.theLeftEndIsExceeded}{' '}
        {chanceOfLoss < 0.005
          ? words.aLossIsUnlikely
          : `About ${String(Math.round(chanceOfLoss * 100))} in 100 make a loss.`}
      </figcaption>
    </figure>
  );
}
