// Answers about ring sizes: conversions between scales, and the blank for one size or a range.
import { bandLengthMm } from '../../blank/developed-length.ts';
import { wideBandSizes } from '../../blank/lengths/wide-band.ts';
import { WIDE_BAND_MM } from '../../blank/lengths/wide-band.ts';
import { computed, type Figure, given, inSum } from '../../figure/figure.ts';
import { MM_PER_INCH } from '../../measure/length-units.ts';
import { readRingSize, ringInsideMm, ringSizeOf, type RingSizeSystem, ringSizeText } from '../../measure/ring-size.ts';
import { type LongSection, massPerLength, sectionArea } from '../../stock/section.ts';
import { takenPart } from '../part.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots } from '../slots.ts';
import { insideOfBlank, isFromBlank, stockOfMany } from './backwards.ts';
import { insideOfOutside } from './round-wire.ts';
import { counted, valueOf } from './stock.ts';

const scaleNames = { us: 'US', uk: 'UK', iso: 'ISO', jp: 'Japanese', mm: 'mm' } as const satisfies Record<
  RingSizeSystem,
  string
>;
const scales = ['us', 'uk', 'iso', 'jp'] as const;
const EXAMPLE = 'ring 7 us, 1.5 mm';
const FROM_BLANK = 'ring from a 61 mm blank, 1.8 mm thick';

/** Ring size on other scales, and the blank for a size or a range of sizes. */
export function ringAnswer(slots: Slots): TopicAnswer {
  const { question } = slots;
  if (isFromBlank(slots)) {
    const { inside, mass } = insideOfBlank(slots, FROM_BLANK);
    const asked = question.scales[0] ?? (/\bsize\b/i.test(question.line) ? 'us' : null);
    const sizes = scales.toSorted((a, b) => Number(b === asked) - Number(a === asked)).map((scale) => inScale(scale, inside)); // prettier-ignore
    return { figures: [...(asked ? sizes.slice(0, 1) : []), inside, ...sizes.slice(asked ? 1 : 0), ...mass], topics: ['work'] }; // prettier-ignore
  }
  const [first, last] = question.numbers;
  if (first !== undefined && last !== undefined && (question.hasRange || question.hasTo))
    return range(slots, first.value, last.value);
  const isOutside = /\b(?:outside|outer|od)\b/i.test(question.line);
  if (isOutside && question.sizes.every(({ role }) => role === 'outside'))
    throw new NotEnough('Give the thickness of the band too.', FROM_BLANK);
  const inside = insideOf(slots);
  // When two scales are named, the first is converted to the second.
  const goal =
    question.scales.length > 1 ||
    (question.letter === null && question.scales.length === 1 && question.numbers.length === 0)
      ? question.scales.at(-1)
      : question.scales.length === 1 && question.hasTo && scaleOf(slots) !== question.scales[0]
        ? question.scales[0]
        : undefined;
  if (question.sizes.some(({ used }) => !used)) return band(slots, inside);
  const named = (goal ? [goal] : scales.filter((scale) => scale !== scaleOf(slots))).map((scale) =>
    inScale(scale, inside),
  );
  const around = computed('inside circumference', Math.PI * inside.value, 'mm', `π × ${inSum(inside.value)}`, [inside]);
  const own = /\b(?:around|round)\b/i.test(question.line) ? [around, inside] : [inside, around];
  return { figures: goal ? [...named, ...own] : [...own, ...named] };
}

function scaleOf({ question }: Slots): RingSizeSystem {
  if (question.letter) return 'uk';
  const size = question.numbers[0]?.value;
  if (size === undefined) return 'mm';
  return question.scales[0] ?? (size > 30 ? 'iso' : 'us');
}

function insideOf(slots: Slots): Figure {
  const { question } = slots;
  const scale = scaleOf(slots);
  if (scale === 'mm') {
    const inside = slots.take('inside', 'inside diameter');
    const around = slots.take('around', 'inside circumference');
    if (around)
      return computed('inside diameter', around.value / Math.PI, 'mm', `${inSum(around.value)} ÷ π`, [around]);
    const ofOutside = inside ? null : insideOfOutside(slots, outerThickness(slots));
    if (ofOutside) return ofOutside;
    const measured = inside ?? slots.take('outside', 'inside diameter') ?? slots.next('inside diameter');
    if (!measured) throw new NotEnough('Give the ring size and its scale.', EXAMPLE);
    if (measured.value < WIDEST_FINGER_MM || measured.value > LONGEST_ROUND_FINGER_MM) return measured;
    slots.assume(`${inSum(measured.value)} mm round the finger`, []);
    return computed('inside diameter', measured.value / Math.PI, 'mm', `${inSum(measured.value)} ÷ π`, [measured]);
  }
  const fraction = inchFraction(slots);
  if (fraction) return fraction;
  const text = question.letter ?? inSum(slots.number() ?? NaN);
  if (!question.letter && question.scales.length === 0) {
    slots.assume(
      `${scaleNames[scale]} scale`,
      [
        ['US', 'us'],
        ['ISO', 'iso'],
        ['Japanese', 'japanese'],
      ]
        .filter(([label]) => label !== scaleNames[scale])
        .map(([label = '', words = '']): [string, string] => [label, words]),
    );
  }
  const reading = readRingSize(text, scale);
  if (!reading.ok) throw new NotEnough(reading.sentence, EXAMPLE);
  return given(`inside diameter of ${scaleNames[scale]} ${text}`, reading.value, 'mm', reading.source);
}

