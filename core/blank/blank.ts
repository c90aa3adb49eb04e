// Blanks: how metal is cut for a part. From wire, strip and tube by length, from sheet by outline, of grain by weight.
import { z } from 'zod';
import type { Report } from '../measure/read/reported.ts';
import type { SectionReading } from '../stock/read-section.ts';
import type { SectionForm } from '../stock/section.ts';
import {
  BlankContext,
  type BlankField,
  type BlankReading,
  type BlankRuleDefinition,
  type StoneOutline,
} from './blank-rule.ts';
import { balled } from './rules/balled.ts';
import { bangle } from './rules/bangle.ts';
import { bezel } from './rules/bezel.ts';
import { chain } from './rules/chain.ts';
import { disc } from './rules/disc.ts';
import { dome } from './rules/dome.ts';
import { granule } from './rules/granule.ts';
import { hingePin } from './rules/hinge-pin.ts';
import { jumpRing } from './rules/jump-ring.ts';
import { knuckles } from './rules/knuckles.ts';
import { outline } from './rules/outline.ts';
import { oval } from './rules/oval.ts';
import { pressed } from './rules/pressed.ts';
import { pressedBar } from './rules/pressed-bar.ts';
import { rectangle } from './rules/rectangle.ts';
import { ringBand } from './rules/ring-band.ts';
import { ringBezel } from './rules/ring-bezel.ts';
import { straight } from './rules/straight.ts';
import { teardrop } from './rules/teardrop.ts';
import { trimmed } from './rules/trimmed.ts';
import { twist } from './rules/twist.ts';
import { washer } from './rules/washer.ts';
import { weight } from './rules/weight.ts';
import { worked } from './rules/worked.ts';
import { woven } from './rules/woven.ts';
import { wrap } from './rules/wrap.ts';

/** Every blank rule, in the order they are offered. A test keeps the list complete. */
export const blankRules = [
  straight,
  ringBand,
  bangle,
  bezel,
  jumpRing,
  chain,
  ringBezel,
  worked,
  woven,
  wrap,
  twist,
  balled,
  granule,
  pressedBar,
  hingePin,
  knuckles,
  disc,
  rectangle,
  washer,
  oval,
  teardrop,
  outline,
  dome,
  pressed,
  trimmed,
  weight,
] as const;

type SchemasOf<Rules extends readonly { readonly schema: unknown }[]> = {
  -readonly [At in keyof Rules]: Rules[At]['schema'];
};

/** A blank as it is stored: tagged by its rule. */
export const blankSchema = z.discriminatedUnion(
  'rule',
  blankRules.map(({ schema }) => schema) as unknown as SchemasOf<typeof blankRules>,
);
/** A blank as it is stored. */
export type Blank = z.infer<typeof blankSchema>;
/** Name of a blank rule as it is stored. */
export type BlankRule = Blank['rule'];

type AnyRule = BlankRuleDefinition<{ readonly rule: BlankRule }>;

const ruleByName = new Map<BlankRule, AnyRule>(
  blankRules.map((definition) => [definition.fresh.rule, definition as unknown as AnyRule]),
);

/** The definition of a rule by the name that is stored. @throws RangeError when there is no such rule */
export function blankRuleOf(rule: BlankRule): AnyRule {
  const definition = ruleByName.get(rule);
  if (!definition) throw new RangeError(`There is no blank rule “${rule}”.`);
  return definition;
}

/** How a measure of a blank is shown and typed. */
export function blankFieldOf(rule: BlankRule, field: string): BlankField {
  return (blankRuleOf(rule).fields as Readonly<Record<string, BlankField>>)[field] ?? {};
}

/** The measure that says most of a blank. */
export function mainFieldOf(rule: BlankRule): string {
  return String(blankRuleOf(rule).main);
}

/** Rules by which blanks are cut from a form of stock, the usual one first. */
export function blankRulesOf(form: SectionForm): readonly BlankRule[] {
  return blankRules.filter(({ forms }) => forms.includes(form)).map(({ fresh }) => fresh.rule);
}

/** A blank of a rule before anything is typed. */
export function freshBlank(rule: BlankRule): Blank {
  return blankSchema.parse(blankRuleOf(rule).fresh);
}

/**
 * Reads how a blank is cut.
 * @param form   of the stock
 * @param stock  the stock it is cut from; null when that cannot be read: then only the blank's own fields are checked
 * @returns null when something cannot be read; each problem has been reported
 */
export function readBlank(
  typed: Blank,
  form: SectionForm,
  stock: SectionReading | null,
  report: Report,
  stone: StoneOutline = null,
): BlankReading | null {
  const definition = blankRuleOf(typed.rule);
  if (!definition.forms.includes(form)) {
    report({ path: 'blank.rule', sentence: misfit(form, definition) });
    return null;
  }
  return definition.read(typed, new BlankContext(stock, stone, report));
}

function misfit(form: SectionForm, { forms }: AnyRule): string {
  if (form === 'sheet') return 'Sheet is cut to an outline: a disc or a rectangle, or another. Choose one.';
  if (form === 'grain') return 'Grain is taken by weight. Choose that, or other stock.';
  return forms.includes('sheet')
    ? 'That outline is cut from sheet. Choose a length, or sheet as the stock.'
    : 'That is not cut from such stock. Choose another way, or other stock.';
}
