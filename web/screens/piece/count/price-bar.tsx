// Where the wholesale price goes, to scale.
import { cumsum, scaleLinear } from 'd3';
import { showValue } from '../../../../core/figure/show.ts';
import type { PieceCount } from '../../../../core/price/piece/count-piece.ts';
import { type PriceShare, priceShares } from '../../../../core/price/piece/shares.ts';
import { costFills } from '../../../components/cost-fills.ts';

const HEIGHT = 14;
const WIDTH = 392;

const fills = { ...costFills, left: 'var(--good-wash)' } as const satisfies Record<PriceShare['key'], string>;

export function PriceBar({ count }: { count: PieceCount }) {
  const shares = priceShares(count);
  const ends = cumsum(shares, ({ amount }) => amount.value);
  const x = scaleLinear([0, ends.at(-1) ?? 1], [0, WIDTH]);
  if (shares.length === 0) return null;
  return (
    <figure className="mt-2 mb-2">
      <svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
        preserveAspectRatio="none"
        aria-hidden="true"
      >
        {shares.map(({ key, amount }, index) => (
          <rect key={key} x={x(ends[index - 1] ?? 0)} width={x(amount.value)} height={HEIGHT} fill={fills[key]} />
        ))}
      </svg>
      <figcaption className="mt-1 flex flex-wrap gap-x-4 text-[13px] text-soft">
        {shares.map(({ key, amount }) => (
          <span key={key} className="flex items-center gap-[5px] whitespace-nowrap">
            <i className="inline-block size-[10px]" style={{ background: fills[key] }} />
            {amount.label} <span className="num">{showValue(amount.value, amount.unit)}</span>
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
