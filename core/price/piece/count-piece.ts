// The count of a piece: one call from the document to every figure on its page.
import { type CostColumn, costColumn, type PricedFinding, type RatedTime } from '../../cost/column.ts';
import { consumablesEach } from '../../cost/consumables.ts';
import type { PricedPart, PricedSolder } from '../../cost/metal-lines.ts';
import { computed, type Figure, given, inSum, totalOf } from '../../figure/figure.ts';
import { roundHalfAwayFromZero } from '../../figure/round-money.ts';
import type { Issue } from '../../measure/issue.ts';
import { readMoney } from '../../measure/read/read-money.ts';
import { readCount, readGrams } from '../../measure/read/read-number.ts';
import type { Alloy } from '../../metal/alloys.ts';
import type { ChargeForm } from '../../metal/charge-form.ts';
import type { Fix } from '../../metal/fix.ts';
import { isMarkDue, preciousWeights } from '../../metal/marks.ts';
import { alloyPrice } from '../../metal/price-per-gram.ts';
import { type Solder, solderAsAlloy } from '../../metal/solders.ts';
import { hasSizes, sizesOf } from '../../piece/all-sizes.ts';
import { attendedEach, loadsOf, type StepComputation, unattendedMin } from '../../piece/bench-time.ts';
import type { JoinComputation } from '../../piece/compute-join.ts';
import type { PartComputation } from '../../piece/compute-part.ts';
import { computeRecipe, type Recipe, type RecipeFunctions } from '../../piece/compute-recipe.ts';
import type { Part } from '../../piece/part.ts';
import type { Finding, Piece } from '../../piece/piece.ts';
import { pieceInSize } from '../../piece/piece-in-size.ts';
import type { Size } from '../../piece/sizes.ts';
import { type Step, stepKindOf, targetsOf } from '../../piece/step.ts';
import type { SectionForm } from '../../stock/section.ts';
import { bendMm } from '../../stock/section.ts';
import type { Rates } from '../../studio/rates.ts';
import { type Prices, pricesOf, type Pricing } from '../methods/prices.ts';

/** Everything that is computed of a piece. */
export interface PieceCount {
  /** The piece that was counted, in one of its sizes if it has any. */
  readonly recipe: Recipe;
  readonly size: Size | null;
  /** In the order of the piece's parts. */
  readonly parts: readonly PartComputation[];
  readonly joins: readonly JoinComputation[];
  readonly steps: readonly StepComputation[];
  /** Weight of one finished piece with findings and solder. */
  readonly weight: Figure;
  /** Attended minutes of one piece. */
  readonly minutes: Figure;
  /** Unattended minutes of a batch. */
  readonly unattended: Figure;
  readonly batchSize: number;
  readonly column: CostColumn;
  readonly prices: Prices;
  /** Its pricing method, its own or the studio's. */
  readonly pricing: Pricing;
  /** Paths are within the piece: `parts.0.section.diameter`. Empty when the piece can be accepted. */
  readonly problems: readonly Issue[];
}

/** The form whose fabrication charge stock of a section pays. */
export const formCharged = {
  round: 'wire',
  square: 'wire',
  strip: 'wire',
  'half-round': 'shaped',
  d: 'shaped',
  triangle: 'shaped',
  oval: 'shaped',
  patterned: 'shaped',
  sheet: 'sheet',
  tube: 'tube',
  'square-tube': 'tube',
  grain: 'wire',
} as const satisfies Record<SectionForm, ChargeForm>;

/** Options of a count. */
export interface CountOptions {
  /** Batch size; the piece's usual one when left out. */
  readonly batchSize?: number | undefined;
  /** Id of the size to count; the first when left out. */
  readonly size?: string | undefined;
  readonly compute?: RecipeFunctions | undefined;
}

/**
 * Counts a piece at the studio's rates and metal prices.
 * @param fix  null before the first metal prices: metal then costs nothing, and the problems say so
 */
