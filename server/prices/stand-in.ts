// The price stand-in: an invented daily series for each metal, the same on every machine, to try the app with before a
// real source takes its place. Nothing here is a market price.
import { minorDigits } from '../../core/figure/figure.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { normal, seeded } from '../../core/measure/random.ts';
import type { FixMetal } from '../../core/metal/fine-price.ts';
import type { PriceSource } from './price-source.ts';

/** Names the stand-in as the source of a price. */
export const STAND_IN = 'made-up prices of the stand-in';

/** Mean of each series, in no currency's money per troy ounce (copper: per kg), and its daily deviation. */
const walks = {
  Ag: { level: 28, step: 0.014, unit: 'ozt' },
  Au: { level: 2100, step: 0.008, unit: 'ozt' },
  Pt: { level: 930, step: 0.011, unit: 'ozt' },
  Pd: { level: 960, step: 0.016, unit: 'ozt' },
  Cu: { level: 8, step: 0.01, unit: 'kg' },
} as const satisfies Record<FixMetal, object>;

/** First day of the series; a series that reverts to its mean stays plausible for ever. */
const FIRST_DAY = '2024-01-01';
const PULL = 0.01;
/** No day of the series is farther from the first: twenty years. */
const MOST_DAYS = 7305;
const MS_PER_DAY = 86_400_000;

/** The price stand-in. */
export const standIn: PriceSource = {
  days(until, days, currency) {
    const metals = Object.keys(walks) as FixMetal[];
    const count = Math.min(dayNumber(until), MOST_DAYS) + 1;
    if (count < 1) return [];
    const series = new Map(metals.map((metal, index) => [metal, walk(walks[metal], count, index + 1)]));
    const places = minorDigits(currency) === 0 ? 0 : 2;
    return Array.from({ length: days }, (_, back) => dayAfter(until, -back))
      .filter((day) => dayNumber(day) >= 0 && dayNumber(day) < count && isMarketDay(day))
      .map((on) => ({
        on,
        currency,
        source: STAND_IN,
        prices: Object.fromEntries(
          metals.map((metal) => {
            const price = series.get(metal)?.[dayNumber(on)] ?? 0;
            return [metal, `${price.toFixed(places)} / ${walks[metal].unit}`];
          }),
        ),
      }));
  },
};

function walk({ level, step }: { level: number; step: number }, count: number, seed: number): number[] {
  const random = seeded(seed * 7919);
  let away = 0;
  return Array.from({ length: count }, () => {
    away += normal(random) * step - away * PULL;
    return level * Math.exp(away);
  });
}

const dayNumber = (day: string) => Math.round((Date.parse(day) - Date.parse(FIRST_DAY)) / MS_PER_DAY);

const isMarketDay = (day: string) => ![0, 6].includes(new Date(`${day}T12:00:00Z`).getUTCDay());
