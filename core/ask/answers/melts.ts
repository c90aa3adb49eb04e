// Sums of a melt: the fineness of metals melted together, and what was lost.
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { addToReach } from '../../metal/fineness.ts';
import { mainMetal, type MeltMetal, meltMetals, type MeltQuestion } from '../melt-question.ts';
import type { Question, TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { FINEST } from './fineness-number.ts';
import { valueOf } from './stock.ts';

const EXAMPLE = '12 g sterling and 8 g fine silver melted together';
/** Topics whose words are part of a question about a melt. */
const MELT_TOPICS = ['melting', 'alloying', 'fineness', 'value'] as const;
const KARATS_PER_THOUSAND = 0.024;

/** The metals that stand after a weight; one before all weights is asked for. */
function melted(question: Question): MeltMetal[] {
  return meltMetals(question).filter(({ start }) => start > (question.masses[0]?.start ?? 0));
}

/** Whether a line gives two or more weights, each with its metal: `12 g 925 and 8 g 800`. */
export function isMix(question: Question): boolean {
  const { masses, sizes } = question;
  const finenesses = melted(question);
  return (
    masses.length > 1 &&
    sizes.length === 0 &&
    finenesses.length === masses.length &&
    finenesses.every(({ start }, at) => start > (masses[at]?.start ?? 0) && start < (masses[at + 1]?.start ?? Infinity))
  );
}

/** Value of weights of several metals, added up; null where prices are missing. */
function valueOfAll(slots: Slots): TopicAnswer | null {
  const { alloys, masses } = slots.question;
  if (alloys.length !== masses.length) return null;
  const values = alloys.flatMap((named) => {
    named.used = true;
    const mass = slots.mass(named.alloy.name);
    return mass ? valueOf(slots, named.alloy, mass) : [];
  });
  const [first] = values;
  if (!first || values.length !== masses.length) return null;
  const sum = values.reduce((all, { value }) => all + value, 0);
  const how = values.map(({ value, unit }) => inSum(value, unit)).join(' + ');
  const parts = values.map((value, at) => renamed(value, `metal value of ${alloys[at]?.alloy.name ?? ''}`));
  return { figures: [computed('metal value', sum, first.unit, how, values), ...parts], topics: MELT_TOPICS };
}

/** Fineness of metals melted together, by weight; or their value, where that is asked. */
export function mixAnswer(slots: Slots): TopicAnswer {
  const value = slots.question.topics.has('value') ? valueOfAll(slots) : null;
  if (value) return value;
  const finenesses = melted(slots.question);
  for (const one of meltMetals(slots.question)) one.use();
  const metals = new Set(
    finenesses.filter(({ perThousand, composition }) => perThousand !== null && composition).map(mainMetal),
  );
  if (metals.size > 1) throw new NotEnough('Name alloys of one precious metal.', EXAMPLE);
  const parts = finenesses.map((one) => {
    one.use();
    const mass = slots.mass(one.name);
    if (!mass) throw new NotEnough('Give the weight of each metal.', EXAMPLE);
    return { mass, fineness: given(`fineness of ${one.name}`, one.perThousand ?? 0, '‰', 'nominal') };
  });
  const total = computed(
    'the whole melt',
    parts.reduce((sum, { mass }) => sum + mass.value, 0),
    'g',
    parts.map(({ mass }) => inSum(mass.value)).join(' + '),
    parts.map(({ mass }) => mass),
  );
  const pure = parts.reduce((sum, { mass, fineness }) => sum + mass.value * fineness.value, 0);
  const sums = parts.map(({ mass, fineness }) => `${inSum(mass.value)} × ${inSum(fineness.value)}`);
  const fineness = computed('fineness of the melt', pure / total.value, '‰', `(${sums.join(' + ')}) ÷ ${inSum(total.value)}`, [
    ...parts.flatMap((part) => [part.mass, part.fineness]),
    total,
  ]); // prettier-ignore
  const karat = computed('karat', fineness.value * KARATS_PER_THOUSAND, 'k', `${inSum(fineness.value)} × 24 ÷ 1000`, [
    fineness,
  ]);
  return { figures: metals.has('Au') ? [fineness, karat, total] : [fineness, total], topics: MELT_TOPICS };
}

const LOSS = /\b(?:waste|wasted|loss|lost|scrap|shrinkage)\b/i;
const SHARE = /\b(?:percent|percentage|yield|share)\b/i;

/** Whether a line asks for the share of one weight in another. */
export function isShare({ line, masses, sizes }: Question): boolean {
  return masses.length === 2 && sizes.length === 0 && (LOSS.test(line) || SHARE.test(line));
}

/** Share of the smaller weight in the larger one, and what is missing. */
export function shareAnswer(slots: Slots): TopicAnswer {
  const pair = [slots.mass('weight'), slots.mass('weight')].filter((mass) => mass !== null);
  const [large, small] = pair.toSorted((a, b) => b.value - a.value);
  if (!large || !small) throw new NotEnough('Give both weights.', 'loss 12 g from 15.5 g');
  for (const alloy of slots.question.alloys) alloy.used = true;
  const share = computed('share', (small.value / large.value) * 100, '%', `${inSum(small.value)} ÷ ${inSum(large.value)} × 100`, [small, large]); // prettier-ignore
  const lost = computed('difference', large.value - small.value, 'g', `${inSum(large.value)} − ${inSum(small.value)}`, [large, small]); // prettier-ignore
  const lostShare = computed('difference in percent', (lost.value / large.value) * 100, '%', `${inSum(lost.value)} ÷ ${inSum(large.value)} × 100`, [lost, large]); // prettier-ignore
  return { figures: LOSS.test(slots.question.line) ? [lostShare, lost, share] : [share, lostShare, lost] };
}

/** What brings a melt to another fineness, or what a whole melt takes; what a mass of alloy holds. */
export function meltAnswer(slots: Slots, asked: MeltQuestion): TopicAnswer {
  const mass = slots.mass(asked.kind === 'content' ? 'alloy' : 'metal at hand');
  if (!mass) throw new NotEnough('Give the weight.', EXAMPLE);
  return asked.kind === 'content' ? contentOf(mass, asked) : alloyed(slots, mass, asked);
}

function contentOf(mass: Figure, { of, metal }: Extract<MeltQuestion, { kind: 'content' }>): TopicAnswer {
  for (const one of [metal, ...of]) one.use();
  const figures = of.flatMap((one) => {
    const symbol = mainMetal(one) ?? 'fine metal';
    const share = metal.composition ? (metal.composition[symbol] ?? 0) : (metal.perThousand ?? 0) / FINEST;
    const part = given(
      `${symbol} in ${metal.name}`,
      share * 100,
      '%',
      metal.composition ? 'nominal composition' : 'as asked',
    );
    const how = `${inSum(mass.value)} × ${inSum(share * 100)} %`;
    return [computed(`${symbol} in it`, mass.value * share, 'g', how, [mass, part]), part];
  });
  return { figures, topics: MELT_TOPICS };
}

function alloyed(slots: Slots, mass: Figure, asked: Extract<MeltQuestion, { kind: 'alloying' }>): TopicAnswer {
  const { from, to, added, isTotal, asksTotal } = asked;
  for (const one of [from, to, ...added]) one.use();
  for (const one of [from, to]) if (one.isVague) slots.offerAlloysAt(one.start);
  const [is, wanted] = [finenessOf(from), finenessOf(to)];
  const note =
    wanted < is ? 'Copper or master alloy without precious metal.' : 'Fine metal of 1000; use more of a lesser one.';
  if (isTotal) return { figures: madeInTotal(mass, is, wanted), note, topics: MELT_TOPICS };
  const { add, total } = addToReach(mass.value, is, wanted);
  return { figures: asksTotal ? [total, add] : [add, total], note, topics: MELT_TOPICS };
}

/** What a whole melt takes of a metal, and what is added to it. */
function madeInTotal(total: Figure, is: number, wanted: number): Figure[] {
  const isBase = wanted <= is;
  const share = isBase ? wanted / is : (FINEST - wanted) / (FINEST - is);
  const how = isBase ? `${inSum(wanted)} ÷ ${inSum(is)}` : `(1000 − ${inSum(wanted)}) ÷ (1000 − ${inSum(is)})`;
  if (!(share > 0 && share <= 1))
    throw new NotEnough('That fineness cannot be reached.', '100 g fine silver to sterling');
  const taken = computed('metal to take', total.value * share, 'g', `${inSum(total.value)} × ${how}`, [total]);
  const what = isBase ? 'base metal to add' : 'fine metal to add';
  const added = computed(what, total.value - taken.value, 'g', `${inSum(total.value)} − ${inSum(taken.value)}`, [total, taken]); // prettier-ignore
  return [added, taken];
}

function finenessOf({ name, perThousand }: MeltMetal): number {
  if (perThousand === null) throw new NotEnough(`${name} has no fineness.`, '100 g fine silver to sterling');
  return perThousand;
}
