// Stock forged, rolled or drawn into another section: the volume stays.
import { workedLengthMm } from '../../blank/lengths/worked-length.ts';
import { annealsBetween, reduction, REDUCTION_BETWEEN_ANNEALS } from '../../blank/reduction.ts';
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { type Area, sectionArea } from '../../stock/section.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { type WorkedForm, type WorkedStock, type WorkQuestion, workQuestion } from '../work-question.ts';

const EXAMPLE = 'forge 4 mm round to 6 x 1.5 mm 50 mm long';

/** Stock with the area of its section. Of sheet, and of strip that keeps its width, `mm2` is the thickness. */
interface Worked extends Area {
  readonly form: WorkedForm;
  readonly sizes: readonly Figure[];
  readonly isThickness: boolean;
}

/** @throws NotEnough without the section it starts from and the one it is worked to */
export function workAnswer(slots: Slots): TopicAnswer {
  const asked = workQuestion(slots.question);
  if (!asked) throw new NotEnough('Say what it is worked to.', EXAMPLE);
  return workedAnswer(slots, asked);
}

/** The answer to a question about work that was read; both sections are part of it. */
export function workedAnswer(slots: Slots, asked: WorkQuestion): TopicAnswer {
  return { ...answerTo(slots, asked), topics: ['work', 'solid', 'gauge'] };
}

function answerTo(slots: Slots, asked: WorkQuestion): TopicAnswer {
  markRepeated(slots, asked);
  if (asked.after.section.length === 0) return sizeAfter(slots, asked);
  const spread = spreadSize(slots, asked);
  if (spread) return { figures: spread };
  const to = worked(slots, asked.after, afterForm(asked));
  const before = asked.before.section.length > 0 ? worked(slots, asked.before, beforeForm(asked)) : null;
  const from =
    before && !before.isThickness && to.isThickness ? alongWidth(before, to) : before && { from: before, to };
  return from ? sectionsAnswer(slots, asked, from.from, from.to) : ofMass(slots, to);
}

/** Between strips of one width only the thickness changes. */
function alongWidth(before: Worked, to: Worked): { from: Worked; to: Worked } {
  const [width] = before.sizes;
  if (!width || before.sizes.length < 2) return { from: before, to };
  const how = `${inSum(width.value)} × ${to.how}`;
  return { from: before, to: { ...to, mm2: width.value * to.mm2, how, sizes: [width, ...to.sizes], isThickness: false } }; // prettier-ignore
}

function sectionsAnswer(slots: Slots, asked: WorkQuestion, from: Worked, to: Worked): TopicAnswer {
  const sizes = [...from.sizes, ...to.sizes];
  const grown = to.mm2 > from.mm2 ? { note: 'It would have to grow: working only takes a section down.' } : {};
  const share = computed('reduction', reduction(from.mm2, to.mm2) * 100, '%', `(1 − ${to.how} ÷ (${from.how})) × 100`, sizes); // prettier-ignore
  const between = given('reduction between anneals', REDUCTION_BETWEEN_ANNEALS * 100, '%', 'common practice');
  const anneals = computed('anneals on the way', annealsBetween(from.mm2, to.mm2), '', `one about every ${inSum(between.value)} %`, [share, between]); // prettier-ignore
  const longer = computed('it grows longer', from.mm2 / to.mm2, '×', `${from.how} ÷ (${to.how})`, sizes);
  const length = lengthGiven(slots, asked, from);
  const first = { anneals, reduction: share, longer };
  const { asks } = asked;
  const main = asks === 'anneals' || asks === 'reduction' || asks === 'longer' ? first[asks] : null;
  if (!length) {
    for (const alloy of slots.question.alloys) alloy.used = true;
    return { figures: inFront(main, [longer, share, anneals]), ...grown };
  }
  const isAfter = asked.lengthOf === 'after';
  const [own, other] = isAfter ? [to, from] : [from, to];
  const label = isAfter ? 'length to start from' : 'length afterwards';
  const how = `${inSum(length.value)} × (${own.how}) ÷ (${other.how})`;
  const found = computed(label, workedLengthMm(length.value, own.mm2, other.mm2), 'mm', how, [length, ...sizes]);
  if (asked.isLengthOpen) slots.assume(`${inSum(length.value)} mm is the length before`, [['the length after', 'needed']]); // prettier-ignore
  const mass = massOf(slots, own, length);
  return { figures: [...inFront(main, [found, share, anneals]), ...mass], ...grown };
}

