// Mass of a stock length or a blank of sheet, and length of a mass.
import { computed, type Figure, given, inSum, renamed } from '../../figure/figure.ts';
import { type Outline, outlineAreaMm2 } from '../../geometry/outline.ts';
import { MM_PER_INCH } from '../../measure/length-units.ts';
import type { Alloy } from '../../metal/alloys.ts';
import { alloyPrice } from '../../metal/price-per-gram.ts';
import { massPerArea, massPerLength, sectionArea } from '../../stock/section.ts';
import { takenPart, typedSize } from '../part.ts';
import type { TopicAnswer } from '../question.ts';
import { NotEnough, type Slots, type Stock } from '../slots.ts';
import { dimension } from '../units.ts';

/** Mass, value and mass per metre of a stock length, or the length for a mass. */
export function stockAnswer(slots: Slots): TopicAnswer {
  const alloy = slots.alloy();
  const density = slots.density(alloy);
  if (slots.question.shape === 'round' && slots.question.form === 'sheet') return discAnswer(slots);
  const sheetSizes = slots.question.form === 'sheet' ? slots.pair(['length', 'width']) : null;
  const stock = slots.section();
  if (stock.section.form === 'sheet') return sheetAnswer(slots, alloy, density, stock, sheetSizes);
  const area = sectionArea(stock.section);
  const perMm = massPerLength(stock.section, density.value);
  const perMetre = computed('mass of a metre', perMm * 1000, 'g', `${area.how} × ${inSum(density.value)}`, [
    ...stock.sizes,
    density,
  ]);

  const mass = slots.mass('mass');
  if (mass) {
    const how = `${inSum(mass.value)} × 1000 ÷ (${area.how} × ${inSum(density.value)})`;
    return { figures: [computed('length', mass.value / perMm, 'mm', how, [mass, ...stock.sizes, density]), perMetre] };
  }
  const length = slots.take('long', 'length') ?? slots.next('length');
  const count = slots.count('pieces') ?? 1;
  if (!length) {
    if (count > 1) throw new NotEnough('Give the length of each piece.', '18 ga sterling round 120 mm x 24');
    slots.assume('one metre', []);
    return { figures: perAsked(slots, perMetre) };
  }
  const one = computed(
    'mass',
    perMm * length.value,
    'g',
    `${area.how} × ${inSum(length.value)} × ${inSum(density.value)} ÷ 1000`,
    [...stock.sizes, length, density],
  );
  const part = takenPart('', alloy, stock, { rule: 'straight', length: typedSize(length) }, count);
  const rate = length.value === 1000 ? [] : [perMetre];
  return { figures: [...counted(one, count), ...valueOf(slots, alloy, one, count), ...rate], part };
}

/** Patterned strip and similar stock, known by its mass per length. */
export function stripByMassAnswer(slots: Slots): TopicAnswer | null {
  const rate = slots.rate(dimension.massPerLength);
  if (rate === null) return null;
  const length = slots.take('long', 'length') ?? slots.next('length');
  if (!length) return null;
  // What a length weighs is known: its width and height change nothing.
  for (const size of slots.question.sizes) if (size.role === 'wide' || size.role === 'high') size.used = true;
  const perMetre = given('mass of a metre, as bought', rate * 1000, 'g', 'as asked');
  const how = `${inSum(length.value)} × ${inSum(perMetre.value)} ÷ 1000`;
  const one = computed('mass', length.value * rate, 'g', how, [length, perMetre]);
  const value = slots.question.alloys.length > 0 ? valueOf(slots, slots.alloy(), one) : [];
  return { figures: [...counted(one, slots.count('pieces') ?? 1), ...value] };
}

/** Count and mass of one: `25 studs, each 2.1 g`; null for any other question. */
export function massOfEach(slots: Slots): TopicAnswer | null {
  const { line, sizes, masses, counts, topics, alloys } = slots.question;
  const count = counts.pieces ?? counts.rings;
  if (!count || masses.length !== 1 || sizes.length > 0 || topics.has('value') || !/\beach\b|\bapiece\b/i.test(line))
    return null;
  const one = slots.mass('mass');
  if (!one) return null;
  const value = alloys.length > 0 ? valueOf(slots, slots.alloy(), one, count) : [];
  return { figures: [...counted(one, count), ...value], topics: [...topics] };
}

