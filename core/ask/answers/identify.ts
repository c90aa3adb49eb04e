// What is this? Ranks the stock that fits what was measured: weight and length, weight in water, a size. Useful when
// the label is lost.
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { showNumber } from '../../format/numbers.ts';
import { gaugeMm, gaugeRange, gaugeSystemNames, gaugeText } from '../../measure/gauge.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { hydrostaticDensity } from '../../metal/hydrostatic.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import { massPerLength, sectionArea } from '../../stock/section.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { dimension } from '../units.ts';

// Standard deviations of a bench scale, a rule, a caliper and stock itself, which is drawn within 1 or 2 % of its
// weight (common practice).
const STOCK_SHARE = 0.012;
const RULE_MM = 0.5;
const CALIPER_MM = 0.02;
const ROUGH_SHARE = 0.05;
const DENSITY_SHARE = 0.012;
/** Nothing of the book fits when the best is further off than this many standard deviations. */
const MOST_DEVIATIONS = 3.5;
const MOST_ANSWERS = 12;
const LEAST_LIKELY = 0.005;
const ROOM_C = 20;
/** Wire is drawn to whole and half tenths of a millimetre where it is not sold by gauge (common practice). */
const METRIC_STEPS = Array.from({ length: 60 }, (_, index) => (index + 3) / 10);
const EXAMPLE = 'what is 0.62 g per 100 mm';

/** One thing that was measured, and its standard deviation. */
interface Measured {
  readonly figure: Figure;
  readonly sd: number;
  /** What it would measure for a size of an alloy; NaN mm where the size is not asked for. */
  readonly expected: (densityGPerCm3: number, mm: number) => number;
}

interface Candidate {
  readonly name: string;
  /** Sum of squares of the deviations, in standard deviations. */
  readonly squares: number;
  readonly misses: readonly Figure[];
}

/**
 * Stock that fits what was measured, with the likelihood of each: normal errors, every alloy and size of the book
 * equally likely beforehand.
 * @throws NotEnough when the question has too few measures, or when nothing fits
 */
export function identifyAnswer(slots: Slots): TopicAnswer {
  const ofVolume = byVolume(slots);
  const measured = ofVolume ?? byDensity(slots) ?? [...inWater(slots), ...byLength(slots), ...bySize(slots)];
  const isSized = measured.some(({ figure }) => figure.unit !== 'g/cm³');
  if (!measured.some(({ figure }) => figure.unit !== 'mm'))
    throw new NotEnough('Weigh a known length, and give both.', EXAMPLE);
  const named = slots.question.alloys;
  for (const alloy of named) alloy.used = true;
  const alloys =
    named.length > 0
      ? named.flatMap(({ alloy, others }) => [alloy, ...others])
      : [...slots.question.basis.alloys.values()];
  if (named.length === 0) slots.assume('any alloy of the book', [['sterling silver', 'sterling silver'], ['copper', 'copper'], ['cartridge brass', 'cartridge brass']]); // prettier-ignore
  const all = alloys.flatMap((alloy) => candidates(alloy, measured, isSized));
  const best = Math.min(...all.map(({ squares }) => squares));
  if (!(best <= MOST_DEVIATIONS ** 2)) {
    const said = measured.map(({ figure }) => `${inSum(figure.value)} ${figure.unit}`).join(', ');
    throw new NotEnough(
      `No ${isSized ? 'round wire' : 'alloy'} of the book fits ${said}. Check the measures.`,
      EXAMPLE,
    );
  }
  const weight = ({ squares }: Candidate) => Math.exp((best - squares) / 2);
  const sum = all.reduce((total, each) => total + weight(each), 0);
  const ranked = all
    .map((each) => ({ ...each, share: weight(each) / sum }))
    .filter(({ share }) => share >= LEAST_LIKELY)
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_ANSWERS);
  return {
    topics: ['disc', 'work', 'density'],
    figures: ranked.map(({ name, share, misses }) =>
      computed(
        name,
        share * 100,
        '% likely',
        misses.map((miss) => `${miss.label} ${showNumber(miss.value, 1)} %`).join(', '),
        misses,
      ),
    ),
    note: `${isSized ? 'Round wire. ' : ''}Every alloy and size counts as equally likely beforehand. A second measure, such as a caliper size or the weight in water, tells alloys of one weight apart.`,
  };
}

/** A density that was measured: `8.5 g/cm³`. */
function byDensity(slots: Slots): Measured[] | null {
  const rate = slots.rate(dimension.massPerVolume);
  if (rate === null) return null;
  const figure = given('density', rate * MM3_PER_CM3, 'g/cm³', 'as asked');
  return [{ figure, sd: figure.value * DENSITY_SHARE, expected: (density) => density }];
}

/** Weights in air and in water give the density. */
function inWater(slots: Slots): Measured[] {
  const { line, masses } = slots.question;
  if (!/\bwater\b/i.test(line) || masses.length < 2) return [];
  const [a, b] = [slots.mass('weight')?.value ?? NaN, slots.mass('weight')?.value ?? NaN];
  const [air, water] = [Math.max(a, b), Math.min(a, b)];
  const figure = hydrostaticDensity(air, water, ROOM_C);
  // The scale's hundredth of a gram counts against the weight of the displaced water.
  const sd = figure.value * Math.hypot(DENSITY_SHARE, 0.01 / (air - water));
  return [{ figure, sd, expected: (density) => density }];
}