const inFront = (main: Figure | null, figures: readonly Figure[]) =>
  main ? [main, ...figures.filter((figure) => figure.label !== main.label)] : figures;

/** The length in the line, or the length that the weight of the stock has. */
function lengthGiven(slots: Slots, { before, after }: WorkQuestion, from: Worked): Figure | null {
  const size = before.length ?? after.length;
  if (size) return slots.figure(size, 'length');
  const mass = from.isThickness ? null : slots.mass('mass');
  return mass && lengthOfMass(slots, mass, from);
}

function lengthOfMass(slots: Slots, mass: Figure, { mm2, how, sizes }: Worked): Figure {
  const density = slots.density(slots.alloy());
  const all = `${inSum(mass.value)} × 1000 ÷ (${inSum(density.value)} × ${how})`;
  return computed('length', (mass.value * 1000) / (density.value * mm2), 'mm', all, [mass, density, ...sizes]);
}

/** The mass where the metal is named; the metal itself changes no length. */
function massOf(slots: Slots, { mm2, how, sizes, isThickness }: Worked, length: Figure): Figure[] {
  if (slots.question.alloys.length === 0) return [];
  const density = slots.density(slots.alloy());
  if (isThickness) return [];
  const all = `${how} × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`;
  return [computed('mass', (mm2 * length.value * density.value) / 1000, 'g', all, [...sizes, length, density])];
}

/** A weight of metal as stock of a section. */
function ofMass(slots: Slots, to: Worked): TopicAnswer {
  const mass = slots.mass('mass');
  if (!mass) throw new NotEnough('Give the section it starts from and the one it is worked to.', EXAMPLE);
  if (!to.isThickness) return { figures: [renamed(lengthOfMass(slots, mass, to), 'length afterwards')] };
  const density = slots.density(slots.alloy());
  const how = `${inSum(mass.value)} × 1000 ÷ (${inSum(density.value)} × ${to.how})`;
  return { figures: [computed('area', (mass.value * 1000) / (density.value * to.mm2), 'mm²', how, [mass, density, ...to.sizes])] }; // prettier-ignore
}

/** The size after a reduction, or where the next anneal is due. */
function sizeAfter(slots: Slots, { before, reduction: given1 }: WorkQuestion): TopicAnswer {
  if (given1) given1.used = true;
  const percent = given1
    ? given('reduction', given1.value, '%', 'as asked')
    : given('reduction between anneals', REDUCTION_BETWEEN_ANNEALS * 100, '%', 'common practice');
  if (before.section.length !== 1 || !(percent.value > 0 && percent.value < 100))
    throw new NotEnough(
      'Give the thickness or the diameter, and a reduction below 100 %.',
      '2 mm sheet reduced by 40 %',
    );
  const isRound = before.form === 'round' || before.form === 'square';
  if (!before.form) slots.assume('sheet or strip', [['round wire', 'round wire']]);
  const [size] = worked(slots, before, isRound ? before.form : 'sheet').sizes;
  if (!size) throw new NotEnough('Give the size before.', EXAMPLE);
  for (const alloy of slots.question.alloys) alloy.used = true;
  const left = 1 - percent.value / 100;
  const value = size.value * (isRound ? Math.sqrt(left) : left);
  const how = `${inSum(size.value)} × ${isRound ? '√' : ''}(1 − ${inSum(percent.value)} ÷ 100)`;
  return {
    figures: [computed(isRound ? 'size afterwards' : 'thickness afterwards', value, 'mm', how, [size, percent])],
  };
}

