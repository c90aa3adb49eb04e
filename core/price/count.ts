// The count of a piece: what stands on the right page. One call from the document to every figure on it.
import { costColumn, type CostColumn, type PricedFinding, type PricedPart } from '../cost/column.ts';
import { given, totalOf, type Figure } from '../figure/figure.ts';
import { readCount, readGrams } from '../measure/read-number.ts';
import { readMoney } from '../measure/read-money.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { Fix } from '../metal/fix.ts';
import { alloyPrice } from '../metal/price-per-gram.ts';
import { attendedEach, reckonStep, type StepReckoning } from '../piece/bench-time.ts';
import type { Finding, Part, Piece, SectionForm } from '../piece/piece.ts';
import { reckonPart, type PartReckoning } from '../piece/reckon-part.ts';
import type { ChargeForm, Problem, Rates } from '../studio/rates.ts';
import { buildUp, type Prices } from './build-up.ts';

export interface PieceCount {
  /** In the order of the piece's parts. */
  readonly parts: readonly PartReckoning[];
  readonly steps: readonly StepReckoning[];
  /** What one finished piece weighs, findings included. */
  readonly weight: Figure;
  /** Attended minutes of one piece. */
  readonly minutes: Figure;
  /** Unattended minutes of a batch. */
  readonly byItself: Figure;
  readonly batchSize: number;
  readonly column: CostColumn;
  readonly prices: Prices;
  /** Paths are within the piece: `parts.0.section.diameter`. Empty when the piece can be accepted. */
  readonly problems: readonly Problem[];
}

/** Whoever reckons many times over hands in reckoners that remember what has not changed. */
export interface Reckoners {
  readonly part: typeof reckonPart;
  readonly step: typeof reckonStep;
}

const chargeForms = {
  round: 'wire',
  square: 'wire',
  strip: 'wire',
  sheet: 'sheet',
  tube: 'tube',
} as const satisfies Record<SectionForm, ChargeForm>;

/**
 * Reckons a piece at the studio's rates and a fix.
 * @param fix        null before the first fix: metal then costs nothing, and the problems say so
 * @param batchSize  pieces made at once; the piece's own usual batch when left out
 */
export function countPiece(
  piece: Piece,
  rates: Rates,
  fix: Fix | null,
  batchSize?: number,
  reckon: Reckoners = { part: reckonPart, step: reckonStep },
): PieceCount {
  const problems: Problem[] = [];
  const keep = (path: string) => (problem: Problem) => problems.push({ ...problem, path: `${path}.${problem.path}` });

  const parts = piece.parts.map((part, index) => {
    const reckoning = reckon.part(part, rates.alloys);
    reckoning.problems.forEach(keep(`parts.${String(index)}`));
    return reckoning;
  });
  const steps = piece.steps.map((step, index) => {
    const time = reckon.step(step);
    time.problems.forEach(keep(`steps.${String(index)}`));
    return time;
  });
  const usual = readCount(piece.batchSize);
  if (!usual.ok) problems.push({ path: 'batchSize', sentence: usual.sentence });
  const made = batchSize ?? (usual.ok ? usual.value : 1);

  const pricedParts = pricePartsAt(piece.parts, parts, rates, fix, problems);
  const findings = piece.findings.map((finding, index) =>
    readFinding(finding, rates.currency, keep(`findings.${String(index)}`)),
  );
  const minutes = attendedEach(
    piece.steps.map(({ name }, index) => ({ name, time: steps[index] ?? reckonStepNothing })),
    made,
  );
  const column = costColumn(pricedParts, findings, minutes, rates, rates.currency);
  const labour = column.lines.find((line) => line.key === 'labour')?.each ?? column.cost;
  return {
    parts,
    steps,
    weight: totalOf('finished weight', 'g', [
      ...parts.flatMap(({ net }) => net ?? []),
      ...findings.flatMap(({ grams }) => grams),
    ]),
    minutes,
    byItself: totalOf(
      'by itself',
      'min',
      piece.steps.flatMap((step, index) => unattended(step.name, steps[index])),
    ),
    batchSize: made,
    column,
    prices: buildUp(column.cost, labour, minutes, rates),
    problems,
  };
}

const reckonStepNothing: StepReckoning = { setUpMin: 0, eachMin: 0, byItselfMin: 0, problems: [] };

function unattended(name: string, time: StepReckoning | undefined): Figure[] {
  return time && time.byItselfMin > 0 ? [given(name, time.byItselfMin, 'min', 'as typed')] : [];
}

function pricePartsAt(
  parts: readonly Part[],
  reckonings: readonly PartReckoning[],
  rates: Rates,
  lastFix: Fix | null,
  problems: Problem[],
): PricedPart[] {
  const fix = lastFix?.currency === rates.currency ? lastFix : null;
  if (!fix && parts.length > 0) {
    const sentence = lastFix
      ? `The last noon fix is in ${lastFix.currency} and the studio reckons in ${rates.currency}, so metal costs nothing here.`
      : 'There is no noon fix yet, so metal costs nothing here.';
    problems.push({ path: 'fix', sentence, onlyPrice: true });
  }
  const unpriced = given('no fix yet', 0, `${rates.currency}/g`, 'no noon fix');
  const priceOf =
    fix && onceEach((alloy: Alloy, form: ChargeForm) => alloyPrice(alloy, fix, rates.makingCharge(alloy.family, form)));
  return parts.flatMap((part, index) => {
    const { alloy, net, gross } = reckonings[index] ?? {};
    if (!alloy || !net || !gross) return [];
    const name = part.name || 'part';
    if (!priceOf) return [{ name, net, gross, bought: unpriced, content: unpriced }];
    const form = chargeForms[part.section.form];
    const price = priceOf(alloy, form);
    const report = (sentence: string) =>
      problems.push({ path: `parts.${String(index)}.alloy`, sentence, onlyPrice: true });
    if ('sentence' in price) {
      report(price.sentence);
      return [];
    }
    if (price.bought.value === 0) {
      report(`${alloy.name} as ${form} has no price. Give what you pay per gram under Making charges in Studio.`);
    }
    return [{ name, net, gross, ...price }];
  });
}

// Twenty parts of one coil are priced once.
function onceEach<Price>(price: (alloy: Alloy, form: ChargeForm) => Price): (alloy: Alloy, form: ChargeForm) => Price {
  const known = new Map<string, Price>();
  return (alloy, form) => {
    const key = `${alloy.id} ${form}`;
    const found = known.get(key) ?? price(alloy, form);
    known.set(key, found);
    return found;
  };
}

function readFinding(
  finding: Finding,
  currency: string,
  report: (problem: Problem) => void,
): PricedFinding & { grams: Figure[] } {
  const count = readCount(finding.count);
  if (!count.ok) report({ path: 'count', sentence: count.sentence });
  const price = readMoney(finding.price, currency);
  if (!price.ok) report({ path: 'price', sentence: price.sentence });
  const grams = readGrams(finding.grams);
  if (!grams.ok) report({ path: 'grams', sentence: grams.sentence });
  const pieces = count.ok ? count.value : 0;
  const name = finding.name || 'finding';
  return {
    name,
    count: pieces,
    price: given(`${name}, each`, price.ok ? price.value : 0, currency, 'price as typed'),
    grams: grams.ok && grams.value > 0 ? [given(name, grams.value * pieces, 'g', 'weight as typed')] : [],
  };
}