/** Density of what was weighed in air and in water. */
export function densityInWaterAnswer(slots: Slots): TopicAnswer {
  const figures = inWater(slots).map(({ figure }) => figure);
  return { figures, note: 'A hollow or a stone set in metal is weighed with it.' };
}

/** The density of a weighed piece of known volume: three sides, a disc, or a length of a named section. */
function byVolume(slots: Slots): Measured[] | null {
  const { masses, sizes, form, topics, others } = slots.question;
  const isDisc = topics.has('disc') && sizes.length === 2;
  const isSection = form !== null && form !== 'round' && form !== 'sheet' && sizes.length > 1;
  if (masses.length !== 1 || others.length > 0 || !(isDisc || isSection || sizes.length === 3)) return null;
  const mass = slots.mass('weighed')?.value ?? NaN;
  const mm3 = isDisc ? discMm3(slots) : isSection ? barMm3(slots) : product(slots);
  const value = (mass * MM3_PER_CM3) / mm3;
  const figure = given('density, weighed and measured', value, 'g/cm³', 'the scale and the caliper');
  return [{ figure, sd: value * Math.hypot(DENSITY_SHARE, STOCK_SHARE), expected: (density) => density }];
}

const MM3_PER_CM3 = 1000;

function product(slots: Slots): number {
  return slots.question.sizes.reduce((mm3, size) => mm3 * slots.figure(size, 'side', 'sheet').value, 1);
}

function discMm3(slots: Slots): number {
  const thick = slots.take('thick', 'thickness') ?? slots.thin('thickness', 'sheet');
  const across = slots.take('outside', 'diameter') ?? slots.next('diameter');
  return (Math.PI / 4) * (across?.value ?? NaN) ** 2 * (thick?.value ?? NaN);
}

function barMm3(slots: Slots): number {
  const { section } = slots.section();
  const length = slots.take('long', 'length') ?? slots.next('length');
  return section.form === 'sheet' ? NaN : sectionArea(section).mm2 * (length?.value ?? NaN);
}

/** A weighed length, or a mass per length. */
function byLength(slots: Slots): Measured[] {
  const rate = slots.rate(dimension.massPerLength);
  const grams = rate === null ? slots.mass('weighed') : null;
  if (rate === null && grams === null) return [];
  const length = rate === null ? (slots.take('long', 'length') ?? largest(slots)) : null;
  const perMm = rate ?? (grams && length ? grams.value / length.value : NaN);
  if (!(perMm > 0)) throw new NotEnough('Weigh a known length, and give both.', EXAMPLE);
  const share = Math.hypot(STOCK_SHARE, length ? RULE_MM / length.value : 0);
  const figure = given('weighed', perMm * 100, 'g/100 mm', 'the scale and the rule');
  const expected = (density: number, mm: number) => 100 * massPerLength({ form: 'round', diameterMm: mm }, density);
  return [{ figure, sd: figure.value * share, expected }];
}

/** A size by caliper, or a rough one. */
function bySize(slots: Slots): Measured[] {
  const about = slots.take('about', 'size');
  const size =
    about ??
    slots.take('outside', 'size') ??
    slots.take('thick', 'size') ??
    slots.take('wire', 'size') ??
    slots.next('size');
  if (!size) return [];
  const sd = about ? ROUGH_SHARE * size.value : Math.hypot(CALIPER_MM, STOCK_SHARE * size.value);
  return [{ figure: size, sd, expected: (_density, mm) => mm }];
}

function candidates(alloy: Alloy, measured: readonly Measured[], isSized: boolean): Candidate[] {
  const density = alloy.densityGPerCm3;
  if (density === null) return [];
  const sizes = isSized ? sizesOf(alloy) : [{ mm: NaN, name: '' }];
  return sizes.map(({ mm, name }) => {
    const misses = measured.map(({ figure, sd, expected }) => ({
      deviations: (figure.value - expected(density, mm)) / sd,
      miss: missOf(figure, expected(density, mm)),
    }));
    return {
      name: name ? `${alloy.name}, ${name}` : alloy.name,
      squares: misses.reduce((sum, { deviations }) => sum + deviations ** 2, 0),
      misses: misses.map(({ miss }) => miss),
    };
  });
}

function missOf(measured: Figure, should: number): Figure {
  return computed(
    `${measured.label}, off by`,
    (measured.value / should - 1) * 100,
    '%',
    `(${inSum(measured.value)} ÷ ${inSum(should)} − 1) × 100`,
    [measured, given('nominal', should, measured.unit, 'density and section of the stock')],
  );
}

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
  // A size in tenths of a millimetre is left out when a gauge that cannot be told from it is listed.
  return [...gauges, ...metric.filter(({ mm }) => !gauges.some((gauge) => Math.abs(gauge.mm / mm - 1) < STOCK_SHARE))];
}
