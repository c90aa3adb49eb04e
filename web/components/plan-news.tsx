// The version of the plan: why it was made, what moved, and a better plan that was found.
import { useMemo, useState } from 'react';
import { planRoutes } from '../../contract/plan.ts';
import { clockInWords, dayInWords } from '../../core/format/days.ts';
import { followPlan } from '../../core/plan/studio/follow-plan.ts';
import type { MovedLine } from '../../core/plan/studio/plan-document.ts';
import { consequences } from '../../core/plan/studio/why.ts';
import type { Planned } from '../hooks/use-plan.ts';
import { dayAndMinuteOf } from '../state/clock.ts';
import { useGetPlanVersionsQuery, useReplanMutation, useTakePlanMutation } from '../state/endpoints/plan.ts';
import { problemOf } from '../state/saving.ts';
import { words } from '../words/components.ts';
import { stretchInWords } from '../words/plan-words.ts';
import { PlanChanges } from './plan-changes.tsx';

interface PlanNewsProps {
  readonly planned: Planned;
  readonly nameOf: (batch: string) => string;
}

const MOST_MOVED = 6;

export function PlanNews({ planned, nameOf }: PlanNewsProps) {
  const { document } = planned;
  const [replan, { isLoading, error }] = useReplanMutation();
  if (!document) return null;
  const { at, because, moved, version } = document;
  const { day, minute } = dayAndMinuteOf(new Date(at));
  return (
    <section className="mt-6" aria-labelledby="plan-news">
      <h2 id="plan-news">
        Schedule {version}, {dayInWords(day)}, {clockInWords(minute)}
      </h2>
      <p className="aside">Reason: {because.join('; ')}.</p>
      {version > 1 && moved.length === 0 && <p className="text-[15px]">{words.nothingMoved}</p>}
      <MovedList moved={moved} />
      <Offer planned={planned} nameOf={nameOf} />
      <p className="chrome mt-1 flex flex-wrap gap-x-4 text-[15px]">
        <button type="button" className="link" disabled={isLoading} onClick={() => void replan()}>
          {words.planAgain}
        </button>
        <a className="link" href={planRoutes.calendar.path}>
          {words.exportToCalendarIcs}
        </a>
      </p>
      {error && <p className="problem">{problemOf(error)?.detail ?? words.cantConnectToNoonLedger}</p>}
      <Earlier />
    </section>
  );
}

/** Earlier versions: when and why. */
function Earlier() {
  const [open, setOpen] = useState(false);
  const { data } = useGetPlanVersionsQuery(undefined, { skip: !open });
  return (
    <details className="chrome mt-2 text-[15px]" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="link w-fit cursor-pointer">{words.earlierSchedules}</summary>
      <ul>
        {(data ?? []).map(({ version, at, because, moved }) => {
          const { day, minute } = dayAndMinuteOf(new Date(at));
          return (
            <li key={version} className="border-b border-hair py-[4px]">
              <span className="num">
                {version}, {dayInWords(day)}, {clockInWords(minute)}
              </span>
              : {because.join('; ')}
              <span className="aside">
                , {moved.length === 1 ? '1 step moved' : `${String(moved.length)} steps moved`}
              </span>
            </li>
          );
        })}
      </ul>
    </details>
  );
}

function MovedList({ moved }: { moved: readonly MovedLine[] }) {
  const known = moved.filter(({ by }) => by !== null);
  const fresh = moved.length - known.length;
  return (
    <ul className="text-[15px]" aria-label={words.movedSteps}>
      {known.slice(0, MOST_MOVED).map(({ batch, step, title, by }) => (
        <li key={`${batch} ${step}`} className="flex justify-between gap-3 border-b border-hair py-[4px]">
          <span className="min-w-0">{title}</span>
          <span className={(by ?? 0) > 0 ? 'num shrink-0 text-stop' : 'num shrink-0 text-good'}>
            {stretchInWords(by ?? 0)} {(by ?? 0) > 0 ? 'later' : 'sooner'}
          </span>
        </li>
      ))}
      {known.length > MOST_MOVED && <li className="aside">and {known.length - MOST_MOVED} more</li>}
      {fresh > 0 && <li className="aside">{fresh === 1 ? '1 step is new' : `${String(fresh)} steps are new`}</li>}
    </ul>
  );
}

/** A better plan that was found meanwhile, with what it changes. */
function Offer({ planned, nameOf }: PlanNewsProps) {
  const { jobs, terms, plan, offer } = planned;
  const [take, { isLoading, error }] = useTakePlanMutation();
  const changes = useMemo(() => {
    const offered = offer && followPlan(jobs, terms, offer.lines);
    return offered && consequences(plan, offered.plan);
  }, [offer, jobs, terms, plan]);
  if (!offer || !changes) return null;
  const count = offer.moved.length;
  return (
    <div className="note mt-3" role="status">
      <b>
        {words.aBetterPlanWasFound} {count === 1 ? '1 step moves' : `${String(count)} steps move`}.
      </b>
      <PlanChanges planned={planned} changes={changes} nameOf={nameOf} />
      <p className="chrome mt-1">
        <button type="button" className="button" disabled={isLoading} onClick={() => void take(offer.version)}>
          {words.takeThisPlan}
        </button>
      </p>
      {error && <p className="problem">{problemOf(error)?.detail ?? words.cantConnectToNoonLedger}</p>}
    </div>
  );
}
