// A question: the terms of a line sorted into what they say, whatever their order.
import type { Figure } from '../figure/figure.ts';
import type { Fix } from '../metal/fix.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { GaugeSystem } from '../measure/gauge.ts';
import type { RingSizeSystem } from '../measure/ring-size.ts';
import type { Part } from '../piece/piece.ts';
import type { SectionForm } from '../stock/section.ts';
import { readLine, type Quantity, type Span, type Term } from './grammar.ts';
import { askUnit, dimension, plain, sameDimensions, type AskUnit } from './units.ts';
import { phraseAt, vocabularyOf, type Concept, type Counted, type Role, type Topic } from './vocabulary.ts';

/** What a question is answered with. */
export interface AskBasis {
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly fix: Fix | null;
}

/** A measure of the line with what it is of. */
export interface Size extends Span {
  /** mm of a length; of a gauge nothing until its system is known. */
  readonly mm: number | null;
  readonly gauge: { readonly number: number; readonly system: GaugeSystem | null } | null;
  role: Role | null;
  /** Whether it stood in a row of measures, `12 x 10 mm`. */
  readonly crossed: boolean;
  used: boolean;
}

export interface Question {
  readonly line: string;
  readonly basis: AskBasis;
  readonly topics: ReadonlySet<Topic>;
  /** Each alloy named, in order, with what else it may mean. */
  readonly alloys: readonly NamedAlloy[];
  readonly form: SectionForm | null;
  readonly shape: Extract<Concept, { kind: 'shape' }>['shape'] | null;
  readonly temper: string | null;
  readonly sizes: readonly Size[];
  /** g. */
  readonly masses: readonly number[];
  /** Measures that are neither lengths nor masses: temperatures, rates, turns in a length. */
  readonly others: readonly Quantity[];
  /** Bare numbers, in order. */
  readonly numbers: readonly number[];
  readonly counts: Readonly<Partial<Record<Counted, number>>>;
  /** Scales of ring sizes named, in order. */
  readonly scales: readonly RingSizeSystem[];
  readonly systems: readonly GaugeSystem[];
  /** A letter size as written: `N 1/2`. */
  readonly letter: string | null;
  readonly target: AskUnit | null;
  readonly hasTo: boolean;
  readonly hasRange: boolean;
  /** Every length, mass and so on of the line with its unit as typed, in order. */
  readonly quantities: readonly Quantity[];
  /** Words that mean nothing here. */
  readonly unknown: readonly (Span & { readonly word: string })[];
  /** Words and measures that were understood, as typed. */
  readonly understood: readonly string[];
}

export interface NamedAlloy {
  readonly alloy: Alloy;
  readonly others: readonly Alloy[];
  /** After `to`: what it is to become. */
  readonly isGoal: boolean;
  /** The words that named it, where one phrase did. */
  readonly span: Span | null;
}

/** Something taken for granted; each choice is the line that says it otherwise. */
export interface Assumption {
  readonly says: string;
  readonly choices: readonly { readonly label: string; readonly line: string }[];
}

/** An answer of a question's topic: the main figure first. */
export interface Found {
  readonly figures: readonly Figure[];
  readonly assumptions?: readonly Assumption[];
  /** A sentence beside the figures: a caution, a hint. */
  readonly note?: string;
  /** The same as a part of a piece, where a piece can hold it. */
  readonly part?: TakenPart | null;
}

/** A part without its place in a piece. */
export type TakenPart = Omit<Part, 'id'>;

const FINENESS = new Set([333, 375, 417, 585, 750, 800, 916, 925, 935, 950, 958, 960, 999]);
const silverByFineness: Readonly<Record<number, string>> = {
  925: 'silver-925', 935: 'silver-935-ge', 958: 'silver-958', 960: 'silver-960-ge', 999: 'silver-999',
}; // prettier-ignore

/**
 * Sorts a line.
 * @throws LineError when the line cannot be read at all
 */
