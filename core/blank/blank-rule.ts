// What a blank rule is: one way of cutting a blank from stock, with its schema, its words and its reader in one file.
import { z } from 'zod';
import { computed, type Figure, given, inSum } from '../figure/figure.ts';
import { type Outline, outlineAreaMm2 } from '../geometry/outline.ts';
import type { GaugeSystem } from '../measure/gauge.ts';
import { readLength } from '../measure/read/read-length.ts';
import { readCount, readPlain } from '../measure/read/read-number.ts';
import { type Report, reported, reportedFormula } from '../measure/read/reported.ts';
import { typedSchema } from '../measure/typed.ts';
import type { SectionReading } from '../stock/read-section.ts';
import { bendMm, type SectionForm, twiceCentroidMm } from '../stock/section.ts';
import type { Cut } from './cut.ts';

/** What a blank comes to once it is read. */
export interface BlankReading {
  /** What is parted from the stock, without trim. */
  readonly cut: Cut;
  /** What of it stays in the piece; usually all of it. */
  readonly net: Cut;
  /** Blanks in one part: the links of a chain, the strands of a twist; null for one. */
  readonly times: Figure | null;
  /** Cuts that part one blank: one, or one a knuckle. */
  readonly cuts: number;
}

/** The stone a bezel goes round, as its finding gives it; null when there is none. */
export type StoneOutline =
  ({ readonly sizes: readonly Figure[] } & ({ readonly outline: Outline } | { readonly girth: Figure })) | null;

/** How one measure of a blank is shown and typed. */
export interface BlankField {
  /** A word behind the measure where the measure alone does not say what it is. */
  readonly word?: string;
  /** A count, not a length. */
  readonly isCount?: true;
  /** The measure may be left blank; this stands in its place then. */
  readonly blank?: string;
}

/**
 * One way of cutting a blank. `Typed` is the blank as it is stored. Its `rule` never changes, since ledgers hold it.
 */
export interface BlankRuleDefinition<Typed extends { readonly rule: string }> {
  readonly schema: z.ZodType<Typed>;
  /** What the rule is called. */
  readonly name: string;
  /** Forms of stock it is cut from. */
  readonly forms: readonly SectionForm[];
  /** A blank of this rule before anything is typed. */
  readonly fresh: Typed;
  /** The measure that says most of a blank: it is carried over when another rule is chosen. */
  readonly main: Exclude<keyof Typed, 'rule'>;
  readonly fields: Readonly<Partial<Record<Exclude<keyof Typed, 'rule'>, BlankField>>>;
  /** How the blank gets its form at the bench, before the name of the part: `Bend`. Left out: it needs no forming. */
  readonly forming?: string;
  /** It is cut off its coil as the wire is wound, so it is not sawn apart beforehand. */
  readonly cutFromCoil?: true;
  /** It is bent round so far that spring-hard stock springs back. */
  readonly springsBack?: true;
  /**
   * Reads the blank into millimetres.
   * @returns null when something cannot be read; it has been reported then
   */
  readonly read: (typed: Typed, context: BlankContext) => BlankReading | null;
}

/** Infers the type of a rule from its schema. */
export function blankRule<Schema extends z.ZodObject<{ rule: z.ZodLiteral<string> }>>(
  definition: { readonly schema: Schema } & Omit<BlankRuleDefinition<z.infer<Schema>>, 'schema'>,
): { readonly schema: Schema } & Omit<BlankRuleDefinition<z.infer<Schema>>, 'schema'> {
  return definition;
}

/** The schema of a rule whose fields are all typed measures. */
export function measuresSchema<Rule extends string, Field extends string>(rule: Rule, ...fields: readonly Field[]) {
  const shape = Object.fromEntries(fields.map((field) => [field, typedSchema])) as Record<Field, typeof typedSchema>;
  return z.strictObject({ rule: z.literal(rule), ...shape });
}

/** A blank of which all is used. */
export function wholeBlank(cut: Cut, more: Partial<BlankReading> = {}): BlankReading {
  return { times: null, cuts: 1, cut, net: cut, ...more };
}

