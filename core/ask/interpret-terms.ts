// Interprets the terms of a line as a question. Terms may come in any order: each is read by itself, and roles are
// given at the end.
import type { GaugeSystem } from '../measure/gauge.ts';
import { GRAMS_PER_TROY_OUNCE } from '../measure/mass-units.ts';
import type { RingSizeSystem } from '../measure/ring-size.ts';
import type { SectionForm } from '../stock/section.ts';
import { bareMeasure, type LineSoFar } from './bare-measures.ts';
import { byFineness, byNumber, narrowed } from './fineness-words.ts';
import { type GivenRole, giveRoles } from './give-roles.ts';
import { goldIds } from './gold.ts';
import { type AskQuantity, LineError, readLine, type Span, type Term } from './grammar.ts';
import { isLength, isPlain, lendSizes, lentUnits } from './lent-units.ts';
import type { Amount, AskBasis, AskSize, Measure, NamedAlloy, Question } from './question.ts';
import { type AskUnit, askUnit, AVOIRDUPOIS_OZ_G, dimension, sameDimensions } from './units.ts';
import {
  type Concept,
  type CountedThing,
  type GoldColour,
  phraseAt,
  type Role,
  type Topic,
  vocabularyOf,
} from './vocabulary.ts';

/**
 * Interprets a line.
 * @throws LineError when the line cannot be read, or names a fineness that no alloy has
 */
export function questionOf(line: string, basis: AskBasis): Question {
  return new Sorter(line, basis).sort();
}

/** Sections of two sizes. */
const PROFILED: ReadonlySet<SectionForm> = new Set<SectionForm>(['half-round', 'd', 'triangle', 'oval']);

/** A shorter piece is no stock to wind rings from. */
const SHORTEST_STOCK_MM = 90;

type Named = Pick<NamedAlloy, 'isGoal' | 'isPhrase'> & Span;

class Sorter {
  readonly #line: string;
  readonly #basis: AskBasis;
  readonly #terms: readonly Term[];
  /** A number crossed with another takes its unit: 12 x 10 mm. */
  readonly #lent: Map<number, AskUnit>;
  #mmAssumed: boolean;
  readonly #inchesAssumed: boolean;
  readonly #sizes: AskSize[] = [];
  readonly #masses: Amount[] = [];
  readonly #others: Measure[] = [];
  readonly #numbers: Amount[] = [];
  readonly #quantities: (AskQuantity & Span)[] = [];
  readonly #counts: Partial<Record<CountedThing, number>> = {};
  readonly #topics = new Set<Topic>();
  readonly #alloys: NamedAlloy[] = [];
  readonly #scales: RingSizeSystem[] = [];
  readonly #systems: GaugeSystem[] = [];
  readonly #unknown: (Span & { word: string })[] = [];
  readonly #understood: string[] = [];
  readonly #roles: GivenRole[] = [];
  #form: SectionForm | null = null;
  #shape: Question['shape'] = null;
  #temper: string | null = null;
  #letter: string | null = null;
  #target: AskUnit | null = null;
  /** A unit named without a number: how many grams. */
  #asked: AskUnit | null = null;
  #hasTo = false;
  #hasRange = false;
  #noEase = false;
  #karat: (Named & { karat: number }) | null = null;
  #gold: (Named & { colour: GoldColour | null }) | null = null;
  #whitener: 'palladium' | 'nickel' | null = null;