export function questionOf(line: string, basis: AskBasis): Question {
  const terms = readLine(line);
  const vocabulary = vocabularyOf(basis.alloys);
  const sizes: Size[] = [];
  const masses: number[] = [];
  const others: Quantity[] = [];
  const numbers: number[] = [];
  const quantities: Quantity[] = [];
  const counts: Partial<Record<Counted, number>> = {};
  const topics = new Set<Topic>();
  const alloys: NamedAlloy[] = [];
  const scales: RingSizeSystem[] = [];
  const systems: GaugeSystem[] = [];
  const unknown: (Span & { word: string })[] = [];
  const understood: string[] = [];
  const roles: { role: Role; after: number; at: number }[] = [];
  let form: SectionForm | null = null;
  let shape: Question['shape'] = null;
  let temper: string | null = null;
  let letter: string | null = null;
  let target: AskUnit | null = null;
  // Once “to” or “in” has been read, what follows is where it goes.
  const goes = { to: false };
  let hasRange = false;
  let karat: { value: number; isGoal: boolean } | null = null;
  const gold: { colour: 'yellow' | 'white' | 'rose' | null; isGoal: boolean }[] = [];

  const named = (ids: readonly string[], isGoal: boolean, span: Span | null = null) => {
    const [alloy, ...rest] = ids.flatMap((id) => basis.alloys.get(id) ?? []);
    if (alloy) alloys.push({ alloy, others: rest, isGoal, span });
  };
  const settleGold = () => {
    if (!karat) return;
    const colour = gold.find(({ colour: named }) => named !== null)?.colour ?? null;
    named(goldIds(karat.value, colour, topics, line), karat.isGoal);
    karat = null;
    gold.length = 0;
  };

  // A number without a unit beside one with it takes that unit: 12 x 10 mm.
  const lent = new Map<number, AskUnit>();
  terms.forEach((term, at) => {
    const [before, after] = [terms[at - 1], terms[at + 1]];
    if (term.kind !== 'times' || before?.kind !== 'quantity' || after?.kind !== 'quantity') return;
    if (isPlain(before.quantity) && after.quantity.unit && isLength(after.quantity))
      lent.set(at - 1, after.quantity.unit);
  });
  // 20 x 30 x 2 mm: the unit goes back along the row.
  for (let at = terms.length - 1; at > 1; at -= 1) {
    const unit = lent.get(at);
    const before = terms[at - 2];
    if (unit && terms[at - 1]?.kind === 'times' && before?.kind === 'quantity' && isPlain(before.quantity))
      lent.set(at - 2, unit);
  }

  let at = 0;
  while (at < terms.length) {
    const term = terms[at] as Term;
    const text = line.slice(term.start, term.end);
    const crossed = terms[at - 1]?.kind === 'times' || terms[at + 1]?.kind === 'times';
    if (term.kind === 'quantity') {
      const unit = lent.get(at);
      const quantity = unit
        ? { ...term.quantity, value: term.quantity.value * unit.factor, dimensions: unit.dimensions, unit }
        : term.quantity;
      understood.push(text);
      quantities.push(quantity);
      if (isLength(quantity)) {
        sizes.push({
          mm: quantity.value,
          gauge: null,
          role: null,
          crossed: crossed && pairs(terms, at, lent),
          used: false,
          start: term.start,
          end: term.end,
        });
      } else if (sameDimensions(quantity.dimensions, dimension.mass)) {
        masses.push(quantity.value);
      } else if (!isPlain(quantity)) {
        others.push(quantity);
      } else {
        const finenessNamed = FINENESS.has(quantity.value) && fineMetal(terms, at);
        if (finenessNamed) named(finenessNamed(quantity.value), goes.to);
        else numbers.push(quantity.value);
      }
    } else if (term.kind === 'gauge') {
      understood.push(text);
      sizes.push({
        mm: null,
        gauge: { number: term.gauge, system: term.system },
        role: null,
        crossed,
        used: false,
        start: term.start,
        end: term.end,
      });
    } else if (term.kind === 'karat') {
      understood.push(text);
      settleGold();
      karat = { value: term.karat, isGoal: goes.to };
    } else if (term.kind === 'word') {
      const words = wordsFrom(terms, at);
      const found = phraseAt(words, 0, vocabulary);
      const unit = askUnit(term.word);
      // A letter of the alphabet is a British ring size where a ring is spoken of.
      if (/^[a-z]$/.test(term.word) && !(goes.to && unit) && /\b(ring|size|uk|band|british)\b/i.test(line)) {
        const next = terms[at + 1];
        const half = next?.kind === 'quantity' && next.quantity.value === 0.5;
        letter = `${term.word.toUpperCase()}${half ? ' 1/2' : ''}`;
        understood.push(letter);
        at += half ? 2 : 1;
        continue;
      }
      if (goes.to && unit && !(found && found.length > 1)) {
        target = unit;
        understood.push(text);
      } else if (found) {
        const end = terms[at + found.length - 1]?.end ?? term.end;
        if (found.concept.kind !== 'filler') understood.push(line.slice(term.start, end));
        apply(found.concept, sizes.length, term.start, end);
        at += found.length;
        continue;
      } else {
        unknown.push({ word: text, start: term.start, end: term.end });
      }
    } else if (term.kind === 'sign' && /[-−–]/.test(term.sign)) {
      hasRange = true;
    } else if (term.kind === 'sign' && !/[=.:&%]/.test(term.sign)) {
      unknown.push({ word: text, start: term.start, end: term.end });
    }
    at += 1;
  }
  settleGold();
  if (alloys.length === 0 && gold.length > 0)
    named(goldIds(null, gold[0]?.colour ?? null, topics, line), gold[0]?.isGoal ?? false);
  giveRoles(sizes, roles);

  function apply(concept: Concept, sizesBefore: number, start: number, end: number): void {
    switch (concept.kind) {
      case 'alloys':
        // 925 silver has been named by its number already.
        if (!(
          concept.ids.length > 1 &&
          alloys.some(
            ({ alloy }) =>
              concept.ids.includes(alloy.id) &&
              alloy.fineness !== null &&
              FINENESS.has(alloy.fineness) &&
              new RegExp(`\\b${String(alloy.fineness)}\\b`).test(line),
          )
        ))
          named(concept.ids, goes.to, { start, end });
        break;
      case 'gold':
        gold.push({ colour: concept.colour, isGoal: goes.to });
        break;
      case 'form':
        form =
          form === 'square' && concept.form === 'tube'
            ? 'square-tube'
            : concept.form === 'round' && form
              ? form
              : concept.form;
        if (concept.form === 'round') shape ??= 'round';
        if (concept.form === 'square') shape ??= 'square';
        break;
      case 'shape':
        shape = concept.shape;
        break;
      case 'temper':
        temper = concept.temper;
        break;
      case 'topic':
        topics.add(concept.topic);
        break;
      case 'role':
        roles.push({ role: concept.role, after: sizesBefore, at: start });
        break;
      case 'counted': {
        const last = numbers.pop();
        if (last !== undefined) counts[concept.counted] = last;
        break;
      }
      case 'scale':
        scales.push(concept.scale);
        break;
      case 'system':
        systems.push(concept.system);
        break;
      case 'to':
        settleGold();
        goes.to = true;
        break;
      case 'range':
        hasRange = true;
        break;
      case 'from':
      case 'filler':
        break;
    }
  }

  return {
    line, basis, topics, alloys, form, shape, temper, sizes, masses, others, numbers, counts, scales, systems, letter, target, hasTo: goes.to, hasRange,
    quantities, unknown, understood,
  }; // prettier-ignore
}

