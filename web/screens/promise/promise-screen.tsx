// "Can I take twenty of these by the twelfth?": the completion date, the chance of the wished date, and what else
// slips.
import { useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { dayInWords } from '../../../core/format/days.ts';
import { dayAfter, daysBetween, MINUTES_A_DAY } from '../../../core/measure/days.ts';
import { readCount } from '../../../core/measure/read/read-number.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { dayOf } from '../../../core/plan/model/calendar.ts';
import { chanceBy, safeEnd } from '../../../core/plan/solve/simulate.ts';
import type { PlanContext, Risk, TrialBatch, TrialResult } from '../../../core/plan/studio/trial-batch.ts';
import { Choice } from '../../components/choice.tsx';
import { DateField } from '../../components/date-field.tsx';
import { Field } from '../../components/field.tsx';
import { PlanChanges } from '../../components/plan-changes.tsx';
import { PlanNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { type Planned, usePlan, useTrialPlan } from '../../hooks/use-plan.ts';
import { TRIAL_ID, type TrialTyped, useTrialJob } from '../../hooks/use-trial-job.ts';
import { useWorkerAnswer } from '../../hooks/use-worker-answer.ts';
import { useAddBatchMutation, useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { emptyBatch, lineOf } from '../../state/new-batch.ts';
import { problemOf } from '../../state/saving.ts';
import { momentInWords } from '../../words/done-in.ts';
import { batchName } from '../../words/plan-words.ts';
import { words } from '../../words/promise.ts';
import { openPlanSums } from '../../workers/open-plan-sums.ts';
import type { NewcomerTold, PlanQuestion } from '../../workers/plan-sums.ts';

/** The share of simulations in which a safe date is met. */
const CONFIDENCE = 0.9;
const RUNS = 300;
const USUAL_DAYS = 14;
/** A smaller gain is chance. */
const LEAST_GAIN = 0.02;

/** The priorities at which it could be accepted. */
const ways = [
  { priority: 'last', name: 'When there is time', help: 'after the others' },
  { priority: '', name: 'Normal', help: 'by due date among the others' },
  { priority: 'first', name: 'Rush order', help: 'first in line' },
] as const;

export function PromiseScreen() {
  const [params] = useSearchParams();
  const { day } = useNow();
  const { data: pieces } = useGetPiecesQuery();
  const { data: batches } = useGetBatchesQuery();
  const [typed, setTyped] = useState<Omit<TrialTyped, 'priority'>>({
    pieceId: params.get('piece') ?? '',
    quantity: params.get('quantity') ?? '10',
    due: params.get('due') ?? dayAfter(day, USUAL_DAYS),
  });
  const planned = usePlan(batches);
  const takeable = (pieces ?? []).filter(({ revision }) => revision > 0);
  const options = takeable.map(({ id, body }) => ({ value: id, label: body.name || 'unnamed piece' }));
  const pieceId = typed.pieceId || (options[0]?.value ?? '');
  const asked = { ...typed, pieceId };
  const reading = readCount(typed.quantity);
  return (
    <Spread
      title={words.deliveryDate}
      left={
        <>
          <PlanNav />
          <h1>{words.canIMeetThisDate}</h1>
          {pieces && options.length === 0 && <p className="mt-3 max-w-[56ch]">{words.saveAVersionOfA}</p>}
          {options.length > 0 && (
            <p className="mt-3 flex flex-wrap items-baseline gap-x-3 gap-y-2 text-[17px]">
              <Field
                open
                className="num"
                value={typed.quantity}
                label={words.quantity}
                problem={reading.ok ? undefined : reading.sentence}
                problemId="promise-problem"
                onChange={(quantity) => setTyped({ ...typed, quantity })}
              />
              <span>{words.of}</span>
              <Choice
                open
                value={pieceId}
                options={options}
                label={words.piece}
                onChange={(value) => setTyped({ ...typed, pieceId: value })}
              />
              <label className="flex items-baseline gap-2">
                due
                <DateField
                  label={words.dueDate}
                  value={typed.due}
                  onChange={(day) => setTyped({ ...typed, due: day })}
                />
              </label>
            </p>
          )}
          {!reading.ok && (
            <p id="promise-problem" className="problem">
              {reading.sentence}
            </p>
          )}
          {planned && 'sentence' in planned && <p className="note note-stop mt-4">{planned.sentence}</p>}
          {planned && !('sentence' in planned) && batches && pieces && reading.ok && pieceId && typed.due && (
            <div className="mt-4">
              {ways.map((way) => (
                <Way
                  key={way.priority}
                  {...way}
                  asked={asked}
                  planned={planned}
                  nameOf={(id) => (id === TRIAL_ID ? words.these : batchName(batches, id))}
                />
              ))}
            </div>
          )}
        </>
      }
      leftFoot={<span>{words.theSafeDateIsMet}</span>}
      right={
        <>
          <h2>{words.existingOrders}</h2>
          {planned && !('sentence' in planned) && batches && (
            <ul className="text-[15px]">
              {planned.plan.done.map(({ batch, at, daysLate }) => (
                <li key={batch} className="flex justify-between gap-3 border-b border-hair py-[5px]">
                  <span>{batchName(batches, batch)}</span>
                  <span className={daysLate > 0 ? 'num text-stop' : 'num'}>{momentInWords(planned.plan, at)}</span>
                </li>
              ))}
              {planned.plan.done.length === 0 && <li className="aside">{words.none}</li>}
            </ul>
          )}
        </>
      }
      bottomLine={<span className="font-semibold">{words.existingOrders}</span>}
    />
  );
}

interface WayProps {
  readonly priority: TrialTyped['priority'];
  readonly name: string;
  readonly help: string;
  readonly asked: Omit<TrialTyped, 'priority'>;
  readonly planned: Planned;
  readonly nameOf: (batch: string) => string;
}

/** One priority: completion date, chance, and the effect on the rest. */
function Way({ priority, name, help, asked, planned, nameOf }: WayProps) {
  const { data: pieces } = useGetPiecesQuery();
  const { rates } = useBasis();
  const trial = useTrialJob(pieces, { ...asked, priority });
  const jobs = useMemo(() => (trial ? [...planned.jobs, trial] : null), [planned.jobs, trial]);
  const tried = useTrialPlan(planned, jobs, planned.terms);
  const newcomer = useMemo((): TrialBatch | null => {
    if (!trial || !tried) return null;
    return { job: trial, plan: tried.plan, runs: RUNS, spread: rates.spread.minutes };
  }, [trial, tried, rates]);
  const { jobs: before, terms, plan } = planned;
  const about = useMemo((): PlanContext => ({ jobs: before, terms, plan }), [before, terms, plan]);
  const question = useMemo(() => newcomer && { newcomer }, [newcomer]);
  const answer = useWorkerAnswer<PlanQuestion, NewcomerTold>(openPlanSums, about, question);
  const taken = answer?.told;
  if (!taken)
    return (
      <section className="border-t border-rule py-3" aria-label={name}>
        <h2 className="text-[17px]! text-ink!">{name}</h2>
        <p className="aside">{words.calculating}</p>
      </section>
    );
  const { at, ends } = taken;
  const dueMinute = (daysBetween(planned.plan.firstDay, asked.due) + 1) * MINUTES_A_DAY;
  const chance = chanceBy(ends, dueMinute);
  const safe = safeEnd(ends, CONFIDENCE);
  const isIn = at <= dueMinute;
  return (
    <section className="border-t border-rule py-3" aria-label={name}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-5">
        <h2 className="text-[17px]! text-ink!">{name}</h2>
        <span className="aside">{help}</span>
      </div>
      <div className="grid grid-cols-3 gap-x-5 max-[700px]:grid-cols-1">
        <Answer head="done" words={momentInWords(planned.plan, at)} isBad={!isIn} />
        <Answer head={words.safeDate90} words={safe === null ? '' : dayInWords(dayOf(planned.plan, safe))} />
        <Answer
          head={`chance by ${dayInWords(asked.due)}`}
          words={chance === null ? '' : percent(chance)}
          isBad={chance !== null && chance < CONFIDENCE}
        />
      </div>
      {chance !== null && chance < CONFIDENCE && <Safer without={taken.without} by={dueMinute} chance={chance} />}
      <div className="mt-1 text-[15px]">
        <PlanChanges planned={planned} changes={taken.changes} nameOf={nameOf} />
      </div>
      <Take asked={asked} priority={priority} />
    </section>
  );
}

const remedies: Readonly<Record<Risk, string>> = {
  minutes: 'measured times instead of estimates',
  rework: 'extra pieces for what has to be done again',
  away: 'somebody who stands in for a day away',
  urgent: 'no rush orders in between',
};

/** What would make the date safer, the most first. */
function Safer({ without, by, chance }: { without: TrialResult['without']; by: number; chance: number }) {
  const gains = (Object.keys(remedies) as Risk[])
    .map((risk) => ({ risk, share: chanceBy(without[risk], by) ?? 0 }))
    .filter(({ share }) => share > chance + LEAST_GAIN)
    .toSorted((a, b) => b.share - a.share);
  const [most] = gains;
  return (
    <p className="aside">
      {most ? `${words.saferWith} ${remedies[most.risk]}: ${percent(most.share)}.` : words.onlyALaterDateIsSafer}
    </p>
  );
}

/** Never more certain than the number of simulations allows. */
function percent(share: number): string {
  const least = 1 / RUNS;
  if (share >= 1) return `over ${String(Math.floor((1 - least) * 100))} %`;
  return share <= 0 ? 'under 1 %' : `${String(Math.round(share * 100))} %`;
}

function Answer({ head, words, isBad = false }: { head: string; words: string; isBad?: boolean }) {
  return (
    <p>
      <span className="aside block">{head}</span>
      <b className={isBad ? 'num text-[18px] text-stop' : 'num text-[18px]'}>{words}</b>
    </p>
  );
}

function Take({ asked, priority }: { asked: Omit<TrialTyped, 'priority'>; priority: TrialTyped['priority'] }) {
  const { data: pieces } = useGetPiecesQuery();
  const [add, { error, isLoading }] = useAddBatchMutation();
  const navigate = useNavigate();
  const piece = pieces?.find(({ id }) => id === asked.pieceId);
  if (!piece) return null;
  const size = sizesOf(piece.accepted ?? piece.body)[0]?.id ?? '';
  const take = async () => {
    const added = await add({
      ...emptyBatch,
      kind: 'order',
      lines: [lineOf(piece.id, piece.revision, size, asked.quantity)],
      due: asked.due,
      priority,
    });
    if (added.data) await navigate(`/batches/${added.data.id}`);
  };
  return (
    <p className="chrome mt-1 text-[15px]">
      <button type="button" className="link" disabled={isLoading} onClick={() => void take()}>
        {words.newBatch}
      </button>
      {error && <span className="problem ml-3">{problemOf(error)?.detail}</span>}
    </p>
  );
}
