// What has moved since a plan was kept, and a button that keeps the present plan.
import { planRoutes } from '../../contract/plan.ts';
import { shortDay } from '../../core/format/days.ts';
import { keptBlocks, movedSince } from '../../core/plan/studio/kept-plan.ts';
import type { Planned } from '../hooks/use-plan.ts';
import { useGetBenchQuery, useKeepPlanMutation } from '../state/endpoints/bench.ts';
import { words } from '../words/components.ts';
import { blockName, stretchInWords } from '../words/plan-words.ts';

interface PlanSinceProps {
  readonly planned: Planned;
  readonly nameOf: (batch: string) => string;
  readonly makerOf: (id: string) => string;
}

const MOST_MOVED = 6;

export function PlanSince({ planned, nameOf, makerOf }: PlanSinceProps) {
  const { data } = useGetBenchQuery();
  const [keep, { isLoading }] = useKeepPlanMutation();
  const kept = data?.kept ?? null;
  const moved = kept ? movedSince(kept, planned.plan) : [];
  const keepIt = () =>
    void keep({ blocks: keptBlocks(planned.plan, (block) => `${nameOf(block.batch)}: ${blockName(block)}`, makerOf) });
  return (
    <section className="mt-6" aria-labelledby="since">
      <h2 id="since">{kept ? `Changes since the plan of ${shortDay(kept.at.slice(0, 10))}` : words.noSavedPlan}</h2>
      {kept && moved.length === 0 && <p className="aside">{words.noChanges}</p>}
      <ul className="text-[15px]">
        {moved.slice(0, MOST_MOVED).map(({ block, by }) => (
          <li
            key={`${block.batch} ${block.step.key}`}
            className="flex justify-between gap-3 border-b border-hair py-[4px]"
          >
            <span className="min-w-0">
              {block.step.name}
              <span className="aside"> {nameOf(block.batch)}</span>
            </span>
            <span className={by !== null && by > 0 ? 'num shrink-0 text-stop' : 'num shrink-0 text-good'}>
              {by === null ? 'new' : `${stretchInWords(by)} ${by > 0 ? 'later' : 'sooner'}`}
            </span>
          </li>
        ))}
      </ul>
      {moved.length > MOST_MOVED && <p className="aside">and {moved.length - MOST_MOVED} more</p>}
      <p className="chrome mt-1 flex flex-wrap gap-x-4 text-[15px]">
        <button type="button" className="link" disabled={isLoading || planned.isSearching} onClick={keepIt}>
          {words.saveThisPlan}
        </button>
        {kept && (
          <a className="link" href={planRoutes.calendar.path}>
            {words.exportToCalendarIcs}
          </a>
        )}
      </p>
    </section>
  );
}