export function countPiece(piece: Piece, rates: Rates, fix: Fix | null, options: CountOptions = {}): PieceCount {
  const count = countOne(piece, rates, fix, options);
  if (piece.sizes.price !== 'one' || sizesOf(piece).length < 2) return count;
  // With one price for all sizes, it is that of the most expensive size.
  const columns = sizesOf(piece).map(({ id }) => countOne(piece, rates, fix, { ...options, size: id }).column);
  const dearest = columns.reduce((most, one) => (one.cost.value > most.cost.value ? one : most), count.column);
  const { rule } = rates.selling;
  return { ...count, prices: pricesOf(count.column, count.minutes, count.pricing, rule, dearest) };
}

function countOne(typed: Piece, rates: Rates, fix: Fix | null, options: CountOptions): PieceCount {
  const { rows } = typed.sizes;
  const size = hasSizes(typed) ? (rows.find(({ id }) => id === options.size) ?? rows[0] ?? null) : null;
  const recipe = computeRecipe(size ? pieceInSize(typed, size) : typed, rates.alloys, options.compute);
  const { piece, parts, joins, steps } = recipe;
  const problems: Issue[] = [...recipe.problems];
  const keep = (path: string) => (problem: Issue) => problems.push({ ...problem, path: `${path}.${problem.path}` });
  const usual = readCount(piece.batchSize);
  if (!usual.ok) problems.push({ path: 'batchSize', sentence: usual.sentence });
  const made = options.batchSize ?? (usual.ok ? usual.value : 1);

  const usableFix = fix?.currency === rates.currency ? fix : null;
  if (!usableFix && parts.length > 0) problems.push(noFix(fix, rates.currency));
  const findings = piece.findings.map((finding, index) =>
    readFinding(finding, rates.currency, keep(`findings.${String(index)}`)),
  );
  const readyMade = boughtParts(piece.parts, parts, rates.currency, problems);
  const timed = piece.steps.map((step, index) => ({ step, time: steps[index] as StepComputation }));
  const minutes = attendedEach(timed, made, options.compute?.minutes);
  const pricing = readPricing(piece, rates, problems);
  const consumables = consumablesEach(
    piece.consumables || rates.consumables.by,
    rates.consumables,
    {
      minutes,
      joints: joins.reduce((sum, { joints }) => sum + joints, 0),
      loads: steps.reduce((sum, time) => sum + (isLoad(time) ? loadsOf(time, made) : 0), 0) / made,
    },
    rates.currency,
  );
  const column = costColumn(
    {
      parts: pricePartsAt(piece.parts, parts, rates, usableFix, problems),
      solders: priceSolders(withRework(piece, joins, steps), rates, usableFix, problems),
      findings: [...findings, ...readyMade],
      minutes,
      hands: handsOf(timed, minutes, rates),
      consumables,
      steps: spentByStep(timed, minutes),
      packaging: packagingOf(piece, rates, problems),
      marks: marksOf(piece, parts, rates),
    },
    rates,
    rates.currency,
  );
  return {
    recipe,
    size,
    parts,
    joins,
    steps,
    weight: totalOf('finished weight', 'g', [
      ...parts.flatMap(({ net }) => net ?? []),
      ...joins.flatMap(({ grams }) => grams ?? []),
      ...findings.flatMap(({ grams }) => grams),
    ]),
    minutes,
    unattended: totalOf(
      'unattended',
      'min',
      piece.steps.flatMap((step, index) => unattended(step.name, steps[index], made)),
    ),
    batchSize: made,
    column,
    prices: pricesOf(column, minutes, pricing, rates.selling.rule),
    pricing,
    problems,
  };
}

function readPricing({ pricing: { school, target } }: Piece, { currency, selling }: Rates, problems: Issue[]): Pricing {
  const reading = readMoney(target, currency);
  if (!reading.ok) problems.push({ path: 'pricing.target', sentence: reading.sentence });
  return { school: school || selling.rule.school, targetMinor: reading.ok ? roundHalfAwayFromZero(reading.value) : 0 };
}

interface TimedStep {
  readonly step: Step;
  readonly time: StepComputation;
}

