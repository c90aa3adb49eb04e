// One step at the bench: what it is, what to mind, the count, and the one button that comes next.
import { useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { BenchPhoto } from '../../../contract/bench.ts';
import { oneRunALine } from '../../../core/batch/count-batch.ts';
import type { BenchStep } from '../../../core/bench/batch-steps.ts';
import { EXTRA } from '../../../core/bench/bench-entry.ts';
import { stepCard } from '../../../core/bench/step-card.ts';
import type { BenchMaker } from '../../../core/studio/bench.ts';
import { workKindOf } from '../../../core/work/work-kinds.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { type BenchBatch, type BenchView, lastEntry, useRunningLog } from '../../hooks/use-bench.ts';
import { batchCount } from '../../state/batch-count.ts';
import { stampNow } from '../../state/clock.ts';
import { WAITS } from '../../state/device/send-once.ts';
import { newId } from '../../state/device/tab.ts';
import { useAddBenchPhotoMutation } from '../../state/endpoints/bench.ts';
import { problemOf } from '../../state/saving.ts';
import { words } from '../../words/bench.ts';
import { Counts } from './counts.tsx';
import { Forgotten } from './forgotten.tsx';
import { NextList } from './next-list.tsx';
import { nextFor, nextOf, waitsFor } from './next-steps.ts';
import { StepAbout } from './step-about.tsx';
import { StepActions } from './step-actions.tsx';
import { type StepDialog, StepDialogs } from './step-dialogs.tsx';
import { stepLink } from './step-link.ts';
import { StepTimer } from './step-timer.tsx';
import { shortMinutes, stepTitle } from './step-words.ts';
import { UnattendedTimers } from './unattended-timers.tsx';
import { useStepLog } from './use-step-log.ts';

interface StepPageProps {
  readonly view: BenchView;
  readonly batch: BenchBatch;
  readonly stepKey: string;
  readonly maker: BenchMaker;
}

export function StepPage({ view, batch, stepKey, maker }: StepPageProps) {
  const step = batch.steps.find(({ key }) => key === stepKey) ?? null;
  const log = useRunningLog(view.entries, batch.id, stepKey);
  const { log: add, refusal } = useStepLog(batch.id, stepKey, maker.id);
  const navigate = useNavigate();
  const [dialog, setDialog] = useState<StepDialog>('');
  const state = log?.state ?? 'untouched';
  const pieces = step?.pieces ?? 0;
  const mine = log?.stretches.find((stretch) => stretch.to === null && stretch.maker === maker.id);
  const waits = waitsFor(batch, stepKey, view);
  const after = nextOf({ ...batch, steps: batch.steps.filter(({ key }) => key !== stepKey) }, view);
  const others = view.underWay.filter(
    (one) =>
      (one.batch.id !== batch.id || one.step.key !== stepKey) &&
      one.log?.stretches.some((stretch) => stretch.to === null && stretch.maker === maker.id),
  );
  const finish = () => {
    add({ how: 'done' });
    const next = nextFor(maker, view).find((one) => one.batch.id !== batch.id || one.step.key !== stepKey);
    const own = after && waitsForOthers(after.step, view, batch, stepKey) ? null : after;
    const goes = own ?? next;
    void navigate(goes ? stepLink(goes.batch.id, goes.step.key) : `/bench/${batch.id}`);
  };
  return (
    <main className="bench">
      <section className="bench-leaf" aria-label={words.stepAtHand}>
        <div className="bench-about">
          <StepHead batch={batch} step={step} stepKey={stepKey} />
          {waits.length > 0 && state === 'untouched' && (
            <p className="bench-note mt-2">
              {words.earlierSteps} {waits.join(', ')}.
            </p>
          )}
          {mine && <Forgotten stretch={mine} maker={maker} onCorrect={(...entries) => add(...entries)} />}
          {step && <About batch={batch} step={step} />}
          {!step && <p className="bench-note mt-3">{words.notAtTheBench}</p>}
          {mine && others.length > 0 && <p className="bench-aside mt-2">{words.atOnce}</p>}
          {refusal && (
            <p role="alert" className="bench-note mt-2">
              {refusal}
            </p>
          )}
        </div>
        <div className="pt-3">
          <Counts
            good={log?.good ?? 0}
            again={log?.again ?? 0}
            lost={log?.lost ?? 0}
            pieces={pieces}
            onCount={(detail) => add({ how: 'counted', detail })}
          />
          <StepActions
            step={step}
            state={state}
            isWorking={mine !== undefined}
            last={lastEntry(view.entries, batch.id, stepKey)}
            next={after?.step.name ?? ''}
            log={add}
            onDone={finish}
          />
        </div>
      </section>
      <section className="bench-leaf">
        <div className="bench-about">
          {log && <StepTimer log={log} step={step} />}
          <UnattendedTimers view={view} />
          <NextList
            heading={words.nextForYou}
            steps={nextFor(maker, view)
              .filter((one) => one.batch.id !== batch.id || one.step.key !== stepKey)
              .slice(0, 2)}
            isNarrow
            none={words.nothingIsScheduled}
          />
        </div>
        <div className="grid grid-cols-2 gap-3 pt-3">
          <button type="button" className="bench-press" onClick={() => setDialog('weigh')}>
            {words.weigh}
          </button>
          <PhotoButton of={{ batchId: batch.id, step: stepKey, maker: maker.id }} />
          <button type="button" className="bench-press" onClick={() => setDialog('more')}>
            {words.more}
          </button>
          <Link className="bench-press flex items-center justify-center" to={`/bench/${batch.id}`}>
            {words.allSteps}
          </Link>
        </div>
      </section>
      <StepDialogs
        dialog={dialog}
        view={view}
        batch={batch}
        stepKey={stepKey}
        maker={maker}
        isWorking={mine !== undefined}
        log={add}
        onClose={() => setDialog('')}
      />
    </main>
  );
}

/** Whether a step waits for others beside the one that ends now. */
function waitsForOthers(step: BenchStep, view: BenchView, batch: BenchBatch, ends: string): boolean {
  return step.after.some((key) => key !== ends && view.logOf(batch.id, key)?.state !== 'done');
}

function StepHead({ batch, step, stepKey }: { batch: BenchBatch; step: BenchStep | null; stepKey: string }) {
  const kind = stepKey.replace(EXTRA, '');
  return (
    <>
      <p className="bench-aside flex flex-wrap justify-between gap-x-4">
        <span>
          {batch.name}
          {batch.body.customer ? `, ${batch.body.customer}` : ''}
        </span>
        {step && (
          <span>
            step {step.index + 1} of{' '}
            {batch.steps.at(-1)?.index === undefined ? 1 : (batch.steps.at(-1)?.index ?? 0) + 1}
            {step.station ? ` · ${step.station}` : ''}
          </span>
        )}
      </p>
      <h1>{step ? `${stepTitle(step)}: ${String(step.pieces)}` : workKindOf(kind as never).name}</h1>
      {step && <p className="bench-aside mt-1">{timesInWords(step)}</p>}
    </>
  );
}

/** `set-up 6 min, about 8 min 50 each, then 20 min unattended` */
function timesInWords({ exactMin, exactOnceMin, pieces, unattendedMin }: BenchStep): string {
  const each = (exactMin - exactOnceMin) / Math.max(1, pieces);
  return [
    exactOnceMin > 0 ? `set-up ${shortMinutes(exactOnceMin)}` : '',
    each > 0 ? `about ${shortMinutes(each)} each` : '',
    unattendedMin > 0 ? `then ${shortMinutes(unattendedMin)} unattended` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function About({ batch, step }: { batch: BenchBatch; step: BenchStep }) {
  const basis = useBasis();
  const card = useMemo(() => {
    const count = batchCount(batch.body, batch.made, basis);
    const [line = ''] = step.key.split('/');
    const run = oneRunALine(count.runs).find((one) => one.line.id === line);
    return run ? stepCard(step, run, basis.studio.units) : null;
  }, [batch, step, basis]);
  return card && <StepAbout card={card} />;
}

function PhotoButton({ of }: { of: Pick<BenchPhoto, 'batchId' | 'step' | 'maker'> }) {
  const input = useRef<HTMLInputElement>(null);
  const [addPhoto, { isLoading, error, isSuccess }] = useAddBenchPhotoMutation();
  const problem = problemOf(error);
  return (
    <>
      <button type="button" className="bench-press" disabled={isLoading} onClick={() => input.current?.click()}>
        {words.photo}
        {isSuccess && <span className="block text-[15px] font-normal text-soft">{words.photoAdded}</span>}
        {problem?.type === WAITS && <span className="block text-[15px] font-normal text-soft">{words.photoWaits}</span>}
        {problem && problem.type !== WAITS && (
          <span className="block text-[15px] font-normal text-stop">{problem.detail}</span>
        )}
      </button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        aria-label={words.photo}
        tabIndex={-1}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void addPhoto({ entry: { uid: newId(), ...of, ...stampNow() }, file });
          target.value = '';
        }}
      />
    </>
  );
}