  constructor(line: string, basis: AskBasis) {
    this.#line = line;
    this.#basis = basis;
    this.#terms = readLine(line);
    this.#lent = lentUnits(this.#terms);
    const given = lendSizes(this.#terms, this.#lent);
    this.#mmAssumed = given === 'mm';
    this.#inchesAssumed = given === 'in';
  }

  sort(): Question {
    for (let at = 0; at < this.#terms.length; at += this.#termAt(at));
    this.#settleGold();
    this.#nameByFineness();
    this.#sizeInMm();
    // Its weight in 9k: without a weight there is no piece to compare with.
    if (this.#masses.length === 0) this.#topics.delete('same-volume');
    this.#settleOunces();
    giveRoles(this.#line, this.#sizes, this.#rolesGiven());
    const form = this.#sectionNamed();
    return {
      line: this.#line,
      basis: this.#basis,
      topics: this.#topics,
      alloys: this.#alloys,
      form,
      shape: this.#shape,
      temper: this.#temper,
      sizes: this.#sizes,
      masses: this.#masses,
      others: this.#others,
      numbers: this.#numbers,
      counts: this.#counts,
      scales: this.#scales,
      systems: this.#systems,
      letter: this.#letter,
      target: this.#target,
      asked: this.#asked,
      hasTo: this.#hasTo,
      hasRange: this.#hasRange,
      mmAssumed: this.#mmAssumed,
      inchesAssumed: this.#inchesAssumed,
      noEase: this.#noEase,
      quantities: this.#quantities,
      unknown: this.#unknown,
      understood: this.#understood,
    };
  }

  /** A bare ounce of a precious metal is troy, of a base metal avoirdupois (common practice). */
  #settleOunces(): void {
    const isBase = this.#alloys.length > 0 && this.#alloys.every(({ alloy }) => alloy.fineness === null);
    if (!isBase) return;
    const inGrams = AVOIRDUPOIS_OZ_G / GRAMS_PER_TROY_OUNCE;
    this.#masses.forEach((mass, at) => {
      if (mass.ounce) this.#masses[at] = { ...mass, value: mass.value * inGrams, ounce: 'avoirdupois' };
    });
  }

  /** `1.2 round 80`: beside a section, numbers without any unit are in mm. */
  #sizeInMm(): void {
    const isBare = this.#sizes.length + this.#masses.length + this.#others.length + this.#scales.length === 0;
    const isStock = this.#form !== null && this.#topics.size === 0 && this.#letter === null && this.#target === null;
    if (!isBare || !isStock || this.#numbers.length < 2 || this.#numbers.length > 3) return;
    this.#mmAssumed = true;
    for (const { value, start, end } of this.#numbers.splice(0))
      this.#sizes.push({ mm: value, gauge: null, role: null, crossed: false, used: false, start, end });
  }

  /** The section, unless its word is the outline of a stone or the sheet of a band. */
  #sectionNamed(): SectionForm | null {
    const isOutline = this.#topics.has('bezel') && (this.#form === 'square' || this.#form === 'round');
    const isRing = this.#topics.has('ring') || this.#letter !== null || this.#scales.length > 0;
    // Oval 5 x 2.5 mm of a ring is its wire.
    if (
      isRing &&
      this.#form === null &&
      this.#shape === 'oval' &&
      this.#sizes.filter(({ crossed }) => crossed).length > 1
    ) {
      this.#shape = null;
      return 'oval';
    }
    return isOutline || (isRing && this.#form === 'sheet') ? null : this.#form;
  }

  /** @returns the number of terms used */
  #termAt(at: number): number {
    const term = this.#terms[at] as Term;
    switch (term.kind) {
      case 'quantity':
        return this.#quantityAt(at, term.quantity);
      case 'gauge': {
        const { gauge: number, system, start, end } = term;
        this.#understand(term);
        const crossed = this.#isCross(at - 1) || this.#isCross(at + 1);
        this.#sizes.push({ mm: null, gauge: { number, system }, role: null, crossed, used: false, start, end });
        return 1;
      }
      case 'karat':
        this.#understand(term);
        // Gold 14k is one metal.
        if (this.#karat) this.#settleGold();
        this.#karat = { karat: term.karat, isGoal: this.#hasTo, isPhrase: false, start: term.start, end: term.end };
        return 1;
      case 'word':
        return this.#wordAt(at, term.word);
      case 'sign':
        if (/[-−–]/.test(term.sign)) this.#hasRange = true;
        // £/g is the unit of the answer; the currency is that of the metal prices.
        else if (!/[=.:&%]/.test(term.sign) && !(this.#hasTo && /[£$€¥/÷]/.test(term.sign))) this.#notUnderstood(term);
        return 1;
      case 'times':
        return 1;
    }
  }

  #quantityAt(at: number, typed: AskQuantity): 1 {
    const { start, end } = this.#terms[at] as Term;
    const unit = this.#lent.get(at);
    const quantity = unit ? { value: typed.value * unit.factor, dimensions: unit.dimensions, unit } : typed;
    const place = { start, end, used: false };
    this.#understand(place);
    if (isPlain(quantity) && this.#isFineness(at, quantity.value, place)) return 1;
    const measure = isPlain(quantity) ? bareMeasure(this.#soFar(), at, quantity.value) : null;
    if (measure) {
      this.#mmAssumed ||= !measure.isInches;
      this.#sizes.push({ mm: measure.mm, gauge: null, role: null, crossed: false, ...place });
      return 1;
    }
    this.#quantities.push({ ...quantity, start, end });
    if (quantity.value < 0 && (isLength(quantity) || sameDimensions(quantity.dimensions, dimension.mass)))
      throw new LineError(`“${this.#line.slice(start, end)}” is negative. Give a measure above 0.`);
    if (isLength(quantity)) {
      this.#sizes.push({ mm: quantity.value, gauge: null, role: null, crossed: this.#isPaired(at), ...place });
    } else if (sameDimensions(quantity.dimensions, dimension.mass)) {
      this.#masses.push({ value: quantity.value, ...place, ...(quantity.unit?.isBareOunce ? { ounce: 'troy' } : {}) });
    } else if (isPlain(quantity)) this.#numbers.push({ value: quantity.value, ...place });
    else this.#others.push({ ...quantity, ...place });
    return 1;
  }

  #soFar(): LineSoFar {
    const hasScale = this.#scales.length > 0;
    return { line: this.#line, terms: this.#terms, topics: this.#topics, sizes: this.#sizes, hasScale };
  }

  // A number such as 925 names the metal beside it. A fineness that no alloy has is reported, not ignored.
  #isFineness(at: number, fineness: number, place: Span): boolean {
    const metal = byFineness(fineness, this.#wordOf(at - 1), this.#wordOf(at + 1));
    if (!metal) return false;
    const named = { ...place, isGoal: this.#hasTo, isPhrase: false };
    // Silver 958: the fineness narrows the word before it.
    const last = this.#alloys.at(-1);
    if (last?.isPhrase && place.start - last.end <= 1) this.#alloys.pop();
    if (metal.ids) this.#name(metal.ids, named);
    else this.#karat = { karat: metal.karat, ...named };
    return true;
  }

  /** `750 jump rings`, `375 discs`: the number counts them. */
  #isCountAt(start: number): boolean {
    const at = this.#terms.findIndex((term) => term.start === start);
    return [this.#wordOf(at + 1), this.#wordOf(at + 2)].some((word) => word !== undefined && /[^s]s$/.test(word));
  }

  #wordOf(at: number): string | undefined {
    const term = this.#terms[at];
    return term?.kind === 'word' ? term.word : undefined;
  }

  /** 925 beside a size and no metal is the silver of that fineness. */
  #nameByFineness(): void {
    if (this.#alloys.length > 0 || this.#sizes.length === 0) return;
    const at = this.#numbers.findIndex(({ value, start }) => byNumber(value) && !this.#isCountAt(start));
    const number = this.#numbers[at];
    const metal = number && byNumber(number.value);
    if (!metal) return;
    const place = { start: number.start, end: number.end, isGoal: false, isPhrase: false };
    this.#name(metal.ids ?? goldIds(metal.karat, null, null, false), place);
    this.#numbers.splice(at, 1);
  }

  #wordAt(at: number, word: string): number {
    const term = this.#terms[at] as Term;
    const words = this.#wordsFrom(at);
    const found = phraseAt(words, vocabularyOf(this.#basis.alloys));
    // In 1.2 mm: not inches.
    const next = this.#terms[at + 1]?.kind;
    const isIn = word === 'in' && (next === 'quantity' || next === 'gauge');
    const unit = this.#hasTo && !isIn ? askUnit(word) : null;
    if (!unit && !found && this.#qualifies(term, word)) return 1;
    if (word === 'd' && this.#isScaled()) {
      this.#form = 'd';
      this.#understand(term);
      return 1;
    }
    if (!unit && this.#isLetterSize(at, word)) return this.#letterAt(at, word);
    if (unit && !(found && found.length > 1)) {
      this.#target = unit;
      // How many grams in an ounce means one ounce, in grams.
      if (this.#asked && this.#quantities.length === 0 && this.#sizes.length === 0)
        this.#askOne(term, unit, this.#asked);
      this.#understand(term);
      return 1;
    }
    const bare = found ? null : askUnit(word);
    if (bare && !this.#hasTo) {
      this.#asked = bare;
      if (this.#isAskedOf(at, bare)) this.#target = bare;
      this.#understand(term);
      return 1;
    }
    if (!found) {
      this.#notUnderstood(term);
      return 1;
    }
    const place = { start: term.start, end: this.#terms[at + found.length - 1]?.end ?? term.end };
    if (found.concept.kind !== 'filler') this.#understand(place);
    this.#apply(found.concept, place);
    return found.length;
  }

  /** Ounces in 250 g: the unit of the answer stands before the measure. */
  #isAskedOf(at: number, { dimensions }: AskUnit): boolean {
    const [link, measure] = [this.#terms[at + 1], this.#terms[at + 2]];
    const isLinked = link?.kind === 'word' && /^(?:in|is|are|for)$/.test(link.word);
    return isLinked && measure?.kind === 'quantity' && sameDimensions(measure.quantity.dimensions, dimensions);
  }

  #askOne({ start, end }: Span, unit: AskUnit, wanted: AskUnit): void {
    const quantity = { value: unit.factor, dimensions: unit.dimensions, unit, start, end };
    this.#quantities.push(quantity);
    this.#target = wanted;
  }

  // A letter is a British ring size when the line is about a ring; a half may follow it.
  #letterAt(at: number, word: string): number {
    const term = this.#terms[at] as Term;
    const next = this.#terms[at + 1];
    const half = next?.kind === 'quantity' && next.quantity.value === 0.5;
    this.#letter = `${word.toUpperCase()}${half ? ' 1/2' : ''}`;
    this.#understand({ start: term.start, end: half ? next.end : term.end });
    return half ? 2 : 1;
  }

  #apply(concept: Concept, place: Span): void {
    switch (concept.kind) {
      case 'alloys':
        this.#nameAlloys(concept.ids, place);
        return;
      case 'gold':
        this.#nameGold(concept, place);
        return;
      case 'form':
        this.#form = formOf(this.#form, concept.form);
        if (concept.form === 'round' || concept.form === 'square') this.#shape ??= concept.form;
        return;
      case 'shape':
        this.#shape = concept.shape;
        return;
      case 'temper':
        this.#temper = concept.temper;
        return;
      case 'topic':
        this.#topics.add(concept.topic);
        return;
      case 'role':
        this.#giveRole(concept.role, place);
        return;
      case 'counted':
      case 'multiple':
        this.#count(concept);
        return;
      case 'scale':
        this.#scales.push(concept.scale);
        return;
      case 'system':
        this.#systems.push(concept.system);
        return;
      case 'to':
        this.#settleGold();
        this.#hasTo = true;
        return;
      case 'range':
        this.#hasRange = true;
        return;
      case 'change':
        // Only a percentage changes an amount: a bare number beside it would be a count.
        if (!/%|\bpercent\b/i.test(this.#line)) this.#notUnderstood(place);
        return;
      case 'no-ease':
        this.#noEase = true;
        return;
      case 'filler':
        return;
    }
  }

  #nameAlloys(ids: readonly string[], place: Span): void {
    // In `925 silver` the number has named the metal already.
    const isNamed = this.#alloys.some(
      ({ alloy, isPhrase, end }) => !isPhrase && ids.includes(alloy.id) && place.start - end <= 1,
    );
    const isWhitener = ids.length === 1 && ids[0] === 'palladium-950-ru' && this.#karat !== null;
    if (isWhitener) this.#whitener = 'palladium';
    else if (!isNamed) this.#name(ids, { ...place, isGoal: this.#hasTo, isPhrase: true });
  }

  #nameGold({ colour, whitener }: Concept & { kind: 'gold' }, place: Span): void {
    this.#whitener = whitener ?? this.#whitener;
    const known = colour ?? this.#gold?.colour ?? null;
    this.#gold = { colour: known, isGoal: this.#hasTo, isPhrase: false, ...place };
  }

  #giveRole(role: Role, { start, end }: Span): void {
    this.#roles.push({ role, after: this.#sizes.length, start, end, word: this.#line.slice(start, end).toLowerCase() });
  }

  /** `24 pieces`, `3 dozen`: the number before the word is a count. */
  #count(concept: Concept & { kind: 'counted' | 'multiple' }): void {
    const last = this.#numbers.pop();
    if (concept.kind === 'multiple') this.#counts.pieces = (last?.value ?? 1) * concept.of;
    else if (last) this.#counts[concept.counted] = last.value;
  }

  // The question is the length of the blank, so the measure beside the word is not that length.
  #rolesGiven() {
    const isRing = this.#letter !== null || this.#scales.length > 0;
    const isBent = isRing || (['ring', 'bangle', 'cuff', 'bezel'] as const).some((topic) => this.#topics.has(topic));
    const isWeighed = this.#masses.length > 0 && this.#sizes.length === 1;
    // In `3 mm triangle wire` the word names no measure.
    const isProfile = this.#form !== null && PROFILED.has(this.#form);
    // Beside no stock the length of jump rings is asked for.
    const isOfRings = this.#topics.has('jump-ring') && this.#sizes.every(({ mm }) => (mm ?? 0) < SHORTEST_STOCK_MM);
    return this.#roles.filter(
      ({ role, word, start }) =>
        !((this.#topics.has('twist') || this.#topics.has('wrap')) && /\bhow $/i.test(this.#line.slice(0, start))) &&
        !((isBent || isWeighed || isOfRings || this.#counts.links !== undefined) && /^(?:lengths?|long)$/.test(word)) &&
        !((isWeighed || isProfile) && word === 'wire') &&
        // A shawl pin is no pin of a hinge.
        !(role === 'pin' && !this.#topics.has('hinge')),
    );
  }

  #name(ids: readonly string[], named: Named): void {
    const [alloy, ...others] = ids.flatMap((id) => this.#basis.alloys.get(id) ?? []);
    if (alloy) this.#alloys.push({ alloy, others, used: false, ...named });
  }

  // A gold is known once its karat and colour are read: at the end, or where another gold starts.
  #settleGold(): void {
    const named = this.#karat ?? this.#gold;
    if (!named) return;
    const colour = this.#gold?.colour ?? (this.#whitener ? 'white' : null);
    const ids = goldIds(this.#karat?.karat ?? null, colour, this.#whitener, this.#topics.has('alloying'));
    if (ids.every((id) => !this.#basis.alloys.has(id))) {
      const said = [this.#karat && `${String(this.#karat.karat)}k`, colour, 'gold'].filter(Boolean).join(' ');
      throw new LineError(`There is no ${said} here. Add it to your alloys in Settings.`);
    }
    this.#name(ids, named);
    this.#karat = null;
    this.#gold = null;
    this.#whitener = null;
  }

  #wordsFrom(at: number): string[] {
    const words: string[] = [];
    for (let term = this.#terms[at]; term?.kind === 'word'; term = this.#terms[at + words.length])
      words.push(term.word);
    return words;
  }

  // “A ring”, “do I need”: these letters are sizes only right after the word of a scale or a size.
  #isLetterSize(at: number, word: string): boolean {
    if (!/^[a-z]$/.test(word) || !this.#speaksOfRings() || this.#isScaled()) return false;
    if (!/^[ai]$/.test(word)) return true;
    const before = this.#terms[at - 1];
    return before?.kind === 'word' && /^(?:uk|british|au|australian|sizes?)$/.test(before.word);
  }

  #speaksOfRings(): boolean {
    return this.#terms.some((term) => term.kind === 'word' && /^(rings?|sizes?|uk|bands?|british)$/.test(term.word));
  }

  /** A scale and its number are named: `7 us`. A letter beside them is a section. */
  #isScaled(): boolean {
    return this.#numbers.length > 0 && this.#scales.some((scale) => scale !== 'uk');
  }

  /** Ruthenium, iridium: which of the alloys the word before it means. */
  #qualifies(term: Term, word: string): boolean {
    const last = this.#alloys.at(-1);
    const fits = last && narrowed([last.alloy, ...last.others], word);
    if (!fits) return false;
    this.#alloys[this.#alloys.length - 1] = { ...last, alloy: fits, others: [], isPhrase: false, end: term.end };
    this.#understand(term);
    return true;
  }

  #isCross(at: number): boolean {
    return this.#terms[at]?.kind === 'times';
  }

  // 120 mm x 24 means twenty-four of them, 12 x 10 mm is one size: there, every number has a unit or takes one.
  #isPaired(at: number): boolean {
    const isSize = (index: number) => {
      const term = this.#terms[index];
      if (term?.kind === 'gauge') return true;
      return term?.kind === 'quantity' && (isLength(term.quantity) || this.#lent.has(index));
    };
    return (this.#isCross(at - 1) && isSize(at - 2)) || (this.#isCross(at + 1) && isSize(at + 2));
  }

  #understand({ start, end }: Span): void {
    this.#understood.push(this.#line.slice(start, end));
  }

  #notUnderstood({ start, end }: Span): void {
    this.#unknown.push({ word: this.#line.slice(start, end), start, end });
  }
}

// Square tube is a tube; round stock of another form is only that form.
function formOf(before: SectionForm | null, named: SectionForm): SectionForm {
  if (before === 'square' && named === 'tube') return 'square-tube';
  return named === 'round' && before ? before : named;
}
