// A step of the bench route: the work, the station and the minutes.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';

/** Kinds of steps, in the usual order of work. */
export const stepKinds = [
  'cut', 'anneal', 'form', 'true', 'solder', 'fuse', 'pickle', 'neutralise', 'file', 'sand', 'texture', 'drill',
  'round-ends', 'assemble', 'rivet', 'set', 'polish', 'tumble', 'brush', 'patina', 'plate', 'wax', 'inspect', 'pair',
  'pack', 'other',
] as const; // prettier-ignore
/** A kind of step. */
export type StepKind = (typeof stepKinds)[number];

/** Drivers: what the minutes of `each` are counted by. */
export const stepDrivers = ['piece', 'cut', 'joint', 'cm', 'cm2', 'load', 'batch'] as const;
/** A driver. */
export type StepDriver = (typeof stepDrivers)[number];

/** A step as it is stored. */
export const stepSchema = z.strictObject({
  id: rowIdSchema,
  name: nameSchema,
  station: nameSchema,
  /** Attended minutes, once a batch. */
  setUp: typedSchema,
  /** Attended minutes for each driver: piece, cut, joint, cm of seam, cm² of surface, load. */
  each: typedSchema,
  /** Unattended minutes, once a batch or a load, after the attended time: pickle, tumbler, glue. */
  unattended: typedSchema,
  /** Whether it may start while the step before it runs unattended. */
  overlaps: z.boolean(),
  /** Blank: recognised by its name. */
  kind: z.enum(['', ...stepKinds]).default(''),
  /** The part, join or group it is done to; blank for the whole piece. */
  of: z.string().max(40).default(''),
  per: z.enum(stepDrivers).default('piece'),
  /** Drivers in one piece; blank takes them from the recipe. */
  drivers: typedSchema.default(''),
  /** Pieces in one load; blank: all of them. */
  load: typedSchema.default(''),
  /** Yield; blank for 100 %. */
  yield: typedSchema.default(''),
  /** Id of the maker it is assigned to, with a labour rate of their own; blank for the studio's rate. */
  maker: z.string().max(40).default(''),
  /** Variation of its minutes, one standard deviation as a share; blank for the studio's. */
  spread: typedSchema.default(''),
  /** Whether it can be paused at breaks and overnight; blank for what is usual for its kind. */
  pauses: z.enum(['', 'yes', 'no']).default(''),
  /**
   * When the next step starts: with each load as it comes, or when all are done; blank: with each load, where the next
   * step has loads too.
   */
  transfer: z.enum(['', 'each', 'all']).default(''),
  /** Origin of a proposed step; blank for one the maker added. */
  from: z.string().max(80).default(''),
  /** Whether the maker changed it: then no proposal changes it again. */
  byHand: z.boolean().default(false),
});

/** A step as it is stored. */
export type Step = z.infer<typeof stepSchema>;

// A step is recognised by its words, in this order: "flush and neutralise" is neutralising.
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

/** Kinds of work that cannot be paused: the metal is hot, or in the acid (common practice). */
const inOneGo = new Set<StepKind>(['anneal', 'solder', 'fuse', 'pickle', 'patina', 'plate']);

/** Whether a step can be paused: as the maker said, or else as is usual for its kind. */
export function mayPause(step: Pick<Step, 'kind' | 'name' | 'pauses'>): boolean {
  return step.pauses ? step.pauses === 'yes' : !inOneGo.has(stepKindOf(step));
}

/** The kind of a step: as the maker said, or else by its words. */
export function stepKindOf({ kind, name }: Pick<Step, 'kind' | 'name'>): StepKind {
  if (kind) return kind;
  return words.find(([, pattern]) => pattern.test(name))?.[0] ?? 'other';
}
