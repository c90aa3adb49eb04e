// A step of the bench route: what is done, where, and for how long.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

/** What a step is, in the order work usually goes. */
export const stepKinds = [
  'cut', 'anneal', 'form', 'true', 'solder', 'fuse', 'pickle', 'neutralise', 'file', 'sand', 'texture', 'drill',
  'round-ends', 'assemble', 'rivet', 'set', 'polish', 'tumble', 'brush', 'patina', 'plate', 'wax', 'inspect', 'pair',
  'pack', 'other',
] as const; // prettier-ignore
export type StepKind = (typeof stepKinds)[number];

/** What the minutes of `each` are for. */
export const stepDrivers = ['piece', 'cut', 'joint', 'cm', 'cm2', 'load', 'batch'] as const;
export type StepDriver = (typeof stepDrivers)[number];

export const stepSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  station: nameSchema,
  /** Attended, once a batch. */
  setUp: typedSchema,
  /** Attended, for each driver: each piece, cut, joint, cm of seam, cm² of surface, load. */
  each: typedSchema,
  /** Unattended, once a batch (or a load), after the attended time: pickle, tumbler, glue. */
  unattended: typedSchema,
  /** Whether it may start while the step before it still works by itself. */
  overlaps: z.boolean(),
  /** Blank: known by its name. */
  kind: z.enum(['', ...stepKinds]).default(''),
  /** The part, join or group it is done to; blank for the whole piece. */
  of: z.string().max(40).default(''),
  per: z.enum(stepDrivers).default('piece'),
  /** Drivers in one piece; blank takes them from the recipe. */
  drivers: typedSchema.default(''),
  /** Pieces in one load; blank: all of them. */
  load: typedSchema.default(''),
  /** Share that comes out good; blank: all. */
  yield: typedSchema.default(''),
  /** Whose hands, of the makers with a rate of their own; blank: at the studio's rate. */
  maker: z.string().max(40).default(''),
  /** How far its minutes usually stray, one standard deviation as a share; blank: as the studio's do. */
  spread: typedSchema.default(''),
  /** Whether hands may stop half way at breaks and overnight; blank: as its kind is usually done. */
  pauses: z.enum(['', 'yes', 'no']).default(''),
  /** Loads: what follows begins with each as it comes, or when all are done; blank: with each, where it goes in loads too. */
  transfer: z.enum(['', 'each', 'all']).default(''),
  /** The proposal it came from; blank for one the maker added. */
  from: z.string().max(80).default(''),
  /** Changed by hand since it was proposed: never changed again by a proposal. */
  byHand: z.boolean().default(false),
});

export type Step = z.infer<typeof stepSchema>;

// A step is known by its words. In this order: "flush and neutralise" is that, though it also rinses.
const words: readonly (readonly [StepKind, RegExp])[] = [
  ['neutralise', /neutrali[sz]e|^flush|flush (?:and|out|with|in)\b|bicarb|boil out/i],
  ['pickle', /pickle/i],
  ['anneal', /anneal/i],
  ['fuse', /\bfus(?:e|ing)\b|granulat|ball(?:ed|ing)? (?:up|the)/i],
  ['solder', /solder|braz(?:e|ing)/i],
  ['round-ends', /round (?:off )?(?:the )?(?:ends?|tips?)|burr|cup (?:the )?ends?/i],
  ['rivet', /(?<!\bfor )rivet/i],
  ['set', /\bset(?:ting)?\b|bezel over|burnish over/i],
  ['patina', /patina|oxidi[sz]e|blacken|liver|sulph|sulf/i],
  ['plate', /\bplat(?:e|ing)\b|gild/i],
  ['wax', /\bwax|lacquer/i],
  ['tumble', /tumbl|barrel/i],
  ['polish', /polish|buff|\bmop/i],
  ['brush', /brush|blast|scratch/i],
  ['sand', /\bsand(?:ing)?\b|emery|grit/i],
  ['file', /\bfil(?:e|ing)\b/i],
  ['drill', /drill|pierce a hole/i],
  ['texture', /textur|stamp|planish|engrave|roll(?:er)? print/i],
  ['true', /true up|close (?:the )?(?:rims?|joints?|seams?|rings?)|flatten/i],
  ['pair', /\bpair\b|match/i],
  ['inspect', /inspect|check|weigh|hallmark|assay/i],
  ['pack', /pack|price|card|box|label/i],
  ['assemble', /assembl|\blink|join|hang|fit\b|screw|wrap/i],
  ['form', /form|bend|wind|dome|forge|roll|press|raise|draw|shape|twist|curl|coil|dap/i],
  ['cut', /\bcut|saw|shear|nip|snip|punch|blank/i],
];

/** Work that is not put down half way: the metal is hot, or in the acid. Common practice. */
const inOneGo = new Set<StepKind>(['anneal', 'solder', 'fuse', 'pickle', 'patina', 'plate']);

/** Whether hands may stop half way: as the maker said, or else as its kind is usually done. */
export function mayPause(step: Pick<Step, 'kind' | 'name' | 'pauses'>): boolean {
  return step.pauses ? step.pauses === 'yes' : !inOneGo.has(stepKindOf(step));
}

/** What a step is: as the maker said, or else by its own words. */
export function stepKindOf({ kind, name }: Pick<Step, 'kind' | 'name'>): StepKind {
  if (kind) return kind;
  return words.find(([, pattern]) => pattern.test(name))?.[0] ?? 'other';
}
