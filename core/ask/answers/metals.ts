// Answers about a metal: its value, density and melting range, and what to add to reach a fineness.
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { fahrenheit } from '../../measure/temperature.ts';
import { addToReach } from '../../metal/fineness.ts';
import { mixtureDensity } from '../../metal/mixture.ts';
import { alloyPrice } from '../../metal/price-per-gram.ts';
import type { Amount, Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { FINEST, isFineness, preciousOf } from './fineness-number.ts';

/** Value of the metal in a mass at the current metal prices. */
export function valueAnswer(slots: Slots): TopicAnswer {
  const { basis } = slots.question;
  const mass = slots.mass('weight');
  if (!mass) throw new NotEnough('Give the weight.', 'value of 20 g sterling');
  if (!basis.fix) throw new NotEnough('There are no metal prices yet. Enter them in Settings.', '20 g sterling in dwt');
  const alloy = slots.alloy();
  const price = alloyPrice(alloy, basis.fix, given('making charge', 0, `${basis.fix.currency}/g`, 'left out'));
  if ('sentence' in price) throw new NotEnough(price.sentence, 'value of 20 g sterling');
  const { content } = price;
  if (content.value === 0)
    throw new NotEnough(`The fix has no price for what is in ${alloy.name}.`, 'value of 20 g sterling');
  return {
    figures: [
      computed(
        'metal value',
        mass.value * content.value,
        basis.fix.currency,
        `${inSum(mass.value)} × ${inSum(content.value, content.unit)}`,
        [mass, content],
      ),
      content,
    ],
    note: 'The value of the metal at current prices. A refiner pays less; a supplier charges more.',
  };
}

/** What to add to a melt to reach another fineness. */
export function alloyingAnswer(slots: Slots): TopicAnswer {
  const { alloys } = slots.question;
  const example = '100 g fine silver to sterling';
  const mass = slots.mass('metal in stock');
  const [from, to] = [alloys.find(({ isGoal }) => !isGoal), alloys.find(({ isGoal }) => isGoal)];
  for (const named of [from, to]) if (named) named.used = true;
  const metals = [from, to].flatMap((named) => (named && named.alloy.fineness !== null ? [preciousOf(named.alloy.composition)] : [])); // prettier-ignore
  if (from && to && new Set(metals).size > 1)
    throw new NotEnough(`${from.alloy.name} does not become ${to.alloy.name}.`, example);
  const is = from ? finenessOfAlloy(from.alloy) : slots.number();
  const wanted = to ? finenessOfAlloy(to.alloy) : slots.number();
  if (!mass || is === null || wanted === null)
    throw new NotEnough('Give the weight, what it is and what it is to become.', example);
  if (/\baltogether\b/i.test(slots.question.line)) return madeInTotal(mass, is, wanted);
  const { what, add, total } = addToReach(mass.value, is, wanted);
  return {
    figures: [add, total],
    note:
      what === 'base'
        ? 'Copper or master alloy without precious metal.'
        : 'Fine metal of 1000; use more of a lesser one.',
  };
}

/** What a whole melt takes of a metal, and what is added to it. */
function madeInTotal(total: Figure, is: number, wanted: number): TopicAnswer {
  const isBase = wanted <= is;
  const share = isBase ? wanted / is : (FINEST - wanted) / (FINEST - is);
  const how = isBase ? `${inSum(wanted)} ÷ ${inSum(is)}` : `(1000 − ${inSum(wanted)}) ÷ (1000 − ${inSum(is)})`;
  if (!(share > 0 && share <= 1))
    throw new NotEnough('That fineness cannot be reached.', '100 g fine silver to sterling');
  const taken = computed('metal to take', total.value * share, 'g', `${inSum(total.value)} × ${how}`, [total]);
  const what = isBase ? 'base metal to add' : 'fine metal to add';
  const added = computed(what, total.value - taken.value, 'g', `${inSum(total.value)} − ${inSum(taken.value)}`, [total, taken]); // prettier-ignore
  return {
    figures: [added, taken],
    note: isBase ? 'Copper or master alloy without precious metal.' : 'Fine metal of 1000; use more of a lesser one.',
  };
}

/** Mass of one metal in a mass of an alloy. */
export function contentAnswer(
  slots: Slots,
  of = slots.question.alloys.find(({ isGoal }) => !isGoal),
  named = slots.question.alloys.find(({ isGoal }) => isGoal),
): TopicAnswer {
  const mass = slots.mass('alloy');
  if (!of || !named || !mass)
    throw new NotEnough('Give the metal, the weight and the alloy.', 'fine silver in 40 g sterling');
  for (const one of [of, named]) one.used = true;
  const [metal = ''] = Object.entries(of.alloy.composition).sort(([, a], [, b]) => b - a)[0] ?? [];
  const share = named.alloy.composition[metal] ?? 0;
  const part = given(`${metal} in ${named.alloy.name}`, share * 100, '%', 'nominal composition');
  const how = `${inSum(mass.value)} × ${inSum(share * 100)} %`;
  return { figures: [computed(`${metal} in it`, mass.value * share, 'g', how, [mass, part]), part] };
}

/** The fineness in `silver in 100 g of 800`: a metal, a weight, and a number after it; null for any other question. */
export function perThousandAsked({ line, alloys, masses, numbers }: Question): Amount | null {
  const [metal, mass, number] = [alloys[0], masses[0], numbers[0]];
  if (!metal || !mass || !number || alloys.length + masses.length + numbers.length !== 3) return null;
  const isInOrder = metal.end <= mass.start && mass.end <= number.start;
  const isContent = isInOrder && /\bin\s*$/i.test(line.slice(0, mass.start)) && !/\bto\b/i.test(line);
  return isContent && isFineness(number.value) ? number : null;
}

/** Mass of the metal in a mass of a fineness. */
export function contentByNumber(slots: Slots, perThousand: Amount): TopicAnswer {
  const mass = slots.mass('alloy');
  if (!mass) throw new NotEnough('Give the weight.', 'fine silver in 40 g sterling');
  perThousand.used = true;
  for (const alloy of slots.question.alloys) alloy.used = true;
  const fineness = given('fineness', perThousand.value, '‰', 'as asked');
  const how = `${inSum(mass.value)} × ${inSum(perThousand.value)} ÷ 1000`;
  return { figures: [computed('fine metal in it', (mass.value * perThousand.value) / FINEST, 'g', how, [mass, fineness]), fineness] }; // prettier-ignore
}

function finenessOfAlloy({ name, fineness }: { name: string; fineness: number | null }): number {
  if (fineness === null) throw new NotEnough(`${name} has no fineness.`, '100 g fine silver to sterling');
  return fineness;
}

/** Density of an alloy, and beside it the density of an ideal mixture of its metals. */
export function densityAnswer(slots: Slots): TopicAnswer {
  const alloy = slots.alloy();
  const density = slots.density(alloy);
  const mixture = Object.keys(alloy.composition).length > 1 ? [mixtureDensity(alloy.composition, alloy.name)] : [];
  return { figures: [density, ...mixture] };
}

/** Solidus and liquidus of an alloy. */
export function meltingAnswer(slots: Slots): TopicAnswer {
  const alloy = slots.alloy();
  if (alloy.solidusC === null || alloy.liquidusC === null)
    throw new NotEnough(`The melting range of ${alloy.name} is not known.`, 'melting point sterling');
  const source = 'typical value, not checked against a published table: compare your supplier’s data sheet';
  const [solidus, liquidus] = [
    given('begins to melt (solidus)', alloy.solidusC, '°C', source),
    given('all melted (liquidus)', alloy.liquidusC, '°C', source),
  ];
  const asked = /\bliquidus\b/i.test(slots.question.line) ? [liquidus, solidus] : [solidus, liquidus];
  return {
    figures: [
      ...asked,
      ...asked.map((each) =>
        computed(`${each.label}, °F`, fahrenheit(each.value), '°F', `${inSum(each.value)} × 9/5 + 32`, [each]),
      ),
    ],
  };
}

const KARATS = 24;

/** Karat of a fineness, or fineness of a karat, for a named metal or a bare number. */
export function finenessOrKarat(slots: Slots): TopicAnswer {
  const named = finenessAnswer(slots);
  if (named) return named;
  const number = slots.number();
  if (number === null || !(number > 0 && number <= FINEST))
    throw new NotEnough('Give a fineness of 1 to 1000, or a karat of 1 to 24.', '585 in karat');
  const isKarat = number <= KARATS;
  const asked = given(isKarat ? 'karat' : 'fineness', number, isKarat ? 'k' : '‰', 'as asked');
  const how = isKarat ? `${inSum(number)} ÷ 24 × 1000` : `${inSum(number)} × 24 ÷ 1000`;
  const value = isKarat ? (number / KARATS) * FINEST : (number * KARATS) / FINEST;
  return { figures: [computed(isKarat ? 'fineness' : 'karat', value, isKarat ? '‰' : 'k', how, [asked])] };
}

/** Karat and parts per thousand. */
export function finenessAnswer(slots: Slots): TopicAnswer | null {
  const [named] = slots.question.alloys;
  if (!named || named.alloy.fineness === null) return null;
  named.used = true;
  const karat = named.alloy.fineness * 0.024;
  const fineness = given('fineness', named.alloy.fineness, '‰', 'nominal');
  return {
    figures: [
      fineness,
      computed('karat', karat, 'k', `${inSum(named.alloy.fineness)} × 24 ÷ 1000`, [fineness]),
      ...densityAnswer(slots).figures.slice(0, 1),
      ...meltingAnswer(slots).figures.slice(0, 2),
    ],
  };
}
