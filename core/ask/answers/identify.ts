// What is this? Finds the stock that fits a weighed length, the best fit first. Useful when the label is lost.
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { showNumber } from '../../format/numbers.ts';
import { gaugeMm, gaugeRange, gaugeSystemNames, gaugeText } from '../../measure/gauge.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import { massPerLength } from '../../stock/section.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { dimension } from '../units.ts';

/** Stock whose mass differs by more than this does not fit: a bench scale and a rule are more accurate. */
const MOST_MISS = 0.05;
const MOST_ANSWERS = 12;
/** A rough diameter may be off by this much. */
const ROUGHLY = 0.12;
/** Wire is drawn to whole and half tenths of a millimetre where it is not sold by gauge (common practice). */
const METRIC_STEPS = Array.from({ length: 60 }, (_, index) => (index + 3) / 10);

interface Fit {
  readonly figure: Figure;
  readonly miss: number;
}

/**
 * Stock that fits a weighed length.
 * @throws NotEnough when the question has no mass and length
 */
export function identifyAnswer(slots: Slots): TopicAnswer {
  const example = 'what is 0.62 g per 100 mm';
  const about = slots.take('about', 'about');
  const rate = slots.rate(dimension.massPerLength);
  const grams = rate === null ? slots.mass('weighed') : null;
  const length = slots.take('long', 'length') ?? (rate === null ? largest(slots) : null);
  const rough = about ?? slots.next('about');
  const perMm = rate ?? (grams && length ? grams.value / length.value : null);
  if (perMm === null || !(perMm > 0)) throw new NotEnough('Weigh a known length, and give both.', example);
  const weighed = given('weighed', perMm * 100, 'g/100 mm', 'the scale and the rule');
  const named = slots.question.alloys;
  for (const alloy of named) alloy.used = true;
  const alloys =
    named.length > 0
      ? named.flatMap(({ alloy, others }) => [alloy, ...others])
      : [...slots.question.basis.alloys.values()];
  if (named.length === 0)
    slots.assume('any alloy of the book', [
      ['sterling silver', 'sterling silver'],
      ['copper', 'copper'],
      ['cartridge brass', 'cartridge brass'],
    ]);
  const fits = alloys
    .flatMap((alloy) => {
      const sizes = sizesOf(alloy).filter(({ mm }) => !rough || Math.abs(mm / rough.value - 1) <= ROUGHLY);
      const near = sizes
        .flatMap((size) => fit(alloy, size, perMm, weighed) ?? [])
        .filter(({ miss }) => Math.abs(miss) <= MOST_MISS);
      // When the alloy is known, neighbouring sizes are listed too; otherwise one size of each alloy.
      return alloys.length > 1 ? near.sort(byMiss).slice(0, 1) : near;
    })
    .sort(byMiss);
  if (fits.length === 0) {
    throw new NotEnough(
      `No round wire of the book weighs ${inSum(perMm * 100)} g per 100 mm${rough ? ` at about ${inSum(rough.value)} mm` : ''}. Check the weight and the length.`,
      example,
    );
  }
  return {
    figures: fits.slice(0, MOST_ANSWERS).map(({ figure }) => figure),
    note: 'Round wire, by its weight; the miss says how far each is off. A rough diameter tells alloys of one weight apart.',
  };
}

const byMiss = (a: Fit, b: Fit) => Math.abs(a.miss) - Math.abs(b.miss);

function largest(slots: Slots): Figure | null {
  const [size] = slots.free().toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0));
  return size ? slots.figure(size, 'length') : null;
}

function sizesOf(alloy: Alloy): { mm: number; name: string }[] {
  const system = gaugeSystemOf(alloy.family, 'round');
  const metric = METRIC_STEPS.map((mm) => ({ mm, name: `${inSum(mm)} mm` }));
  if (system === 'none') return metric;
  const [thickest, thinnest] = gaugeRange[system];
  const gauges = Array.from({ length: thinnest - thickest + 1 }, (_, index) => {
    const gauge = thickest + index;
    const mm = gaugeMm(system, gauge);
    return { mm, name: `${gaugeText(gauge)} ga ${gaugeSystemNames[system]}, ${showNumber(mm, 2)} mm` };
  });
  // A size in tenths of a millimetre is left out when a gauge of the same size is listed.
  return [...gauges, ...metric.filter(({ mm }) => !gauges.some((gauge) => Math.abs(gauge.mm / mm - 1) < 0.005))];
}

function fit(alloy: Alloy, { mm, name }: { mm: number; name: string }, perMm: number, weighed: Figure): Fit | null {
  if (alloy.densityGPerCm3 === null) return null;
  const stock = massPerLength({ form: 'round', diameterMm: mm }, alloy.densityGPerCm3);
  const miss = perMm / stock - 1;
  const should = computed(
    'weighs',
    stock * 100,
    'g/100 mm',
    `π/4 × ${inSum(mm)}² × ${inSum(alloy.densityGPerCm3)} ÷ 10`,
    [],
  );
  const figure = computed(
    `${alloy.name}, ${name}`,
    miss * 100,
    '% off',
    `(${inSum(weighed.value)} ÷ ${inSum(should.value)} − 1) × 100`,
    [weighed, should],
  );
  return { figure, miss };
}
