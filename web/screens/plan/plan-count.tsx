// The right page of the plan: how good it is, what a tried change does, why the chosen step is where it is, what is
// late and why.
import { Fragment } from 'react';
import { Link } from 'react-router';
import { planTable } from '../../../core/plan/studio/plan-csv.ts';
import type { PlanBlock } from '../../../core/plan/studio/studio-plan.ts';
import { blockTitle } from '../../../core/plan/studio/studio-plan.ts';
import { bindingChain, type Consequence, whyThen } from '../../../core/plan/studio/why.ts';
import { PlanChanges } from '../../components/plan-changes.tsx';
import { PlanNews } from '../../components/plan-news.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBenchLog } from '../../hooks/use-bench-log.ts';
import type { Planned } from '../../hooks/use-plan.ts';
import { problemOf } from '../../state/saving.ts';
import { momentInWords } from '../../words/done-in.ts';
import { daysLate } from '../../words/late.ts';
import { words } from '../../words/plan.ts';
import { causeInWords, stretchInWords, timeAfter } from '../../words/plan-words.ts';
import type { Trial } from './plan-bars.tsx';

interface PlanCountProps {
  readonly planned: Planned;
  readonly nameOf: (batch: string) => string;
  readonly selected: PlanBlock | null;
  readonly trial: Trial | null;
  /** The effect of the trial, or of a place near it a moment ago; undefined before it is known. */
  readonly changes: readonly Consequence[] | null | undefined;
  readonly error: unknown;
  readonly onPut: (trial: Trial) => void;
  readonly onLeave: () => void;
  readonly onLetGo: (block: PlanBlock) => void;
}

export function PlanCount(props: PlanCountProps) {
  const { planned, nameOf, selected, trial, changes, error, onPut, onLeave, onLetGo } = props;
  const makerOf = (id: string) => planned.terms.bench.makers.find((maker) => maker.id === id)?.name ?? 'somebody';
  return (
    <>
      <HowGood planned={planned} nameOf={nameOf} />
      {Boolean(error) && <p className="problem">{problemOf(error)?.detail ?? words.cantConnectToNoonLedger}</p>}
      {trial && (
        <section className="note mt-4" aria-label={words.effectOfTheMove}>
          <b>
            “{trial.block.step.name}” at {momentInWords(planned.plan, trial.start)}
            {trial.maker && `, by ${makerOf(trial.maker)}`}
          </b>
          {changes === undefined ? (
            <p className="text-soft">{words.calculating}</p>
          ) : (
            <PlanChanges changes={changes} planned={planned} nameOf={nameOf} />
          )}
          <p className="chrome mt-1 flex gap-4">
            <button type="button" className="link" onClick={() => onPut(trial)}>
              {words.pin}
            </button>
            <button type="button" className="link" onClick={onLeave}>
              {words.cancel}
            </button>
          </p>
        </section>
      )}
      {selected && !trial && (
        <Chosen block={selected} planned={planned} nameOf={nameOf} makerOf={makerOf} onLetGo={onLetGo} />
      )}
      <Late planned={planned} nameOf={nameOf} makerOf={makerOf} />
      <PlanNews planned={planned} nameOf={nameOf} />
      <p className="chrome mt-3 text-[15px]">
        <button
          type="button"
          className="link"
          onClick={() => void saveTable(planTable(planned.plan, nameOf, makerOf), 'bench plan.csv')}
        >
          {words.exportCsv}
        </button>
      </p>
    </>
  );
}

/** What is late, what waits too long, and whether a better plan is looked for. */
function HowGood({ planned, nameOf }: { planned: Planned; nameOf: (batch: string) => string }) {
  const { plan, isFinding, offer } = planned;
  const late = plan.done.filter(({ daysLate: days }) => days > 0).length;
  const waiting = plan.blocks.filter(({ overLag }) => overLag >= 1);
  return (
    <section aria-label={words.scheduleQuality}>
      <h2>{words.scheduleQuality}</h2>
      <p className="text-[15px]" role="status">
        {late === 0 ? words.nothingIsLate : late === 1 ? words.oneBatchIsLate : `${String(late)} batches are late.`}{' '}
        {!offer && (isFinding ? words.lookingForABetterPlan : words.noBetterPlanIsKnown)}
      </p>
      {waiting.map((block) => (
        <p key={`${block.batch} ${block.step.key}`} className="note note-stop mt-2">
          “{block.step.name}” of {nameOf(block.batch)} starts {stretchInWords(block.overLag)} {words.laterThanItShould}
        </p>
      ))}
    </section>
  );
}

