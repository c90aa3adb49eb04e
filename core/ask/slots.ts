// What an answer takes from a question. Every assumption it makes is recorded.
import { computed, type Figure, given, inSum, renamed } from '../figure/figure.ts';
import { gaugeMm, type GaugeSystem, gaugeSystemNames, gaugeSystemSources, gaugeText } from '../measure/gauge.ts';
import { densityOf } from '../metal/alloy.ts';
import type { Alloy } from '../metal/alloys.ts';
import { gaugeSystemOf } from '../stock/gauged.ts';
import type { Section, SectionForm } from '../stock/section.ts';
import type { Span } from './grammar.ts';
import type { AskSize, Assumption, NamedAlloy, Question } from './question.ts';
import { type Dimensions, sameDimensions } from './units.ts';
import { type CountedThing, phraseFor, type Role, vocabularyOf } from './vocabulary.ts';

/** A question on a known topic with something missing. The message says what, the example shows how to ask. */
export class NotEnough extends Error {
  readonly example: string;
  constructor(sentence: string, example: string) {
    super(sentence);
    this.example = example;
  }
}

/** The items of a question, each used at most once. */
export class Slots {
  readonly question: Question;
  readonly assumptions: Assumption[] = [];

  constructor(question: Question) {
    this.question = question;
    if (question.mmAssumed) this.assume('millimetres', []);
    if (question.inchesAssumed) {
      const line = question.line.replace(/(\d[\d.]*\s*[x×]\s*\d[\d.]*)/, '$1 mm');
      this.assumptions.push({ says: 'inches', choices: [{ label: 'millimetres', line }] });
    }
  }

  /** Records an assumption; each choice is words that replace it when put at the end of the line. */
  assume(says: string, choices: readonly (readonly [label: string, words: string])[]): void {
    if (this.assumptions.some((other) => other.says === says)) return;
    const { line } = this.question;
    this.assumptions.push({
      says,
      choices: choices.map(([label, words]) => ({ label, line: `${line.trim()} ${words}` })),
    });
  }

  /** The alloy named, or sterling silver when none is. */
  alloy(at = 0): Alloy {
    const { alloys, basis } = this.question;
    const named = alloys[at];
    if (named) {
      named.used = true;
      if (named.others.length > 0) this.#offerAlloys(named);
      return named.alloy;
    }
    const usual = basis.alloys.get('silver-925');
    if (!usual) throw new NotEnough('Name the metal.', '18 ga sterling 120 mm');
    this.assume(usual.name, [
      ['fine silver', 'fine silver'],
      ['copper', 'copper'],
      ['brass', 'cartridge brass'],
      ['14k yellow gold', '14k yellow gold'],
    ]);
    return usual;
  }

  /** Offers the other alloys that the word at a place of the line may mean. */
  offerAlloysAt(start: number): void {
    const named = this.question.alloys.find((one) => one.start === start);
    if (named) this.#offerAlloys(named);
  }