/** The thickness of a ring whose outside is given. */
function outerThickness(slots: Slots): Figure | null {
  const { sizes } = slots.question;
  const free = sizes.filter(({ role, mm }) => role !== 'outside' && (mm ?? 0) < WIDEST_FINGER_MM);
  const size = free.find(({ role }) => role === 'thick' || role === 'wire') ?? free.toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0))[0]; // prettier-ignore
  if (!size) return null;
  const figure = slots.figure(size, 'thickness');
  // The band takes it again.
  size.used = false;
  return figure;
}

/** No finger is so thick: a longer measure goes round it. */
const WIDEST_FINGER_MM = 35;
/** A neck ring or a bangle is wider. */
const LONGEST_ROUND_FINGER_MM = 90;

// A size such as 5/8 is the inside diameter in inches: no ring scale has so small a size.
function inchFraction(slots: Slots): Figure | null {
  const { numbers, letter, scales: named, line } = slots.question;
  const [first] = numbers;
  if (!first || letter || named.length > 0 || first.value >= 2) return null;
  const typed = line.slice(first.start, first.end);
  if (!/[/½¼¾⅓⅔⅛⅜⅝⅞]/.test(typed)) return null;
  slots.number();
  slots.assume(`${typed} in across the inside`, [['US size', 'us']]);
  return given('inside diameter', first.value * MM_PER_INCH, 'mm', `${typed} in, as asked`);
}

function inScale(scale: RingSizeSystem, inside: Figure): Figure {
  const size = ringSizeOf(scale, inside.value);
  const label = scale === 'uk' ? `UK size, ${ringSizeText('uk', size)}` : `${scaleNames[scale]} size`;
  const how = {
    us: `(${inSum(inside.value)} ÷ 25.4 − 0.458) ÷ 0.032`,
    uk: `(π × ${inSum(inside.value)} − 37.5) ÷ 1.25 letters after A`,
    iso: `π × ${inSum(inside.value)}`,
    jp: `(${inSum(inside.value)} − 13) × 3 + 1`,
    mm: inSum(inside.value),
  }[scale];
  return computed(label, size, scale === 'uk' ? 'letters after A' : '', how, [inside]);
}

