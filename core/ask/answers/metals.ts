// Answers about a metal: its value, density and melting range, and what to add to reach a fineness.
import { computed, given, inSum } from '../../figure/figure.ts';
import { fahrenheit } from '../../measure/temperature.ts';
import { mixtureDensity } from '../../metal/mixture.ts';
import { alloyPrice } from '../../metal/price-per-gram.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { FINEST } from './fineness-number.ts';

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
  const typed = slots.number();
  // 0.750 is a share of one.
  const number = typed !== null && typed < 1 ? typed * FINEST : typed;
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
  const percent = computed('share', named.alloy.fineness / 10, '%', `${inSum(named.alloy.fineness)} ÷ 10`, [fineness]);
  return {
    figures: [
      ...(/\bpercent|%/i.test(slots.question.line) ? [percent] : []),
      fineness,
      computed('karat', karat, 'k', `${inSum(named.alloy.fineness)} × 24 ÷ 1000`, [fineness]),
      ...densityAnswer(slots).figures.slice(0, 1),
      ...meltingAnswer(slots).figures.slice(0, 2),
    ],
  };
}