/** A blank cut to a length, of which all is used. */
export function lengthBlank(length: Figure, more: Partial<BlankReading> = {}): BlankReading {
  return wholeBlank({ kind: 'length', length }, more);
}

/** What a rule reads its measures with. */
export class BlankContext {
  /** The stock the blank is cut from; null when it cannot be read: then only the blank's own fields are checked. */
  readonly stock: SectionReading | null;
  readonly stone: StoneOutline;
  readonly report: Report;

  /** Gauge system of wire of its metal. */
  readonly gauge: GaugeSystem;

  constructor(stock: SectionReading | null, stone: StoneOutline, report: Report, gauge: GaugeSystem = 'awg') {
    this.gauge = gauge;
    this.stock = stock;
    this.stone = stone;
    this.report = report;
  }

  /** A length in mm, or null with its problem reported. @param field  name of the field within the blank */
  length(field: string, text: string, what: string, mayBeZero = false): Figure | null {
    return reported(readLength(text, { what, mayBeZero }), `blank.${field}`, what, 'mm', this.report);
  }

  /** A wire or several beside each other: a length, `20 ga` or `2*20 ga`, mm; null with its problem reported. */
  wire(field: string, text: string, what: string): Figure | null {
    const many = /^\s*(\d+)\s*[*×x]\s*(\d+\s*(?:ga|gauge|awg)\.?)\s*$/i.exec(text);
    const rules = { what, gauge: this.gauge };
    const one = reported(readLength(many?.[2] ?? text, rules), `blank.${field}`, what, 'mm', this.report);
    if (!one || !many) return one;
    const times = Number(many[1]);
    return computed(what, times * one.value, 'mm', `${String(times)} × ${inSum(one.value)}`, [one]);
  }

  /** A whole number, or null with its problem reported. */
  count(field: string, text: string, what: string, least = 1): Figure | null {
    return reported(readCount(text, least), `blank.${field}`, what, '', this.report);
  }

  /** Turns, which need not be whole, or null with the problem reported. @param example  shown in the sentence */
  turns(text: string, example: string): Figure | null {
    return reported(
      readPlain(text, 'count', example, () => undefined),
      'blank.turns',
      'turns',
      '',
      this.report,
    );
  }

  /** Reports a sentence about a field. @returns null, what the reader returns then */
  refuse(field: string, sentence: string): null {
    this.report({ path: `blank.${field}`, sentence });
    return null;
  }

  /** Thickness of the stock outwards from a bend, mm: the typed measure itself where it is one. */
  get thickness(): Figure {
    const bend = given('thickness', this.stock ? bendMm(this.stock.section) : 0, 'mm', 'the stock');
    return Object.values(this.stock?.sizes ?? {}).find(({ value }) => value === bend.value) ?? bend;
  }

  /** What a band of the stock adds to its inside diameter, mm: twice the height of the centroid above its flat inside. */
  get centroid(): Figure {
    const { stock, thickness } = this;
    const twice = stock ? twiceCentroidMm(stock.section) : 0;
    if (!stock || twice === thickness.value) return thickness;
    return computed('twice the centroid height', twice, 'mm', `2 × ${inSum(Number((twice / 2).toFixed(3)))}`, [
      thickness,
    ]);
  }
}

/**
 * A blank of sheet with a width and a length, of which all is used.
 * @param outlineOf  the outline of a width and a length, mm
 * @returns null when a size cannot be read or the outline cannot exist; it has been reported then
 */
export function outlineBlank(
  typed: { readonly width: string; readonly length: string },
  context: BlankContext,
  outlineOf: (widthMm: number, lengthMm: number) => Outline,
): BlankReading | null {
  const width = context.length('width', typed.width, 'width');
  const length = context.length('length', typed.length, 'length');
  if (!width || !length) return null;
  const outline = outlineOf(width.value, length.value);
  const area = reportedFormula(() => outlineAreaMm2(outline), 'blank.length', context.report);
  return area === null ? null : wholeBlank({ kind: 'outline', outline, sizes: [width, length] });
}
