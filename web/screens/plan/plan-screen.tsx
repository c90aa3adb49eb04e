// The plan over the days: lanes left; right its quality, what holds a step back, and what a change would do.
import { useCallback, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { BatchWithPieces } from '../../../contract/batches.ts';
import type { NewBenchEntry } from '../../../core/bench/bench-entry.ts';
import { daysBetween, MINUTES_A_DAY } from '../../../core/measure/days.ts';
import { pinEntry } from '../../../core/plan/studio/replan.ts';
import { type PlanBlock, type StudioPlan, wholeLoad } from '../../../core/plan/studio/studio-plan.ts';
import type { PlanContext } from '../../../core/plan/studio/trial-batch.ts';
import { tintsOf } from '../../components/batch-tints.ts';
import { PlanNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { type Planned, usePlan } from '../../hooks/use-plan.ts';
import { useWorkerAnswer } from '../../hooks/use-worker-answer.ts';
import { useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { useAddBenchEntriesMutation } from '../../state/endpoints/bench.ts';
import { momentInWords } from '../../words/done-in.ts';
import { words } from '../../words/plan.ts';
import { batchName } from '../../words/plan-words.ts';
import { openPlanSums } from '../../workers/open-plan-sums.ts';
import type { PinTold, PlanQuestion } from '../../workers/plan-sums.ts';
import { axisOf } from './axis.ts';
import type { Lane } from './lane-tops.ts';
import type { Due } from './plan-backdrop.tsx';
import type { Trial } from './plan-bars.tsx';
import { PlanCount } from './plan-count.tsx';
import { PlanLanes } from './plan-lanes.tsx';

/** px an hour, from weeks at a glance to minutes. */
const zooms = [4, 8, 16, 32, 60, 110] as const;
/** px an hour from which on names stand below the bars. */
const LEAST_NAMED = 32;
/** A plan of at most this many days opens in hours. */
const FEW_DAYS = 8;

export function PlanScreen() {
  const { data: batches } = useGetBatchesQuery();
  const planned = usePlan(batches);
  const isPlan = planned !== null && !('sentence' in planned) && planned.plan.blocks.length > 0;
  if (isPlan && batches) return <PlanPages planned={planned} batches={batches} />;
  return (
    <Spread
      title={words.plan}
      left={
        <>
          <PlanNav />
          <h1>{words.plan}</h1>
          {planned && batches && (
            <p className="mt-3 max-w-[56ch]">
              {'sentence' in planned ? planned.sentence : words.thereAreNoOpenBatches}
            </p>
          )}
        </>
      }
      right={null}
      bottomLine={<span>{words.noPlanYet}</span>}
    />
  );
}

function PlanPages({ planned, batches }: { planned: Planned; batches: readonly BatchWithPieces[] }) {
  const { plan, jobs, terms, problem } = planned;
  const [zoom, setZoom] = useState(() => (plan.objective.makespan < FEW_DAYS * MINUTES_A_DAY ? 4 : 3));
  const [chosen, setChosen] = useState<PlanBlock | null>(null);
  const [trial, setTrial] = useState<Trial | null>(null);
  const [add, { error }] = useAddBenchEntriesMutation();
  const names = useMemo(() => new Map(batches.map(({ batch: { id } }) => [id, batchName(batches, id)])), [batches]);
  const nameOf = useCallback((batch: string) => names.get(batch) ?? 'a batch', [names]);
  const tints = useMemo(() => tintsOf(jobs), [jobs]);
  const last = Math.max(
    plan.now,
    ...plan.blocks.map(({ end }) => end),
    ...jobs.map(({ batch }) => dueMinute(batch.due, plan.firstDay)),
  );
  const axis = useMemo(() => axisOf(problem, last, zooms[zoom] ?? 32), [problem, last, zoom]);
  const lanes = useMemo(() => lanesOf(planned), [planned]);
  const dues = jobs.flatMap(({ id, batch }): Due[] => {
    if (!batch.due) return [];
    const isLate = plan.done.some((one) => one.batch === id && one.daysLate > 0);
    return [{ batch: id, name: nameOf(id), at: Math.max(0, dueMinute(batch.due, plan.firstDay)), isLate }];
  });
  // The chosen bar in the present plan, which may have moved it since.
  const selected =
    chosen && (plan.blocks.find((one) => one.batch === chosen.batch && one.step.key === chosen.step.key) ?? null);
  const about = useMemo((): PlanContext => ({ jobs, terms, plan }), [jobs, terms, plan]);
  const question = useMemo(() => trial && { pins: entriesOf(trial, plan) }, [trial, plan]);
  const answer = useWorkerAnswer<PlanQuestion & { readonly pins: readonly NewBenchEntry[] }, PinTold>(
    openPlanSums,
    about,
    question,
  );
  // A dragged bar asks faster than answers arrive, so the answer for its last place stands in.
  const [asked, answered] = [question?.pins[0], answer?.question.pins[0]];
  const isOfTrial = answered?.step === asked?.step && answered?.batchId === asked?.batchId;
  const put = (at: Trial) => {
    void add(entriesOf(at, plan));
    setTrial(null);
  };
  const letGo = (block: PlanBlock) => {
    if (block.state === 'pinned')
      void add(
        entriesOf({ block, maker: block.maker, start: block.start }, plan).map((one) => ({ ...one, how: 'let-go' })),
      );
  };
  return (
    <Spread
      title={words.plan}
      left={
        <>
          <PlanNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-5">
            <h1>
              {words.allWorkFinished} {momentInWords(plan, plan.objective.makespan)}
            </h1>
            <span className="chrome flex gap-3 text-[15px]">
              <button type="button" className="link" disabled={zoom === 0} onClick={() => setZoom(zoom - 1)}>
                {words.weeks}
              </button>
              <button
                type="button"
                className="link"
                disabled={zoom === zooms.length - 1}
                onClick={() => setZoom(zoom + 1)}
              >
                {words.hours}
              </button>
            </span>
          </div>
          <PlanLanes
            plan={plan}
            axis={axis}
            lanes={lanes}
            dues={dues}
            tints={tints}
            nameOf={nameOf}
            hasNames={(zooms[zoom] ?? 0) >= LEAST_NAMED}
            selected={selected}
            trial={trial}
            onSelect={(block) => {
              if (chosen?.batch !== block.batch || chosen.step.key !== block.step.key) {
                setChosen(block);
                setTrial(null);
              }
            }}
            onTry={setTrial}
            onPut={put}
            onLetGo={letGo}
          />
          <Legend planned={planned} nameOf={nameOf} tints={tints} />
        </>
      }
      leftFoot={<span>{words.dragABarOrSelect}</span>}
      right={
        <PlanCount
          planned={planned}
          nameOf={nameOf}
          selected={selected}
          trial={trial}
          changes={isOfTrial ? answer?.told : undefined}
          error={error}
          onPut={put}
          onLeave={() => setTrial(null)}
          onLetGo={letGo}
        />
      }
      bottomLine={<span className="font-semibold">Done {momentInWords(plan, plan.objective.makespan)}</span>}
      printsLeftOnly
    />
  );
}

/** A shared load is moved as a whole. */
const entriesOf = ({ block, maker, start }: Trial, { firstDay }: StudioPlan) =>
  wholeLoad(block).map(({ batch, step }) => pinEntry(batch, step.key, maker, start, firstDay));

function dueMinute(due: string, firstDay: string): number {
  return due ? (daysBetween(firstDay, due) + 1) * MINUTES_A_DAY : 0;
}

function lanesOf({ plan, terms }: Planned): Lane[] {
  const makers = terms.bench.makers.map(({ id, name }): Lane => ({ kind: 'maker', id, name }));
  const used = new Set(plan.blocks.filter(({ step }) => step.station).map(({ step }) => step.station));
  // Stations that are scarce, and those with unattended work.
  const alone = new Set(
    plan.blocks.filter(({ end, attendedEnd }) => end > attendedEnd).map(({ step }) => step.station),
  );
  const listed = new Set(terms.bench.stations.map(({ name }) => name));
  const stations = [...used].filter((name) => listed.has(name) || alone.has(name)).sort();
  return [...makers, ...stations.map((name): Lane => ({ kind: 'station', id: name, name }))];
}

const MOST_IN_LEGEND = 24;

function Legend({
  planned: { jobs },
  nameOf,
  tints,
}: {
  planned: Planned;
  nameOf: (batch: string) => string;
  tints: ReadonlyMap<string, number>;
}) {
  return (
    <ul className="mt-3 flex flex-wrap gap-x-5 gap-y-2 text-[14px]" aria-label={words.batches}>
      {jobs.slice(0, MOST_IN_LEGEND).map(({ id }) => (
        <li key={id} className="flex items-center gap-2">
          <svg width={16} height={12} aria-hidden="true">
            <rect className={`tint-${String(tints.get(id) ?? 0)}`} x={0.5} y={0.5} width={15} height={11} />
          </svg>
          <Link className="hover:text-act hover:underline" to={`/batches/${id}`}>
            {nameOf(id)}
          </Link>
        </li>
      ))}
      {jobs.length > MOST_IN_LEGEND && <li className="text-soft">and {jobs.length - MOST_IN_LEGEND} more</li>}
      <li className="flex items-center gap-2 text-soft">
        <svg width={16} height={12} aria-hidden="true">
          <rect x={0.5} y={0.5} width={15} height={11} fill="none" stroke="var(--rule)" strokeDasharray="4 3" />
        </svg>
        unattended
      </li>
    </ul>
  );
}
