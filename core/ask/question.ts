// A question: what a line asks, whatever the order of its words.
import type { Figure } from '../figure/figure.ts';
import type { GaugeSystem } from '../measure/gauge.ts';
import type { RingSizeSystem } from '../measure/ring-size.ts';
import type { Alloy } from '../metal/alloys.ts';
import type { Fix } from '../metal/fix.ts';
import type { PartTyped } from '../piece/part.ts';
import type { SectionForm } from '../stock/section.ts';
import type { AskQuantity, Span } from './grammar.ts';
import type { AskUnit } from './units.ts';
import type { Concept, CountedThing, Role, Topic } from './vocabulary.ts';

/** What a question is answered with: the studio's alloys and metal prices. */
export interface AskBasis {
  readonly alloys: ReadonlyMap<string, Alloy>;
  readonly fix: Fix | null;
}

/** An item of the line that an answer can use; items that no answer uses are listed. */
interface Taken extends Span {
  used: boolean;
}

/** A length of the line and what it measures. */
export interface AskSize extends Taken {
  /** mm; null for a gauge until its system is known. */
  readonly mm: number | null;
  readonly gauge: { readonly number: number; readonly system: GaugeSystem | null } | null;
  role: Role | null;
  /** Whether it is part of a row of measures: `12 x 10 mm`. */
  readonly crossed: boolean;
}

/** A bare number, or a mass in g. */
export interface Amount extends Taken {
  readonly value: number;
  /** The ounce that a bare `oz` was taken for. */
  readonly ounce?: 'troy' | 'avoirdupois';
}

/** A measure of another kind, or any measure with its unit as typed. */
export interface Measure extends Taken, AskQuantity {}

/** A line as a question: everything that was read from it. */
export interface Question {
  readonly line: string;
  readonly basis: AskBasis;
  readonly topics: ReadonlySet<Topic>;
  /** Each alloy named, in order, with the other alloys the word may mean. */
  readonly alloys: readonly NamedAlloy[];
  readonly form: SectionForm | null;
  readonly shape: Extract<Concept, { kind: 'shape' }>['shape'] | null;
  readonly temper: string | null;
  readonly sizes: readonly AskSize[];
  /** g */
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
  /** A unit named without a number and without `in`: `how many feet`. */
  readonly asked: AskUnit | null;
  readonly hasTo: boolean;
  readonly hasRange: boolean;
  /** Whether a size without a unit was taken as mm. */
  readonly mmAssumed: boolean;
  /** Whether the sides of a sheet without a unit were taken as inches. */
  readonly inchesAssumed: boolean;
  /** Whether a wide band is made to the exact size. */
  readonly noEase: boolean;
  /** Every quantity of the line with its unit as typed, in order. */
  readonly quantities: readonly (AskQuantity & Span)[];
  /** Unknown words. */
  readonly unknown: readonly (Span & { readonly word: string })[];
  /** Words and measures that were read, as typed. */
  readonly understood: readonly string[];
}

/** An alloy that the line names. */
export interface NamedAlloy extends Taken {
  readonly alloy: Alloy;
  readonly others: readonly Alloy[];
  /** Named after `to`: the goal. */
  readonly isGoal: boolean;
  /** Whether one phrase names it, so that another can replace the phrase; a gold is named by karat and colour. */
  readonly isPhrase: boolean;
}

/** An assumption; each choice is the line with the assumption replaced. */
export interface Assumption {
  readonly says: string;
  readonly choices: readonly {
    readonly label: string;
    readonly line: string;
    /** The main figure of the other reading, where it differs by more than 2 %. */
    readonly figure?: Figure;
  }[];
}

/** The answer to one topic: the main figure first. */
export interface TopicAnswer {
  readonly figures: readonly Figure[];
  /** A sentence beside the figures: a caution or a hint. */
  readonly note?: string;
  /** Topics whose words are part of this question. */
  readonly topics?: readonly Topic[];
  /** The answer as a part of a piece, where there is one. */
  readonly part?: TakenPart | null;
}

/** A part as it would be typed, without its id in a piece. */
export type TakenPart = Omit<PartTyped, 'id'>;