/** The mass of the length that was asked for, then of a metre and a foot or an inch. */
function perAsked(slots: Slots, perMetre: Figure): Figure[] {
  const per = (what: string, metres: number) =>
    computed(`mass of ${what}`, perMetre.value * metres, 'g', `${inSum(perMetre.value)} × ${inSum(metres)}`, [
      perMetre,
    ]);
  const [foot, inch, centimetre] = [
    per('a foot', (12 * MM_PER_INCH) / 1000),
    per('an inch', MM_PER_INCH / 1000),
    per('a centimetre', 0.01),
  ];
  const asked = PER.exec(slots.question.line)?.[1]?.toLowerCase() ?? '';
  if (/^f/.test(asked)) return [foot, perMetre, inch];
  if (/^i/.test(asked)) return [inch, perMetre, foot];
  if (/^c/.test(asked)) return [centimetre, perMetre, foot];
  return [perMetre, foot];
}

const PER = /\b(?:per|each|an?)\s+(foot|feet|ft|inch|in|cm|centimet(?:re|er)|met(?:re|er)|m)\b/i;

/** A disc or washer punched from sheet. */
export function discAnswer(slots: Slots): TopicAnswer {
  const alloy = slots.alloy();
  const density = slots.density(alloy);
  if (slots.question.shape === 'oval')
    return sheetAnswer(slots, alloy, density, slots.section(), slots.pair(['length', 'width']));
  const bore = slots.take('inside', 'inside diameter');
  const across = slots.take('outside', 'diameter') ?? slots.take('wide', 'diameter');
  const thick = slots.take('thick', 'thickness') ?? slots.thin('thickness', 'sheet');
  const diameter = across ?? slots.next('diameter');
  if (!diameter || !thick)
    throw new NotEnough('Give the disc’s diameter and the sheet’s thickness.', 'disc 20 mm 20 ga copper');
  const isWasher = bore !== null && bore.value < diameter.value;
  const areaMm2 = (Math.PI / 4) * (diameter.value ** 2 - (isWasher ? bore.value ** 2 : 0));
  const area = isWasher
    ? `π/4 × (${inSum(diameter.value)}² − ${inSum(bore.value)}²)`
    : `π/4 × ${inSum(diameter.value)}²`;
  const one = computed(
    isWasher ? 'mass of the washer' : 'mass of the disc',
    areaMm2 * massPerArea(thick.value, density.value),
    'g',
    `${area} × ${inSum(thick.value)} × ${inSum(density.value)} ÷ 1000`,
    [diameter, ...(isWasher ? [bore] : []), thick, density],
  );
  const count = slots.count('pieces') ?? 1;
  const sheet: Stock = { section: { form: 'sheet', thicknessMm: thick.value }, sizes: [thick] };
  const part = isWasher ? null : takenPart('', alloy, sheet, { rule: 'disc', diameter: typedSize(diameter) }, count);
  return { figures: [...counted(one, count), ...valueOf(slots, alloy, one, count)], part };
}

