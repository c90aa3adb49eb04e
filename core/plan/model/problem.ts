// The schedule problem: makers, stations, and jobs with their steps. Minutes count from 0. Format:
// docs/formats/schedule.md.
import { z } from 'zod';

const idSchema = z.string().min(1).max(160);
const minutesSchema = z.number().min(0).max(1e7);
const windowsSchema = z.array(z.tuple([minutesSchema, minutesSchema])).max(4000);

const makerSchema = z.strictObject({
  id: idSchema,
  skills: z.array(idSchema).max(100),
  /** When the maker works; left out: always. */
  shifts: windowsSchema.optional(),
  /** Minutes at the end of each shift in which the maker starts nothing. */
  lastStart: minutesSchema.default(0),
  /** How the maker likes each kind of work; a kind that is not listed is liked. */
  prefers: z
    .array(
      z.strictObject({
        kind: idSchema,
        /** Penalty for each attended minute: 0 liked to 1 disliked. */
        penalty: z.number().min(0).max(1).default(0),
        /** Best hours: each attended minute outside them counts one more. */
        hours: windowsSchema.optional(),
      }),
    )
    .max(500)
    .default([]),
});

const stationSchema = z.strictObject({
  id: idSchema,
  count: z.int().min(1).max(1000),
  /** Unattended work here starts and ends within one of these windows; left out: at any time. */
  open: windowsSchema.optional(),
});

/** A load that steps of any job may share: one tumbler barrel, one pickle pot. */
const loadSchema = z.strictObject({
  /** Only steps of one kind, at one station, share a load. */
  kind: idSchema,
  /** What the step takes of a full load, above 0 to 1. */
  share: z.number().gt(0).max(1),
  /** Of its attended minutes, those that are needed once a load: set-up and loading. */
  once: minutesSchema.default(0),
});

/** Where a step was pinned, or has been started. */
const fixedSchema = z.strictObject({
  maker: idSchema.nullable(),
  start: minutesSchema,
  attendedEnd: minutesSchema,
  end: minutesSchema,
});
/** A fixed place of a step. */
export type Fixed = z.infer<typeof fixedSchema>;

const stepSchema = z.strictObject({
  id: idSchema,
  /** Steps of the same job that end before it starts. */
  after: z.array(idSchema).max(500).default([]),
  /** Skill a maker needs; null: no maker is needed. */
  skill: idSchema.nullable().default(null),
  /** Station held from start to end; null: none. */
  station: idSchema.nullable().default(null),
  /** Attended minutes. */
  attended: minutesSchema.default(0),
  /** Unattended minutes after them. */
  unattended: minutesSchema.default(0),
  /** Whether the attended work may pause at the end of a shift and go on in the next. */
  pausable: z.boolean().default(false),
  /** Whether the unattended work may run at any hour, whatever the hours of its station. */
  anyHour: z.boolean().default(false),
  /** Maximal time lag: it starts within so many minutes of the end of the last step in `after`. */
  within: minutesSchema.optional(),
  /** Whether it may start in the last minutes of a shift, whatever `lastStart` says. */
  anyStart: z.boolean().default(false),
  /** Release: not before this minute. */
  release: minutesSchema.optional(),
  /** Fixed in its place. */
  fixed: fixedSchema.optional(),
  /** Steps of one kind in a row by the same maker need one set-up. */
  kind: idSchema.optional(),
  /** It may share a load with others. */
  load: loadSchema.optional(),
});
/** A step as written: fields may be left out. */
export type StepTyped = z.input<typeof stepSchema>;

const jobSchema = z.strictObject({
  id: idSchema,
  release: minutesSchema.default(0),
  /** Left out: no due date. */
  due: z.number().max(1e7).optional(),
  weight: z.number().min(0).max(1e6).default(1),
  steps: z.array(stepSchema).max(2000),
});

/** What is minimised, in lexicographic order. */
const objectiveSchema = z.enum(['makespan', 'completion']);
/** The second aim of a plan, after the weighted tardiness. */
export type SecondAim = z.infer<typeof objectiveSchema>;

/** A schedule problem. */
export const scheduleProblemSchema = z
  .strictObject({
    /** Tardiness first; then the makespan, or the weighted completion time. */
    objective: z.tuple([z.literal('tardiness'), objectiveSchema]).default(['tardiness', 'makespan']),
    makers: z.array(makerSchema).max(50),
    stations: z.array(stationSchema).max(200).default([]),
    jobs: z.array(jobSchema).max(2000),
  })
  .superRefine((problem, context) => {
    for (const { path, sentence } of faultsOf(problem)) context.addIssue({ code: 'custom', path, message: sentence });
  });
/** A schedule problem. */
export type ScheduleProblem = z.infer<typeof scheduleProblemSchema>;
type ScheduleJob = ScheduleProblem['jobs'][number];
/** A step of a schedule problem. */
export type ScheduleStep = ScheduleJob['steps'][number];

