// A question: what a line says, whatever the order of its words.
import type { Figure } from '../figure/figure.ts';
import type { Fix } from '../metal/fix.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { GaugeSystem } from '../measure/gauge.ts';
import type { RingSizeSystem } from '../measure/ring-size.ts';
import type { Part } from '../piece/part.ts';
import type { SectionForm } from '../stock/section.ts';
import type { AskQuantity, Span } from './grammar.ts';
import type { AskUnit } from './units.ts';
import type { Concept, CountedThing, Role, Topic } from './vocabulary.ts';

/** What a question is answered with. */
export interface AskBasis {
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly fix: Fix | null;
}

/** Something of the line that an answer may take; what none takes is named. */
interface Taken extends Span {
  used: boolean;
}

/** A measure of the line with what it is of. */
export interface AskSize extends Taken {
  /** mm of a length; of a gauge nothing until its system is known. */
  readonly mm: number | null;
  readonly gauge: { readonly number: number; readonly system: GaugeSystem | null } | null;
  role: Role | null;
  /** Whether it stood in a row of measures, `12 x 10 mm`. */
  readonly crossed: boolean;
}

/** A bare number, or a mass in g. */
export interface Amount extends Taken {
  readonly value: number;
}

/** A measure of another kind, or any measure with its unit as typed. */
export interface Measure extends Taken, AskQuantity {}

export interface Question {
  readonly line: string;
  readonly basis: AskBasis;
  readonly topics: ReadonlySet<Topic>;
  /** Each alloy named, in order, with what else it may mean. */
  readonly alloys: readonly NamedAlloy[];
  readonly form: SectionForm | null;
  readonly shape: Extract<Concept, { kind: 'shape' }>['shape'] | null;
  readonly temper: string | null;
  readonly sizes: readonly AskSize[];
  /** g. */
  readonly masses: readonly Amount[];
  /** Measures that are neither lengths nor masses: temperatures, rates, turns in a length. */
  readonly others: readonly Measure[];
  /** Bare numbers, in order. */
  readonly numbers: readonly Amount[];
  readonly counts: Readonly<Partial<Record<CountedThing, number>>>;
  /** Scales of ring sizes named, in order. */
  readonly scales: readonly RingSizeSystem[];
  readonly systems: readonly GaugeSystem[];
  /** A letter size as written: `N 1/2`. */
  readonly letter: string | null;
  readonly target: AskUnit | null;
  readonly hasTo: boolean;
  readonly hasRange: boolean;
  /** A size without a unit was taken for mm. */
  readonly mmAssumed: boolean;
  /** A wide band is made to the size itself. */
  readonly noEase: boolean;
  /** Every length, mass and so on of the line with its unit as typed, in order. */
  readonly quantities: readonly (AskQuantity & Span)[];
  /** Words that mean nothing here. */
  readonly unknown: readonly (Span & { readonly word: string })[];
  /** Words and measures that were understood, as typed. */
  readonly understood: readonly string[];
}

export interface NamedAlloy extends Taken {
  readonly alloy: Alloy;
  readonly others: readonly Alloy[];
  /** After `to`: what it is to become. */
  readonly isGoal: boolean;
  /** Whether one phrase names it, so that another can take its place; a gold is told by karat and colour. */
  readonly isPhrase: boolean;
}

/** Something taken for granted; each choice is the line that says it otherwise. */
export interface Assumption {
  readonly says: string;
  readonly choices: readonly { readonly label: string; readonly line: string }[];
}

/** An answer of a question's topic: the main figure first. */
export interface TopicAnswer {
  readonly figures: readonly Figure[];
  /** A sentence beside the figures: a caution, a hint. */
  readonly note?: string;
  /** The same as a part of a piece, where a piece can hold it. */
  readonly part?: TakenPart | null;
}

/** A part without its place in a piece. */
export type TakenPart = Omit<Part, 'id'>;