// Minutes by labour rate: the studio's rate first.
function handsOf(timed: readonly TimedStep[], minutes: Figure, rates: Rates): RatedTime[] {
  const isOwn = ({ step }: TimedStep) => rates.makers.has(step.maker);
  if (!timed.some(isOwn)) return [{ minutes, rate: rates.labour }];
  const byRate = new Map<Figure, Figure[]>();
  timed.forEach(({ step }, index) => {
    const rate = rates.makers.get(step.maker) ?? rates.labour;
    const line = minutes.from[index];
    if (line) byRate.set(rate, [...(byRate.get(rate) ?? []), line]);
  });
  return [...byRate].map(([rate, lines]) => ({ minutes: totalOf(rate.label, 'min', lines), rate }));
}

// Share of the minutes that is spent when each step is done: the cost of a piece that the step loses.
function spentByStep(timed: readonly TimedStep[], minutes: Figure) {
  let spent = 0;
  return timed.map(({ step, time }, index) => {
    spent += minutes.from[index]?.value ?? 0;
    return { name: step.name, yield: time.yield, spentShare: minutes.value > 0 ? spent / minutes.value : 0 };
  });
}

function packagingOf(piece: Piece, { packaging, currency }: Rates, problems: Issue[]): Figure | null {
  if (!piece.packaging.trim()) return packaging.value > 0 ? packaging : null;
  const reading = readMoney(piece.packaging, currency);
  if (!reading.ok) problems.push({ path: 'packaging', sentence: reading.sentence });
  return reading.ok && reading.value > 0 ? given('packaging', reading.value, currency, 'the piece, as typed') : null;
}

// Hallmarking charge of a piece, by the weight of its hallmarked metal.
function marksOf(piece: Piece, parts: readonly PartComputation[], { assayCharges, country }: Rates): Figure | null {
  if (piece.marks === 'no' || assayCharges.length === 0) return null;
  const weights = preciousWeights(parts);
  const due = piece.marks === 'yes' || weights.some((weight) => isMarkDue(weight, country));
  if (!due) return null;
  const grams = Math.max(0, ...weights.map((weight) => weight.grams));
  return assayCharges.find(({ upToG }) => grams <= upToG)?.charge ?? null;
}

// Steps that are done in loads.
function isLoad({ load, loadMin, unattendedMin: alone }: StepComputation): boolean {
  return Number.isFinite(load) || loadMin > 0 || alone > 0;
}

function unattended(name: string, time: StepComputation | undefined, pieces: number): Figure[] {
  return time && time.unattendedMin > 0 ? [given(name, unattendedMin(time, pieces), 'min', 'as typed')] : [];
}

function noFix(lastFix: Fix | null, currency: string): Issue {
  const sentence = lastFix
    ? `The last metal prices are in ${lastFix.currency} and the studio uses ${currency}, so metal counts as 0.`
    : 'There are no metal prices yet, so metal counts as 0.';
  return { path: 'fix', sentence, onlyPrice: true };
}

// A bought part costs its price, and no metal is cut for it.
function boughtParts(
  parts: readonly Part[],
  computations: readonly PartComputation[],
  currency: string,
  problems: Issue[],
): PricedFinding[] {
  return parts.flatMap((part, index) => {
    const price = readMoney(part.buyPrice, currency);
    if (!price.ok) problems.push({ path: `parts.${String(index)}.buyPrice`, sentence: price.sentence });
    if (!part.bought) return [];
    const name = part.name || 'part';
    const kind = 'findings';
    const each = given(`${name}, bought`, price.ok ? price.value : 0, currency, 'price as typed');
    return [{ name, kind, count: computations[index]?.count ?? 0, price: each }];
  });
}

// A joint that is done again takes solder again. It is bought, but most of it runs off: the weight stays.
function withRework(
  piece: Piece,
  joins: readonly JoinComputation[],
  steps: readonly StepComputation[],
): JoinComputation[] {
  const again = new Map<string, number>();
  piece.steps.forEach((step, index) => {
    if (stepKindOf(step) !== 'solder') return;
    for (const id of targetsOf(step)) again.set(id, steps[index]?.again ?? 0);
  });
  return joins.map((join, index) => {
    const share = again.get(piece.joins[index]?.id ?? '') ?? 0;
    if (!join.grams || share === 0) return join;
    const rework = given('joints done again', share, '', 'share of the step');
    const how = `${inSum(join.grams.value)} × (1 + ${inSum(share)})`;
    const grams = computed(join.grams.label, join.grams.value * (1 + share), 'g', how, [join.grams, rework]);
    return { ...join, grams };
  });
}