const isPlain = ({ dimensions }: Quantity) => sameDimensions(dimensions, plain);
const isLength = ({ dimensions }: Quantity) => sameDimensions(dimensions, dimension.length);

// 120 mm x 24 is twenty-four of them, 12 x 10 mm is one size: in a row of sizes every number has a unit or is lent one.
function pairs(terms: readonly Term[], at: number, lent: ReadonlyMap<number, AskUnit>): boolean {
  const isSize = (index: number) => {
    const term = terms[index];
    return term?.kind === 'quantity' && (isLength(term.quantity) || lent.has(index));
  };
  const before = terms[at - 1]?.kind === 'times' && (isSize(at - 2) || terms[at - 2]?.kind === 'gauge');
  const after = terms[at + 1]?.kind === 'times' && (isSize(at + 2) || terms[at + 2]?.kind === 'gauge');
  return before || after;
}

function wordsFrom(terms: readonly Term[], at: number): string[] {
  const words: string[] = [];
  for (let index = at; index < terms.length; index += 1) {
    const term = terms[index];
    if (term?.kind !== 'word') break;
    words.push(term.word);
  }
  return words;
}

// A number such as 925 names the metal it stands beside.
function fineMetal(terms: readonly Term[], at: number): ((fineness: number) => readonly string[]) | null {
  const beside = [terms[at - 1], terms[at + 1]].flatMap((term) => (term?.kind === 'word' ? term.word : []));
  if (beside.some((word) => word === 'silver' || word === 'sterling'))
    return (fineness) => [silverByFineness[fineness] ?? ''];
  if (beside.includes('platinum')) return () => ['platinum-950-ru', 'platinum-950-ir', 'platinum-950-co'];
  if (beside.includes('palladium')) return () => ['palladium-950-ru'];
  return null;
}

function goldIds(
  karat: number | null,
  colour: string | null,
  topics: ReadonlySet<Topic>,
  line: string,
): readonly string[] {
  if (karat === null || karat === 24)
    return karat === 24 || !colour ? ['gold-24k'] : [`gold-18k-${colour}`, `gold-14k-${colour}`];
  const family = `gold-${String(karat)}k`;
  const named = /nickel|palladium/i.exec(line)?.[0]?.toLowerCase();
  const both = [`${family}-white-pd`, `${family}-white-ni`];
  const white = both.filter((id) => !named || id.endsWith(named === 'nickel' ? 'ni' : 'pd'));
  if (colour === 'white') return white;
  if (colour) return [`${family}-${colour}`];
  return topics.has('alloying') ? [`${family}-yellow`] : [`${family}-yellow`, `${family}-rose`, ...white];
}

// A word of measure belongs to the measure before it, unless that has one; else to the one after.
function giveRoles(sizes: readonly Size[], roles: readonly { role: Role; after: number; at: number }[]): void {
  for (const { role, after } of roles) {
    const before = sizes[after - 1];
    const next = sizes[after];
    const fits = (size: Size | undefined) => size?.role === null && !(role === 'long' && size.gauge);
    if (role === 'about' && fits(next) && next) next.role = role;
    else if (before && fits(before) && !before.crossed) before.role = role;
    else if (next && fits(next)) next.role = role;
    else if (before && fits(before)) before.role = role;
  }
}