interface ChosenProps {
  readonly block: PlanBlock;
  readonly planned: Planned;
  readonly nameOf: (batch: string) => string;
  readonly makerOf: (id: string) => string;
  readonly onLetGo: (block: PlanBlock) => void;
}

function Chosen({ block, planned: { plan, problem }, nameOf, makerOf, onLetGo }: ChosenProps) {
  const { note } = useBenchLog();
  return (
    <section className="mt-4" aria-label={words.selectedStep}>
      <h2>{blockTitle(block)}</h2>
      <p className="text-[15px]">
        <Link className="link" to={`/batches/${block.batch}`}>
          {nameOf(block.batch)}
        </Link>
        {block.maker !== null && `, ${makerOf(block.maker)}`}
        {block.step.station && `, ${block.step.station}`}
        {block.mates.length > 0 &&
          `, one load with ${[...new Set(block.mates.map(({ batch }) => nameOf(batch)))].join(', ')}`}
      </p>
      <p className="text-[15px] tabular-nums">
        {momentInWords(plan, block.start)} to {timeAfter(plan, block.start, block.attendedEnd)}
        {block.end > block.attendedEnd && `, unattended until ${timeAfter(plan, block.start, block.end)}`}
      </p>
      <p className="text-[15px] text-soft">
        {words.reasonForStartTime} {causeInWords(whyThen(block, plan, problem), plan, nameOf, makerOf)}.
      </p>
      <p className="chrome flex gap-4 text-[15px]">
        {block.state === 'started' ? (
          <button type="button" className="link" onClick={() => note('done', [block])}>
            {words.done}
          </button>
        ) : (
          <button type="button" className="link" onClick={() => note('started', [block])}>
            {words.startNow}
          </button>
        )}
        {block.state === 'pinned' && (
          <button type="button" className="link" onClick={() => onLetGo(block)}>
            {words.unpin}
          </button>
        )}
      </p>
    </section>
  );
}

const MOST_LINKS = 6;
/** Number of late batches that are explained. */
const MOST_LATE = 8;

function Late({ planned: { plan, problem }, nameOf, makerOf }: Pick<ChosenProps, 'planned' | 'nameOf' | 'makerOf'>) {
  const late = plan.done.filter(({ daysLate: days }) => days > 0).toSorted((a, b) => b.daysLate - a.daysLate);
  if (late.length === 0) return null;
  return (
    <section className="mt-5" aria-label={words.lateBatches}>
      {late.slice(0, MOST_LATE).map(({ batch, at, daysLate: days }) => {
        const chain = bindingChain(plan, problem, batch);
        return (
          <Fragment key={batch}>
            <div className="note note-stop">
              <b>
                {nameOf(batch)}: {daysLate(days)}
              </b>
              , finished {momentInWords(plan, at)}. Delayed by, latest first:
              <ol className="mt-1">
                {chain.slice(0, MOST_LINKS).map(({ block, cause }) => (
                  <li key={`${block.batch} ${block.step.key}`}>
                    {block.step.name}
                    {block.batch !== batch && ` of ${nameOf(block.batch)}`}:{' '}
                    {causeInWords(cause, plan, nameOf, makerOf)}
                  </li>
                ))}
                {chain.length > MOST_LINKS && <li>and {chain.length - MOST_LINKS} more before</li>}
              </ol>
            </div>
          </Fragment>
        );
      })}
      {late.length > MOST_LATE && (
        <p className="text-soft">
          And {late.length - MOST_LATE} {words.moreAreLate}
        </p>
      )}
    </section>
  );
}