function priceSolders(
  joins: readonly JoinComputation[],
  rates: Rates,
  fix: Fix | null,
  problems: Issue[],
): PricedSolder[] {
  const free = given('no fix yet', 0, `${rates.currency}/g`, 'no metal prices');
  const known = new Map<Solder, ReturnType<typeof alloyPrice>>();
  const priceOf = (solder: Solder, at: Fix) => {
    const alloy = solderAsAlloy(solder);
    const found = known.get(solder) ?? alloyPrice(alloy, at, rates.makingCharge(alloy.family, 'wire', Infinity));
    known.set(solder, found);
    return found;
  };
  return joins.flatMap(({ solder, grams }, index) => {
    if (!solder || !grams) return [];
    const price = fix && priceOf(solder, fix);
    // Without a price it would count as nothing.
    if (price && 'sentence' in price)
      problems.push({ path: `joins.${String(index)}.solder`, sentence: price.sentence, onlyPrice: true });
    return [{ grams, bought: price && !('sentence' in price) ? price.bought : free }];
  });
}

function pricePartsAt(
  parts: readonly Part[],
  computations: readonly PartComputation[],
  rates: Rates,
  fix: Fix | null,
  problems: Issue[],
): PricedPart[] {
  const unpriced = given('no fix yet', 0, `${rates.currency}/g`, 'no metal prices');
  const priceOf =
    fix &&
    onceEach((alloy: Alloy, form: ChargeForm, thicknessMm: number) =>
      alloyPrice(alloy, fix, rates.makingCharge(alloy.family, form, thicknessMm), rates.paid(alloy.id, form)),
    );
  return parts.flatMap((part, index) => {
    const { alloy, section, gross, net, scrap = {} } = computations[index] ?? {};
    if (!alloy || !section || !gross || !net || part.bought) return [];
    const name = part.name || 'part';
    if (!priceOf) return [{ name, gross, net, scrap, bought: unpriced, content: unpriced }];
    const form = formCharged[part.section.form];
    const price = priceOf(alloy, form, bendMm(section));
    const report = (sentence: string) =>
      problems.push({ path: `parts.${String(index)}.alloy`, sentence, onlyPrice: true });
    if ('sentence' in price) {
      report(price.sentence);
      return [];
    }
    if (price.bought.value === 0) {
      report(
        `${alloy.name} as ${form} has no price. Enter what you pay per gram under Fabrication charges in Settings.`,
      );
    }
    return [{ name, gross, net, scrap, ...price }];
  });
}

// Parts of one stock item are priced once.
function onceEach<Price>(price: (alloy: Alloy, form: ChargeForm, thicknessMm: number) => Price): typeof price {
  const known = new Map<string, Price>();
  return (alloy, form, thicknessMm) => {
    const key = `${alloy.id} ${form} ${String(thicknessMm)}`;
    const found = known.get(key) ?? price(alloy, form, thicknessMm);
    known.set(key, found);
    return found;
  };
}

function readFinding(
  finding: Finding,
  currency: string,
  report: (problem: Issue) => void,
): PricedFinding & { grams: Figure[] } {
  const count = readCount(finding.count, 0);
  if (!count.ok) report({ path: 'count', sentence: count.sentence });
  const price = readMoney(finding.price, currency);
  if (!price.ok) report({ path: 'price', sentence: price.sentence });
  const grams = readGrams(finding.grams);
  if (!grams.ok) report({ path: 'grams', sentence: grams.sentence });
  const pieces = count.ok ? count.value : 0;
  const name = finding.name || 'finding';
  return {
    name,
    kind: finding.kind === 'stone' ? 'stones' : finding.kind === 'sent-out' ? 'outwork' : 'findings',
    count: pieces,
    price: given(`${name}, each`, price.ok ? price.value : 0, currency, 'price as typed'),
    grams: grams.ok && grams.value > 0 ? [given(name, grams.value * pieces, 'g', 'weight as typed')] : [],
  };
}
