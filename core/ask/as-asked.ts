// Puts the figure that the line asks for first, in the unit that it asks for.
import { computed, type Figure, inSum } from '../figure/figure.ts';
import { MM_PER_INCH } from '../measure/length-units.ts';
import type { Question } from './question.ts';
import { askUnit, inUnit, sameDimensions } from './units.ts';

const WEIGHT = /\b(?:weigh\w*|weights?|mass|heavy)\b/i;
const AROUND = /\bcircumference\b/i;

/** @returns the same figures, the one that is asked for first; a unit named after `in` is the unit of that figure */
export function asAsked(question: Question, figures: readonly Figure[]): readonly Figure[] {
  const { line, masses, sizes } = question;
  const target = question.target ?? question.asked;
  const [main] = figures;
  const reduced = /\breduction\b/i.test(line) && figures.find(({ label }) => label === 'reduction');
  const isMassAsked = target !== null && target.dimensions.mass === 1 && target.dimensions.length === 0;
  const wanted =
    reduced ||
    (isMassAsked &&
      masses.length === 0 &&
      main?.unit !== 'g' &&
      figures.find(({ unit, label }) => unit === 'g' && label.startsWith('mass'))) ||
    (WEIGHT.test(line) && masses.length === 0 && main?.unit !== 'g' && figures.find(({ unit }) => unit === 'g')) ||
    (AROUND.test(line) &&
      figures.find(({ label }) => AROUND.test(label)) &&
      sizes.every(({ role }) => role !== 'around') &&
      figures.find(({ label }) => AROUND.test(label)));
  const ordered = wanted ? [wanted, ...figures.filter((figure) => figure !== wanted)] : figures;
  const [first] = ordered;
  const area = first?.unit === 'mm²' && SQUARE.exec(line)?.[1]?.toLowerCase();
  if (first && area) return [areaIn(first, area), ...ordered];
  const unit = first && target && askUnit(first.unit);
  // A gram asked for in ounces is said in ounces; the gram stays beside it.
  if (!first || !target || !unit || first.unit === target.symbol || !sameDimensions(unit.dimensions, target.dimensions))
    return ordered;
  const value = inUnit(first.value * unit.factor, target);
  const how = `${inSum(first.value, first.unit)} ÷ ${inSum(target.factor / unit.factor)}`;
  return [computed(first.label, value, target.symbol, how, [first]), ...ordered];
}

/** Square inches and centimetres that are asked for. */
const SQUARE = /\bsq(in|cm)\b|\b(?:in|as|to) (?:square|sq\.?) (?:in|inches|cm)\b/i;

function areaIn(area: Figure, unit: string): Figure {
  const side = unit === 'cm' ? 10 : MM_PER_INCH;
  const how = `${inSum(area.value)} ÷ ${inSum(side)}²`;
  return computed(area.label, area.value / side ** 2, unit === 'cm' ? 'cm²' : 'in²', how, [area]);
}