  // A choice between alloys replaces the ambiguous word; a gold is chosen by its colour.
  #offerAlloys({ alloy, others, isPhrase, start, end }: NamedAlloy): void {
    if (this.assumptions.some(({ says }) => says === alloy.name)) return;
    const { line, basis } = this.question;
    const vocabulary = vocabularyOf(basis.alloys);
    const choices = others.map((other) => {
      const phrase = phraseFor(other, vocabulary) ?? colourOf(other);
      const before = isPhrase ? line.slice(0, start) : `${line.trim()} `;
      return { label: other.name, line: before + phrase + (isPhrase ? line.slice(end) : '') };
    });
    this.assumptions.push({ says: alloy.name, choices });
  }

  density(alloy: Alloy): Figure {
    const density = densityOf(alloy);
    if (!density) throw new NotEnough(`${alloy.name} has no density yet. Give one in Settings.`, 'density 14k yellow');
    return density;
  }

  /** A size in mm with its source. */
  figure(size: AskSize, label: string, form: SectionForm = 'round'): Figure {
    size.used = true;
    if (size.mm !== null) return given(label, size.mm, 'mm', 'as asked');
    const { number = 0, system: named = null } = size.gauge ?? {};
    const system = named ?? this.#convertedFrom() ?? this.question.systems[0] ?? this.#systemOf(form);
    const source = `${gaugeText(number)} ga, ${gaugeSystemNames[system]} (${gaugeSystemSources[system]})`;
    return given(label, gaugeMm(system, number), 'mm', source);
  }

  /** 18 ga in swg: the gauge is of the other system. */
  #convertedFrom(): GaugeSystem | null {
    const [, goal] = /\b(?:in|to|as|into)\s+(swg|awg|b&s)\b/i.exec(this.question.line) ?? [];
    if (!goal) return null;
    const system = goal.toLowerCase() === 'swg' ? 'awg' : 'swg';
    this.assume(`${gaugeSystemNames[system]} gauge`, []);
    return system;
  }

  #systemOf(form: SectionForm): GaugeSystem {
    const [named] = this.question.alloys;
    if (named) {
      named.used = true;
      const system = gaugeSystemOf(named.alloy.family, form);
      if (system !== 'none' || this.question.form !== null) return system;
      const ofSheet = gaugeSystemOf(named.alloy.family, 'sheet');
      if (ofSheet !== 'none') this.assume('sheet', []);
      return ofSheet;
    }
    this.assume('B&S gauge', [
      ['British SWG', 'swg'],
      ['steel sheet', 'steel sheet'],
      ['stainless sheet', 'stainless steel sheet'],
    ]);
    return 'awg';
  }

  /** The first unused size of a role. */
  take(role: Role, label: string): Figure | null {
    const size = this.question.sizes.find((each) => !each.used && each.role === role);
    return size ? this.figure(size, label, this.question.form ?? 'round') : null;
  }

  /** The next unused size without a role. */
  next(label: string): Figure | null {
    const size = this.free()[0];
    return size ? this.figure(size, label) : null;
  }

  /** The gauge, or else the smallest unused size: what wire and sheet are named by. */
  thin(label: string, form: SectionForm): Figure | null {
    const free = this.free();
    const size = free.find(({ gauge }) => gauge) ?? free.toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0))[0];
    return size ? this.figure(size, label, form) : null;
  }

  /** Unused sizes without a role. */
  free(): AskSize[] {
    return this.question.sizes.filter(({ used, role }) => !used && role === null);
  }

  /** Two sizes written `12 x 10 mm`, the larger first. */
  pair(labels: readonly [string, string], isSection = false): [Figure, Figure] | null {
    const crossed = this.question.sizes.filter(({ used, crossed }) => !used && crossed);
    // 120 x 6 x 1.5 mm: the longest is the length, wherever it stands.
    const longest = crossed.toSorted((a, b) => (b.mm ?? 0) - (a.mm ?? 0))[0];
    const [first, second] = isSection && crossed.length > 2 ? crossed.filter((size) => size !== longest) : crossed;
    if (!first || !second) return null;
    const form = this.question.form ?? 'strip';
    const [a, b] = [this.figure(first, labels[0], form), this.figure(second, labels[1], form)];
    return a.value >= b.value ? [a, b] : [renamed(b, labels[0]), renamed(a, labels[1])];
  }

  /** The mass of the line. @returns g, as an input of a sum */
  mass(label: string): Figure | null {
    const amount = this.question.masses.find(({ used }) => !used);
    if (!amount) return null;
    amount.used = true;
    if (amount.ounce) this.#assumeOunce(amount, amount.ounce);
    return given(label, amount.value, 'g', 'as asked');
  }

  #assumeOunce({ start, end }: Span, ounce: 'troy' | 'avoirdupois'): void {
    const { line } = this.question;
    const [says, other, word] =
      ounce === 'troy'
        ? ['troy ounce of 31.103 g', 'avoirdupois', 'avoirdupois']
        : ['avoirdupois ounce of 28.35 g', 'troy', 'ozt'];
    if (this.assumptions.some((known) => known.says === says)) return;
    const typed = line.slice(start, end).replace(/(?:oz|ounces?)\b/i, word);
    this.assumptions.push({ says, choices: [{ label: other, line: line.slice(0, start) + typed + line.slice(end) }] });
  }

  /** The next bare number in the line. */
  number(): number | null {
    const amount = this.question.numbers.find(({ used }) => !used);
    if (!amount) return null;
    amount.used = true;
    return amount.value;
  }

  /** A quantity of these dimensions that is neither a length nor a mass: turns per length, grams per metre. */
  rate(dimensions: Dimensions): number | null {
    const measure = this.question.others.find((other) => !other.used && sameDimensions(other.dimensions, dimensions));
    if (!measure) return null;
    measure.used = true;
    return measure.value;
  }

  /** The count of a thing, or a bare number that is left. */
  count(counted: CountedThing): number | null {
    return this.question.counts[counted] ?? this.number();
  }

  /** Marks the quantity at a place of the line as used. */
  markTaken(start: number): void {
    for (const taken of this.#all()) if (taken.start === start) taken.used = true;
  }

  /** Places of what the answer did not use. */
  leftOver(): Span[] {
    return this.#all().filter(({ used }) => !used);
  }

  #all() {
    const { sizes, masses, numbers, others, alloys } = this.question;
    return [...sizes, ...masses, ...numbers, ...others, ...alloys];
  }

  /** The section of wire, strip, tube or sheet that the line names, or else the usual one. */
  section(usual: SectionForm | null = null): Stock {
    const { question } = this;
    const form = question.form ?? usual ?? this.#formOf();
    switch (form) {
      case 'round': {
        const diameter =
          this.take('wire', 'diameter') ??
          this.take('thick', 'diameter') ??
          this.take('outside', 'diameter') ??
          this.#across('round');
        if (diameter.value > THICKEST_WIRE_MM && !SAYS_ROD.test(question.line))
          throw new NotEnough(`Give the thickness: wire of ${inSum(diameter.value)} mm is too thick.`, '18 ga sterling round 120 mm'); // prettier-ignore
        return { section: { form, diameterMm: diameter.value }, sizes: [diameter] };
      }
      case 'square': {
        const side = this.take('wire', 'side') ?? this.take('thick', 'side') ?? this.#across('square');
        return { section: { form, sideMm: side.value }, sizes: [side] };
      }
      case 'sheet': {
        const thickness = this.take('thick', 'thickness') ?? this.#across('sheet');
        return { section: { form, thicknessMm: thickness.value }, sizes: [thickness] };
      }
      case 'strip': {
        const [width, thickness] = this.#two('width', 'thickness', 'wide', 'thick', form);
        return { section: { form, widthMm: width.value, thicknessMm: thickness.value }, sizes: [width, thickness] };
      }
      case 'half-round':
      case 'd':
      case 'triangle':
      case 'oval': {
        const [width, height] = this.#two('width', 'height', 'wide', 'high', form);
        return {
          section: {
            form: this.#rounded(form, width.value, height.value),
            widthMm: width.value,
            heightMm: height.value,
          },
          sizes: [width, height],
        };
      }
      case 'tube':
      case 'square-tube':
        return this.#tube(form);
      case 'patterned':
      case 'grain':
        throw new NotEnough('No word of a question names such stock yet.', '18 ga sterling round 120 mm');
    }
  }

  /** A half-round is at most half as high as wide, a D-section at least. */
  #rounded<Form extends SectionForm>(form: Form, width: number, height: number): Form | 'd' | 'half-round' {
    const isHigh = height > width / 2;
    if (form === 'half-round' && isHigh) {
      this.assume('D-section: higher than half its width', []);
      return 'd';
    }
    if (form === 'd' && !isHigh && height < width / 2) {
      this.assume('half-round: lower than half its width', []);
      return 'half-round';
    }
    return form;
  }

  #formOf(): SectionForm {
    const crossed = this.question.sizes.filter((size) => !size.used && size.crossed).length >= 2;
    // Stones and blanks have such an outline; wire of it is named: oval wire.
    if (crossed && (this.question.shape === 'oval' || this.question.shape === 'teardrop')) return 'sheet';
    const free = this.question.sizes.filter(({ used }) => !used);
    const [thinnest] = free.filter((size) => !size.crossed).map((size) => size.gauge ? 0 : (size.mm ?? 0)).sort((a, b) => a - b); // prettier-ignore
    const isSheet = thinnest !== undefined && free.filter((size) => size.crossed).every(({ mm }) => (mm ?? 0) > Math.max(thinnest, THICKEST_SHEET_MM)); // prettier-ignore
    if (crossed && free.length >= 3 && !isSheet) {
      this.assume('strip', [['sheet', 'sheet']]);
      return 'strip';
    }
    // 2 x 120 mm: the diameter and the length of a wire.
    const [a = 0, b = 0] = free.map(({ mm }) => mm ?? 0).toSorted((one, other) => one - other);
    const isWire = free.length === 2 && b > WIRE_LENGTHS * a && a <= THICKEST_SHEET_MM;
    if (crossed && !isWire) {
      this.assume('sheet', [['strip', 'strip']]);
      return 'sheet';
    }
    this.assume('round wire', [
      ['square wire', 'square wire'],
      ['half-round', 'half-round'],
    ]);
    return 'round';
  }

  #across(form: SectionForm): Figure {
    const label = form === 'sheet' ? 'thickness' : form === 'square' ? 'side' : 'diameter';
    const size = this.thin(label, form);
    if (size) return size;
    throw new NotEnough(`Give the ${label}, in mm, inches or gauge.`, '18 ga sterling round 120 mm');
  }

  #two(first: string, second: string, firstRole: Role, secondRole: Role, form: SectionForm): [Figure, Figure] {
    const thin = this.take(secondRole, second) ?? (secondRole === 'thick' ? this.take('wire', second) : null);
    const wide = this.take(firstRole, first);
    if (wide && thin) return [wide, thin];
    const pair = !wide && !thin ? this.pair([first, second], true) : null;
    if (pair) return pair;
    const isRounded = form === 'half-round' || form === 'd';
    if (wide && !thin && isRounded && this.free().length < 2 && !this.free().some(({ mm }) => (mm ?? 0) < wide.value))
      return this.#halfAsHigh(wide);
    const other = this.thin(thin ? first : second, form);
    if (!other)
      throw new NotEnough(`Give ${first} and ${second}, for example 6 x 1.2 mm.`, 'strip 6 x 1.2 mm sterling 100 mm');
    if (wide) return [wide, other];
    if (thin) return [other, thin];
    // Beside a ring or a bangle no size is the length of the stock.
    const isOfThing = [...this.question.topics].some((topic) => topic !== 'identify' && topic !== 'value');
    const isSideEnough = form === 'triangle' && this.free().length < 2;
    const width = !isSideEnough && this.free().length > (isOfThing ? 0 : 1) ? this.thin(first, form) : null; // prettier-ignore
    if (width) return [width, other];
    if (isRounded) return this.#halfAsHigh(other);
    if (form === 'triangle') {
      const height = computed('height of equal sides', (other.value * Math.sqrt(3)) / 2, 'mm', `${inSum(other.value)} × √3 ÷ 2`, [other]); // prettier-ignore
      this.assume('equal sides', []);
      return [renamed(other, 'width'), height];
    }
    throw new NotEnough(`Give ${first} and ${second}, for example 6 x 1.2 mm.`, 'strip 6 x 1.2 mm sterling 100 mm');
  }

  #halfAsHigh(width: Figure): [Figure, Figure] {
    const height = computed('height, half of the width', width.value / 2, 'mm', `${inSum(width.value)} ÷ 2`, [width]);
    this.assume('half as high as wide', []);
    return [renamed(width, 'width'), height];
  }

  #tube(form: 'tube' | 'square-tube'): Stock {
    const wallGiven = this.take('wall', 'wall') ?? this.take('thick', 'wall');
    const bore = this.take('inside', 'inside');
    const pair = wallGiven || bore ? null : this.pair(['outside', 'wall']);
    const outside = this.take('outside', 'outside') ?? pair?.[0] ?? this.#largerOfTwo(wallGiven ?? bore);
    if (!outside)
      throw new NotEnough(
        'Give the tube’s outside and its wall, or its inside.',
        'tube 6 mm od 0.5 mm wall sterling 50 mm',
      );
    const wall =
      wallGiven ??
      (bore &&
        computed(
          'wall',
          (outside.value - bore.value) / 2,
          'mm',
          `(${inSum(outside.value)} − ${inSum(bore.value)}) ÷ 2`,
          [outside, bore],
        )) ??
      pair?.[1] ??
      this.thin('wall', form);
    if (!wall || wall.value <= 0 || wall.value > outside.value / 2)
      throw new NotEnough('Give a wall that is less than half the outside.', 'tube 6 mm od 0.5 mm wall sterling 50 mm');
    return { section: { form, outsideMm: outside.value, wallMm: wall.value }, sizes: [outside, wall] };
  }

  // The larger of the two small sizes; the length of the tube is larger than both.
  #largerOfTwo(other: Figure | null): Figure | null {
    const free = this.free().toSorted((a, b) => (a.mm ?? 0) - (b.mm ?? 0));
    const size = other ? free[0] : free[1];
    return size ? this.figure(size, 'outside') : null;
  }
}

/** No wire is thicker; rod and bar are. */
const THICKEST_WIRE_MM = 25;
const SAYS_ROD = /\b(?:round|rod|bar|dia(?:m|meter)?|cylinder)\b/i;
/** Wire is at least so many times as long as thick. */
const WIRE_LENGTHS = 12;
/** A crossed pair beside a gauge is a blank of sheet where both are above this. */
const THICKEST_SHEET_MM = 6;

// The rest of `18k white gold, nickel` after its karat: `white gold nickel`.
function colourOf({ name }: Alloy): string {
  return name
    .toLowerCase()
    .replace(/^\d+k /, '')
    .replace(',', '');
}

/** A section with the figures of its sizes. */
export interface Stock {
  readonly section: Exclude<Section, { form: 'grain' }>;
  readonly sizes: readonly Figure[];
}
