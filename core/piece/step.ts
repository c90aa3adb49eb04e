// A step of the bench route: the work, the station and the minutes.
import { z } from 'zod';
import { nameSchema, rowIdSchema, typedSchema } from '../measure/typed.ts';
import { type WorkDriver, workDrivers } from '../work/work-kind.ts';
import { type WorkKindName, workKindOf, workKinds, workNamed } from '../work/work-kinds.ts';

/** Kinds of steps: the kinds of work. */
export const stepKinds = workKinds.map(({ kind }) => kind);
/** A kind of step. */
export type StepKind = WorkKindName;

/** Drivers: what the minutes of `each` are counted by. */
export const stepDrivers = workDrivers;
/** A driver. */
export type StepDriver = WorkDriver;

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
  /** Ids of more parts, joins or groups it is done to in one go. */
  also: z.array(z.string().max(40)).max(200).default([]),
  per: z.enum(stepDrivers).default('piece'),
  /** Drivers in one piece; blank takes them from the recipe. */
  drivers: typedSchema.default(''),
  /** Pieces in one load; blank: all of them. */
  load: typedSchema.default(''),
  /** Share done again, with its minutes and its solder; blank for none. Nothing is lost by it. */
  again: typedSchema.default(''),
  /** Yield; blank for 100 %. */
  yield: typedSchema.default(''),
  /** Pieces the yield was counted from; blank where it was not counted. */
  yieldOf: typedSchema.default(''),
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
  from: z.string().max(120).default(''),
  /** Whether the maker changed it: then no proposal changes it again. */
  byHand: z.boolean().default(false),
});

/** A step as it is stored. */
export type Step = z.infer<typeof stepSchema>;

/** Work in acid or solution cannot be paused either (common practice). */
const inOneGo = new Set<StepKind>(['pickle', 'quench', 'patina', 'blacken', 'plate', 'etch', 'anodise']);

/** Whether a step can be paused: as the maker said, or else as is usual for its kind: never with hot metal. */
export function mayPause(step: Pick<Step, 'kind' | 'name' | 'pauses'>): boolean {
  if (step.pauses) return step.pauses === 'yes';
  const kind = stepKindOf(step);
  return !inOneGo.has(kind) && !isHeat(kind);
}

/** Work that makes a part: a bought part does without it. */
const MAKING = new Set<StepKind>(['cut', 'saw', 'wind', 'form', 'forge', 'press', 'dome', 'twist', 'ball', 'melt']);

/** Whether a kind of work makes a part; a bought part does without it. */
export function isMaking(kind: StepKind): boolean {
  return MAKING.has(kind);
}

/** Whether a kind of work heats the piece with the torch. */
export function isHeat(kind: StepKind): boolean {
  return workKindOf(kind).heat === true;
}

/** The kind of a step: as the maker said, or else by its words. */
export function stepKindOf({ kind, name }: Pick<Step, 'kind' | 'name'>): StepKind {
  return kind || workNamed(name);
}

/** Ids of what a step is done to; none for the whole piece. */
export function targetsOf({ of, also }: Pick<Step, 'of' | 'also'>): readonly string[] {
  return of ? [of, ...also] : [];
}

/** A step with the starting values of its kind of work. @param targets  ids of what it is done to; none for the piece */
export function standardStep(
  kind: StepKind,
  name: string,
  targets: readonly string[],
  from: string,
  more: Partial<Omit<Step, 'id'>> = {},
): Omit<Step, 'id'> {
  const { start, station, driver, again, lost } = workKindOf(kind);
  const [of = '', ...also] = targets;
  return {
    name,
    station,
    setUp: start.setUp,
    each: start.each,
    unattended: start.unattended ?? '',
    overlaps: false,
    kind,
    of,
    also,
    per: driver,
    drivers: '',
    load: start.load ?? '',
    yield: lost ? `${String(Number((100 - Number(lost.replace('%', ''))).toFixed(3)))} %` : '',
    yieldOf: '',
    again,
    maker: '',
    spread: '',
    pauses: '',
    transfer: '',
    from,
    byHand: false,
    ...more,
  };
}