function sheetAnswer(
  slots: Slots,
  alloy: Alloy,
  density: Figure,
  { sizes }: Stock,
  pair: readonly [Figure, Figure] | null,
): TopicAnswer {
  const [thickness] = sizes;
  if (!thickness) throw new NotEnough('Give the thickness of the sheet.', 'sheet 20 ga sterling 50 x 100 mm');
  const perDm2 = computed(
    'mass of 100 × 100 mm',
    10_000 * massPerArea(thickness.value, density.value),
    'g',
    `100² × ${inSum(thickness.value)} × ${inSum(density.value)} ÷ 1000`,
    [thickness, density],
  );
  const wide = slots.take('wide', 'width');
  const mass = slots.mass('mass');
  if (mass && wide) return { figures: [lengthOfStrip(mass, wide, thickness, density), perDm2] };
  const isTriangle = /\btriang/i.test(slots.question.line);
  const high = isTriangle ? slots.take('high', 'height') : null;
  const long = slots.take('long', 'length') ?? high ?? pair?.[0] ?? slots.next('length');
  const width = wide ?? pair?.[1] ?? slots.next('width');
  if (mass && (long || width))
    throw new NotEnough('Give the size of the sheet or its weight, not both.', 'area of 50 g 20 ga sterling sheet');
  if (mass) {
    const area = computed(
      'area',
      mass.value / massPerArea(thickness.value, density.value),
      'mm²',
      `${inSum(mass.value)} × 1000 ÷ (${inSum(thickness.value)} × ${inSum(density.value)})`,
      [mass, thickness, density],
    );
    return { figures: [area, perDm2] };
  }
  if (!long) return { figures: [perDm2] };
  const { shape } = slots.question;
  const outline: Outline =
    shape === 'teardrop' && width
      ? { shape: 'teardrop', lengthMm: long.value, diameterMm: width.value }
      : shape === 'oval' && width
        ? { shape: 'oval', lengthMm: long.value, widthMm: width.value }
        : { shape: 'rectangle', lengthMm: long.value, widthMm: width?.value ?? long.value };
  if (!width) slots.assume('square blank', [['square wire', 'square wire']]);
  const sides = `${inSum(long.value)} × ${inSum(width?.value ?? long.value)}`;
  const areaHow = (isTriangle ? '½ × ' : '') + areaText(outline, sides);
  const areaMm2 = outlineAreaMm2(outline) / (isTriangle ? 2 : 1);
  const one = computed(
    'mass',
    areaMm2 * massPerArea(thickness.value, density.value),
    'g',
    `${areaHow} × ${inSum(thickness.value)} × ${inSum(density.value)} ÷ 1000`,
    [long, ...(width ? [width] : []), thickness, density],
  );
  const count = slots.count('pieces') ?? 1;
  const blank = { rule: 'rectangle', width: typedSize(width ?? long), length: typedSize(long) } as const;
  const sheet: Stock = { section: { form: 'sheet', thicknessMm: thickness.value }, sizes: [thickness] };
  const part = outline.shape === 'rectangle' && !isTriangle ? takenPart('', alloy, sheet, blank, count) : null;
  return { figures: [...counted(one, count), ...valueOf(slots, alloy, one, count)], part };
}

function areaText(outline: Outline, sides: string): string {
  if (outline.shape === 'teardrop')
    return `(arc of ${inSum(outline.diameterMm)} and two tangents, ${inSum(outline.lengthMm)} long)`;
  return `${outline.shape === 'oval' ? 'π/4 × ' : ''}${sides}`;
}

/** The length of a weight of sheet of one width. */
function lengthOfStrip(mass: Figure, width: Figure, thickness: Figure, density: Figure): Figure {
  const how = `${inSum(mass.value)} × 1000 ÷ (${inSum(width.value)} × ${inSum(thickness.value)} × ${inSum(density.value)})`;
  const mm = (mass.value * 1000) / (width.value * thickness.value * density.value);
  return computed('length', mm, 'mm', how, [mass, width, thickness, density]);
}

/** The mass of one and, for more than one, the total mass first. */
export function counted(one: Figure, count: number): Figure[] {
  if (count === 1) return [one];
  const all = computed(
    `${one.label} of ${inSum(count)}`,
    one.value * count,
    one.unit,
    `${inSum(one.value, one.unit)} × ${inSum(count)}`,
    [one, given('count', count, '', 'as asked')],
  );
  return [all, renamed(one, `${one.label} of one`)];
}

/** Value of the metal in a mass; no figure when there are no metal prices for it. */
export function valueOf(slots: Slots, alloy: Alloy, one: Figure, count = 1): Figure[] {
  const { fix } = slots.question.basis;
  if (!fix || alloy.fineness === null) return [];
  const price = alloyPrice(alloy, fix, given('making charge', 0, `${fix.currency}/g`, 'left out'));
  if ('sentence' in price) return [];
  const { content } = price;
  const value = one.value * count * content.value;
  return [
    computed(
      'metal value at current prices',
      value,
      fix.currency,
      `${inSum(one.value * count)} × ${inSum(content.value, content.unit)}`,
      [one, content],
    ),
  ];
}
