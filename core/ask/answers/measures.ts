// Gauges, conversions and plain sums.
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import {
  gaugeMm,
  type GaugeSystem,
  gaugeSystemNames,
  gaugeSystemSources,
  gaugeText,
  nearestGauge,
} from '../../measure/gauge.ts';
import { MM_PER_INCH } from '../../measure/length-units.ts';
import { gaugeSystemOf } from '../../stock/gauged.ts';
import type { AskSize, Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { type AskUnit, askUnit, dimension, type Dimensions, inUnit, plain, sameDimensions } from '../units.ts';

/** A gauge in mm and inches, or the gauge nearest to a measured size. */
export function gaugeAnswer(slots: Slots): TopicAnswer {
  const { sizes, form } = slots.question;
  const size = sizes.find(({ gauge }) => gauge) ?? sizes[0];
  if (!size) throw new NotEnough('Give a gauge, or a size in mm or inches.', 'what gauge is 1.3 mm');
  const mm = slots.figure(size, size.gauge ? `${gaugeText(size.gauge.number)} gauge` : 'measured', form ?? 'round');
  const wanted = slots.question.systems.at(-1);
  const figures = size.gauge ? [mm, inches(mm)] : [];
  const systems: GaugeSystem[] =
    wanted && (!size.gauge || wanted !== size.gauge.system) ? [wanted] : size.gauge ? [] : systemsOf(slots.question);
  if (!size.gauge && systems.length > 1) slots.assume('B&S first', []);
  for (const system of systems) figures.push(...nearest(system, mm));
  if (figures.length === 0) throw new NotEnough(`No gauge is near ${inSum(mm.value)} mm.`, 'what gauge is 1.3 mm');
  // When another gauge system is asked for, that is the answer and the size stands beside it.
  if (size.gauge && systems.length > 0) figures.push(...figures.splice(0, 2));
  return { figures };
}

function systemsOf({ alloys, form }: Question): GaugeSystem[] {
  const [named] = alloys;
  if (!named) return ['awg', 'swg'];
  named.used = true;
  const system = gaugeSystemOf(named.alloy.family, form ?? 'round');
  return system === 'none' ? [] : [system];
}

function nearest(system: GaugeSystem, mm: Figure): Figure[] {
  const near = nearestGauge(system, mm.value);
  if (!near) return [];
  const exact = gaugeMm(system, near.gauge);
  const name = `${gaugeSystemNames[system]} gauge`;
  const table = given(`${gaugeText(near.gauge)} ga`, exact, 'mm', gaugeSystemSources[system]);
  const miss = computed(
    `off ${gaugeText(near.gauge)} ga ${gaugeSystemNames[system]} by`,
    near.miss * 100,
    '%',
    `(${inSum(mm.value)} ÷ ${inSum(exact)} − 1) × 100`,
    [mm, table],
  );
  return [
    computed(`nearest ${name}`, near.gauge, 'ga', `nearest to ${inSum(mm.value)} mm in the table: ${inSum(exact)} mm`, [
      mm,
      table,
    ]),
    miss,
  ];
}

function inches(mm: Figure): Figure {
  return computed('in inches', mm.value / MM_PER_INCH, 'in', `${inSum(mm.value)} ÷ ${inSum(MM_PER_INCH)}`, [mm]);
}

/** A measure in another unit, or in all units of the trade when none is named. */
export function conversionAnswer(slots: Slots): TopicAnswer {
  const { quantities, target, sizes } = slots.question;
  const gauged = sizes.find(({ gauge }) => gauge);
  if (gauged && target?.dimensions.length === 1)
    return { figures: [converted(slots.figure(gauged, 'size', slots.question.form ?? 'round'), target)] };
  const quantity =
    quantities.find(
      ({ dimensions }) =>
        target !== null && (sameDimensions(dimensions, target.dimensions) || isInverse(dimensions, target.dimensions)),
    ) ??
    quantities.find(({ dimensions }) => !sameDimensions(dimensions, plain)) ??
    quantities[0];
  if (gauged && target && target.dimensions.length !== 1)
    throw new NotEnough(`A gauge is a thickness; ${target.symbol} measures something else.`, '18 ga in mm');
  if (!quantity) throw new NotEnough('Give a number with its unit.', '54 g in ozt');
  slots.markTaken(quantity.start);
  for (const alloy of slots.question.alloys) alloy.used = true;
  if (quantity.unit?.isBareOunce || target?.isBareOunce)
    slots.assume('troy ounce of 31.103 g', [['avoirdupois', 'avoirdupois']]);
  if (sameDimensions(quantity.dimensions, { ...dimension.length, length: 0 }))
    return plainAnswer(slots, quantity.value, target);
  const base = given('as asked', quantity.value, houseUnit(quantity.dimensions), 'as asked');
  if (target && isInverse(quantity.dimensions, target.dimensions)) {
    const above = houseUnit(quantity.dimensions).split('/')[0] ?? '';
    const unit = `${above === 'price' ? (/[£$€¥]/.exec(slots.question.line)?.[0] ?? 'price') : above}/${target.symbol}`;
    const how = `${inSum(quantity.value)} × ${inSum(target.factor)}`;
    return { figures: [computed(`per ${target.symbol}`, quantity.value * target.factor, unit, how, [base])] };
  }
  if (target) {
    if (!sameDimensions(target.dimensions, quantity.dimensions))
      throw new NotEnough(`${target.symbol} measures something else.`, '54 g in ozt');
    return { figures: [converted(base, target)] };
  }
  const isCounted = (slots.question.counts.pieces ?? 1) > 1;
  const own = quantity.unit?.symbol;
  const units = wantedUnits(quantity.dimensions).filter((symbol) => symbol !== own || isCounted);
  if (units.length === 0) return { figures: [base] };
  return {
    figures: units.flatMap((symbol) => {
      const unit = askUnit(symbol);
      return unit ? [converted(base, unit)] : [];
    }),
  };
}

function plainAnswer(slots: Slots, value: number, target: AskUnit | null): TopicAnswer {
  if (!target) return { figures: [computed('result', value, '', slots.question.line.trim(), [])] };
  const isLengthTarget = sameDimensions(target.dimensions, dimension.length);
  const assumed = askUnit(
    isLengthTarget ? (target.symbol === 'mm' ? 'in' : 'mm') : target.symbol === 'g' ? 'ozt' : 'g',
  );
  if (!assumed || target.dimensions.temperature) throw new NotEnough('Give the number its unit.', '1450 f in c');
  slots.assume(`${inSum(value)} ${assumed.symbol}`, []);
  return {
    figures: [converted(given('as asked', value * assumed.factor, houseUnit(target.dimensions), 'as asked'), target)],
  };
}

// A price per gram asked for per ounce: the unit is below the line, so the conversion is inverted.
function isInverse(dimensions: Dimensions, target: Dimensions): boolean {
  return (target.length === 1 && dimensions.length === -1) || (target.mass === 1 && dimensions.mass === -1);
}

function houseUnit({ length, mass, temperature, turn, money }: Dimensions): string {
  if (temperature) return '°C';
  const above = [
    mass > 0 && 'g',
    length > 0 && (length > 1 ? `mm${length === 2 ? '²' : '³'}` : 'mm'),
    turn > 0 && 'turns',
    money > 0 && 'price',
  ]
    .filter(Boolean)
    .join('·');
  const below = [mass < 0 && 'g', length < 0 && 'mm'].filter(Boolean).join('·');
  return below ? `${above || '1'}/${below}` : above;
}

function wantedUnits(dimensions: Dimensions): string[] {
  if (sameDimensions(dimensions, dimension.length)) return ['mm', 'in', 'cm', 'ft'];
  if (sameDimensions(dimensions, dimension.mass)) return ['g', 'dwt', 'ozt', 'grain'];
  if (dimensions.temperature) return ['°c', '°f'].map((symbol) => symbol.toUpperCase());
  return [];
}

function converted(base: Figure, unit: AskUnit): Figure {
  const how =
    unit.offset === undefined
      ? unit.factor === 1
        ? inSum(base.value)
        : `${inSum(base.value)} ÷ ${inSum(unit.factor)}`
      : `${inSum(base.value)} × 9/5 + 32`;
  const value = unit.offset === undefined ? base.value / unit.factor : inUnit(base.value, unit);
  return computed(`in ${unit.symbol}`, value, unit.symbol, how, [base]);
}

/** Whether a line holds only one or two measures and perhaps a unit, which makes it a conversion. */
export function isBareMeasure({ sizes, masses, others, numbers, topics, alloys, form }: Question): boolean {
  return (
    topics.size === 0 &&
    alloys.length === 0 &&
    form === null &&
    (sizes.length === 0 || masses.length === 0) &&
    sizes.length + masses.length + others.length + numbers.length > 0
  );
}

/** Whether the only size of a question is a gauge. */
export function onlyGauge(sizes: readonly AskSize[]): boolean {
  return sizes.length === 1 && sizes[0]?.gauge !== null;
}