/** What a plan is compared by. */
export interface Objective {
  /** Minutes beyond maximal time lags, over all steps. Always first. */
  readonly overLag: number;
  /** Weighted tardiness: sum of weight × minutes after due. */
  readonly tardiness: number;
  /** Makespan: the latest end. */
  readonly makespan: number;
  /** Weighted completion time: sum of weight × end. */
  readonly completion: number;
  /** Changes of set-up and of job between two steps of a maker on one day, over all makers. */
  readonly changes: number;
  /** Attended minutes that go against a maker's preferences, weighted by the penalty of the kind of work. */
  readonly dislike: number;
  /** Price of what moved from the plan before, in weighted minutes; 0 where there was none. */
  readonly moved: number;
}

/** A lower bound of a plan. */
export type Bound = Pick<Objective, 'tardiness' | 'makespan' | 'completion'>;

/** A step with its place. */
export interface ScheduledStep {
  readonly job: string;
  readonly step: string;
  /** null where no maker is needed. */
  readonly maker: string | null;
  readonly start: number;
  readonly attendedEnd: number;
  readonly end: number;
  /** Steps with the same number here share one load: one start, one end, one maker. Left out: it shares none. */
  readonly load?: number;
}

/** A schedule with its bound. */
export interface Schedule {
  readonly objective: Objective;
  /** Lower bound: of the tardiness of any schedule, and of the second aim of any with the least tardiness. */
  readonly bound: Bound;
  readonly steps: readonly ScheduledStep[];
}

interface Fault {
  readonly path: (string | number)[];
  readonly sentence: string;
}

// Rules across the problem: ids that exist and are unique, and no circular order of steps.
function faultsOf({ makers, stations, jobs }: Pick<ScheduleProblem, 'makers' | 'stations' | 'jobs'>): Fault[] {
  const faults: Fault[] = [
    ...twice(makers, ['makers']),
    ...twice(stations, ['stations']),
    ...twice(jobs, ['jobs']),
    ...makers.flatMap(({ shifts }, index) => disorder(shifts, ['makers', index, 'shifts'])),
    ...stations.flatMap(({ open }, index) => disorder(open, ['stations', index, 'open'])),
  ];
  const stationIds = new Set(stations.map(({ id }) => id));
  const skills = new Set(makers.flatMap((maker) => maker.skills));
  const makerIds = new Set(makers.map(({ id }) => id));
  jobs.forEach((job, jobIndex) => {
    faults.push(...twice(job.steps, ['jobs', jobIndex, 'steps']));
    const ids = new Set(job.steps.map(({ id }) => id));
    job.steps.forEach((step, index) => {
      const path = ['jobs', jobIndex, 'steps', index];
      const say = (sentence: string) => faults.push({ path, sentence: `${job.id}, ${step.id}: ${sentence}` });
      if (step.station !== null && !stationIds.has(step.station)) say(`there is no station “${step.station}”.`);
      if (step.skill !== null && step.attended > 0 && !skills.has(step.skill)) say(`nobody can do “${step.skill}”.`);
      for (const id of step.after) if (!ids.has(id)) say(`it waits for “${id}”, which is not a step of the job.`);
      if (step.load && step.station === null) say('it has a load, but no station.');
      if (step.load && step.pausable) say('it has a load, so it cannot pause.');
      if (step.load && step.load.once > step.attended) say('its load needs more attended minutes than it has.');
      if (step.fixed?.maker && !makerIds.has(step.fixed.maker)) say(`there is no maker “${step.fixed.maker}”.`);
    });
    if (hasCircle(job.steps))
      faults.push({ path: ['jobs', jobIndex], sentence: `${job.id}: its steps wait in a circle.` });
  });
  return faults;
}

function twice(rows: readonly { readonly id: string }[], path: (string | number)[]): Fault[] {
  const seen = new Set<string>();
  const again = rows.find(({ id }) => seen.size === seen.add(id).size);
  return again ? [{ path, sentence: `“${again.id}” is named twice.` }] : [];
}

function disorder(windows: readonly (readonly [number, number])[] | undefined, path: (string | number)[]): Fault[] {
  const isWrong = (windows ?? []).some(
    ([from, to], index, all) => !(from < to) || (index > 0 && from < (all[index - 1]?.[1] ?? 0)),
  );
  return isWrong ? [{ path, sentence: 'Times come in order, each ending after it begins and before the next.' }] : [];
}

function hasCircle(steps: readonly ScheduleStep[]): boolean {
  const left = new Map(steps.map((step) => [step.id, step.after]));
  for (let free = true; free && left.size > 0;) {
    free = false;
    for (const [id, after] of left)
      if (!after.some((other) => left.has(other))) {
        left.delete(id);
        free = true;
      }
  }
  return left.size > 0;
}