function band(slots: Slots, inside: Figure): TopicAnswer {
  const stock = /\b(?:from|out of)\b/i.test(slots.question.line) ? stockOfMany(slots) : null;
  const { section, sizes, thickness, width } = bandStock(slots);
  // An inside that was measured is made as it is; a ring size is that of a narrow band.
  const eased = scaleOf(slots) === 'mm' ? inside : withEase(slots, inside, width);
  const gap = slots.take('opening', 'gap');
  const closed = bandLength(eased, thickness);
  const length = gap ? withGap(closed, gap) : closed;
  if (stock) return { figures: [ringsOf(stock, length), length, inside] };
  if (!section) return { figures: [length, inside] };
  const alloy = slots.alloy();
  const density = slots.density(alloy);
  const mass = computed(
    'mass',
    massPerLength(section, density.value) * length.value,
    'g',
    `${sectionArea(section).how} × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
    [length, density],
  );
  const count = slots.question.counts.rings ?? slots.count('pieces') ?? 1;
  const blank = { rule: 'ring-band', system: 'mm', size: `${inSum(eased.value)} mm` } as const;
  const part = takenPart('Ring band', alloy, { section, sizes }, blank, count);
  return { figures: [length, inside, ...counted(mass, count), ...valueOf(slots, alloy, mass, count)], part };
}

// The stock of the band: a strip with width and thickness, or wire as thick as it is wide.
function bandStock(slots: Slots): {
  section: LongSection | null;
  sizes: readonly Figure[];
  thickness: Figure;
  width: number;
} {
  const { form } = slots.question;
  const isProfiled = form !== null && !['strip', 'sheet', 'round'].includes(form);
  const isFlat =
    form === 'strip' ||
    (!isProfiled && slots.question.sizes.some(({ used, crossed, role }) => !used && (crossed || role === 'wide')));
  if (form && form !== 'sheet' && !isFlat) {
    const { section, sizes } = slots.section();
    const thickness = sizes.at(-1);
    if (section.form !== 'sheet' && thickness)
      return {
        section,
        sizes,
        thickness: form === 'tube' ? (sizes[0] ?? thickness) : thickness,
        width: sizes[0]?.value ?? 0,
      };
  }
  if (isFlat) {
    const thick = slots.take('thick', 'thickness');
    const wide = slots.take('wide', 'width');
    const pair = thick && wide ? null : slots.pair(['width', 'thickness']);
    const [width, thickness] = [
      wide ?? pair?.[0] ?? slots.next('width'),
      thick ?? pair?.[1] ?? slots.thin('thickness', 'strip'),
    ];
    const only = form === 'strip' ? (width ?? thickness) : null;
    if (only && !(width && thickness)) return { section: null, sizes: [only], thickness: only, width: 0 };
    if (!width || !thickness)
      throw new NotEnough('Give the band’s width and thickness.', 'ring 7 us 6 x 1.5 mm sterling');
    return {
      section: { form: 'strip', widthMm: width.value, thicknessMm: thickness.value },
      sizes: [width, thickness],
      thickness,
      width: width.value,
    };
  }
  const thickness =
    slots.take('thick', 'thickness') ?? slots.take('wire', 'thickness') ?? slots.thin('thickness', 'round');
  if (!thickness) throw new NotEnough('Give the thickness of the band.', EXAMPLE);
  return {
    section: slots.question.alloys.length > 0 ? { form: 'round', diameterMm: thickness.value } : null,
    sizes: [thickness],
    thickness,
    width: 0,
  };
}

function withEase(slots: Slots, inside: Figure, width: number): Figure {
  const sizes = slots.question.noEase ? 0 : wideBandSizes(width);
  if (sizes === 0) return inside;
  slots.assume(`${sizes === 0.5 ? 'half' : 'quarter'} a size larger, wider than ${inSum(WIDE_BAND_MM)} mm`, [
    ['as measured', 'no ease'],
  ]);
  const more = ringInsideMm('us', sizes) - ringInsideMm('us', 0);
  const ease = given('ease of a wide band', more, 'mm', `${inSum(sizes)} US size (common practice)`);
  return computed('inside diameter with ease', inside.value + more, 'mm', `${inSum(inside.value)} + ${inSum(more)}`, [
    inside,
    ease,
  ]);
}

function bandLength(inside: Figure, thickness: Figure): Figure {
  return computed(
    'length to cut',
    bandLengthMm(inside.value, thickness.value),
    'mm',
    `π × (${inSum(inside.value)} + ${inSum(thickness.value)})`,
    [inside, thickness],
  );
}

function ringsOf(stock: Figure, length: Figure): Figure {
  const how = `${inSum(stock.value)} ÷ ${inSum(length.value)}, whole rings`;
  return computed('rings', Math.floor(stock.value / length.value + 1e-9), '', how, [stock, length]);
}

function withGap(closed: Figure, gap: Figure): Figure {
  const how = `${closed.how} − ${inSum(gap.value)}`;
  return computed(closed.label, closed.value - gap.value, 'mm', how, [...closed.from, gap]);
}

function range(slots: Slots, first: number, last: number): TopicAnswer {
  for (let taken = 0; taken < 2; taken += 1) slots.number();
  const scale = slots.question.scales[0] ?? (first > 30 ? 'iso' : 'us');
  if (!slots.question.scales[0])
    slots.assume(`${scaleNames[scale]} scale`, [
      ['Japanese', 'japanese'],
      ['ISO', 'iso'],
    ]);
  const stock = slots.question.sizes.length > 0 ? bandStock(slots) : null;
  const [from, to] = [Math.min(first, last), Math.max(first, last)];
  const step = scale === 'us' ? 0.5 : 1;
  if ((to - from) / step > 60) throw new NotEnough('That is more than 60 sizes.', 'rings 5 to 9 us 1.5 mm');
  const figures: Figure[] = [];
  for (let size = from; size <= to + 1e-9; size += step) {
    const reading = readRingSize(inSum(size), scale);
    if (!reading.ok) throw new NotEnough(reading.sentence, 'rings 5 to 9 us 1.5 mm');
    const across = given(`inside diameter of ${inSum(size)}`, reading.value, 'mm', reading.source);
    if (!stock) {
      figures.push({ ...across, label: `inside diameter of ${scaleNames[scale]} ${inSum(size)}` });
      continue;
    }
    const inside = withEase(slots, across, stock.width);
    figures.push({
      ...bandLength(inside, stock.thickness),
      how: `π × (${inSum(inside.value)} + ${inSum(stock.thickness.value)})`,
      label: `length for ${scaleNames[scale]} ${inSum(size)}`,
    });
  }
  return { figures };
}