/** Wire flattened to a thickness or a width: the other side, where it grows no longer; null for other work. */
function spreadSize(slots: Slots, asked: WorkQuestion): Figure[] | null {
  const { before, after } = asked;
  const { line } = slots.question;
  const [wire] = before.section;
  const [size] = after.section;
  if (!wire || !size || before.section.length > 1 || after.section.length > 1) return null;
  const isWire = before.form === 'round' || before.form === 'square' || before.form === null;
  const isFlat = /\bflat(?:ten\w*)?\b/i.test(line) || asked.asks === 'width' || asked.asks === 'thickness';
  if (!isWire || !(isFlat || (before.form !== null && size.role === 'thick')) || after.form === 'sheet') return null;
  if (after.form === 'round' || after.form === 'square') return null;
  const from = worked(slots, before, before.form ?? 'round');
  const isWide = asked.asks === 'thickness' || (asked.asks !== 'width' && size.role === 'wide');
  const side = slots.figure(size, isWide ? 'width' : 'thickness', 'strip');
  if (before.length ?? after.length) return null;
  slots.assume('it grows wider, not longer', []);
  for (const alloy of slots.question.alloys) alloy.used = true;
  const how = `${from.how} ÷ ${inSum(side.value)}`;
  return [computed(isWide ? 'thickness' : 'width', from.mm2 / side.value, 'mm', how, [...from.sizes, side])];
}

function beforeForm({ before, after }: WorkQuestion): WorkedForm {
  if (before.form) return before.form;
  if (before.section.length > 1) return 'strip';
  return after.section.length === 1 && (after.form === 'sheet' || after.form === 'strip') ? 'sheet' : 'round';
}

function afterForm(asked: WorkQuestion): WorkedForm {
  const { after } = asked;
  if (after.form) return after.form;
  if (after.section.length > 1) return 'strip';
  const was = beforeForm(asked);
  return was === 'strip' || was === 'sheet' ? 'sheet' : was;
}

function worked(slots: Slots, { section }: WorkedStock, form: WorkedForm): Worked {
  const figures = section.map((size) => slots.figure(size, 'size', form));
  const [a, b] = figures;
  if (!a) throw new NotEnough('Give the section it starts from and the one it is worked to.', EXAMPLE);
  const isThickness = !b && (form === 'sheet' || form === 'strip');
  if (isThickness) return { form, mm2: a.value, how: inSum(a.value), sizes: figures, isThickness };
  if (form === 'round' || form === 'square' || form === 'sheet' || form === 'strip') {
    const flat = { mm2: a.value * (b?.value ?? 0), how: `${inSum(a.value)} × ${inSum(b?.value ?? 0)}` };
    const round = form === 'square' ? sectionArea({ form, sideMm: a.value }) : sectionArea({ form: 'round', diameterMm: a.value }); // prettier-ignore
    const sizes = b && b.value > a.value ? [b, a] : figures;
    return { form, ...(b ? flat : round), sizes, isThickness };
  }
  const height = b ?? halfAsHigh(slots, form, a);
  const [wide, high] = a.value >= height.value || form === 'd' ? [a, height] : [height, a];
  return {
    form,
    ...sectionArea({ form, widthMm: wide.value, heightMm: high.value }),
    sizes: [wide, high],
    isThickness,
  };
}

/** The height that a half-round or a triangle has where only its width is given. */
function halfAsHigh(slots: Slots, form: WorkedForm, width: Figure): Figure {
  if (form === 'half-round') {
    slots.assume('half as high as wide', []);
    return computed('height', width.value / 2, 'mm', `${inSum(width.value)} ÷ 2`, [width]);
  }
  if (form === 'triangle') {
    slots.assume('equal sides', []);
    return computed('height', (width.value * Math.sqrt(3)) / 2, 'mm', `${inSum(width.value)} × √3 ÷ 2`, [width]);
  }
  throw new NotEnough(
    `Give the width and the height of the ${form} section.`,
    'roll 4 mm round to half-round 4 x 2 mm',
  );
}

/** `1 mm wire, have 2 mm. How much 2 mm`: a size said again is used. */
function markRepeated({ question }: Slots, { before, after }: WorkQuestion): void {
  const known = [...before.section, ...after.section, before.length, after.length];
  for (const size of question.sizes)
    if (!known.includes(size) && known.some((one) => one?.mm === size.mm && one.mm !== null)) size.used = true;
}
