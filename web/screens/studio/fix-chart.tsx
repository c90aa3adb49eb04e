// The price of one metal over time, one dot an entry; the last entry of a day holds.
import { extent, line, scaleLinear, scaleTime } from 'd3';
import { useState } from 'react';
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords, shortDay } from '../../../core/format/days.ts';
import { finePrice, type FixMetal, fixMetalNames, fixMetals } from '../../../core/metal/fine-price.ts';
import { type Fix } from '../../../core/metal/fix.ts';
import { Choice } from '../../components/choice.tsx';
import { words } from '../../words/studio.ts';

const WIDTH = 400;
const HEIGHT = 130;
const EDGE = { left: 8, right: 54, top: 14, bottom: 22 };

export function FixChart({ fixes }: { fixes: readonly Fix[] }) {
  const metals = fixMetals.filter((metal) => fixes.filter((fix) => fix.prices[metal]).length > 1);
  const [chosen, setChosen] = useState<FixMetal | ''>('');
  const metal = metals.find((one) => one === chosen) ?? metals[0];
  if (!metal) return null;
  // Latest first, and within a day the last entry first: the first one of a day is the one that holds.
  const seen = new Set<string>();
  const points = fixes
    .flatMap((fix) => {
      const price = finePrice(fix, metal);
      if (!price || seen.has(fix.on)) return [];
      seen.add(fix.on);
      return [{ on: fix.on, at: new Date(`${fix.on}T12:00:00`), price, source: fix.source }];
    })
    .reverse();
  const [least = 0, most = 1] = extent(points, ({ price }) => price.value);
  const first = points[0];
  const last = points.at(-1);
  if (!first || !last) return null;
  const x = scaleTime([first.at, last.at], [EDGE.left, WIDTH - EDGE.right]);
  const y = scaleLinear([least, Math.max(most, least + 1)], [HEIGHT - EDGE.bottom, EDGE.top]);
  const path = line<(typeof points)[number]>(
    ({ at }) => x(at),
    ({ price }) => y(price.value),
  )(points);
  return (
    <section aria-labelledby="fix-chart" className="mt-6">
      <div className="flex items-baseline justify-between">
        <h2 id="fix-chart">{words.metalPriceHistoryPerGram}</h2>
        <Choice
          value={metal}
          options={metals.map((value) => ({ value, label: fixMetalNames[value] }))}
          label={words.metal}
          onChange={(value) => setChosen(value as FixMetal)}
        />
      </div>
      <svg
        width="100%"
        viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
        className="mt-1 text-[13px]"
        role="img"
        aria-label={`Prices of ${fixMetalNames[metal]} from ${dayInWords(first.on)} to ${dayInWords(last.on)}`}
      >
        <path d={path ?? ''} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
        {points.map(({ on, at, price, source }) => (
          <circle
            key={on}
            cx={x(at)}
            cy={y(price.value)}
            r={3.5}
            fill="var(--page)"
            stroke="var(--ink)"
            strokeWidth={1.5}
          >
            <title>{`${dayInWords(on)}: ${showValue(price.value, price.unit)}, ${source}`}</title>
          </circle>
        ))}
        <path
          d={`M${String(x(last.at))} ${String(EDGE.top - 8)}V${String(HEIGHT - EDGE.bottom + 4)}`}
          stroke="var(--noon)"
          strokeWidth={2}
        />
        <text x={x(last.at) + 8} y={y(last.price.value) + 5} fill="var(--ink)" className="num">
          {showValue(last.price.value, last.price.unit)}
        </text>
        <text x={EDGE.left} y={HEIGHT - 4} fill="var(--soft)">
          {shortDay(first.on)}, {showValue(first.price.value, first.price.unit)}
        </text>
        <text x={WIDTH - EDGE.right} y={HEIGHT - 4} textAnchor="end" fill="var(--soft)">
          {shortDay(last.on)}
        </text>
      </svg>
    </section>
  );
}
