// What if: a maker away, a station out of service, a rush order, an extra maker. Shown beside today's plan, then saved
// or dismissed.
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { STUDIO_ID } from '../../../contract/studio.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import { sizesOf } from '../../../core/piece/all-sizes.ts';
import { benchIf, nothingChanged, studioIf, type WhatIf } from '../../../core/plan/studio/what-if.ts';
import { PlanNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { type Planned, usePlan, useTrialPlan } from '../../hooks/use-plan.ts';
import { TRIAL_ID, type TrialTyped, useTrialJob } from '../../hooks/use-trial-job.ts';
import { tabId } from '../../state/device/tab.ts';
import { useAddBatchMutation, useGetBatchesQuery } from '../../state/endpoints/batches.ts';
import { documentEndpoints } from '../../state/endpoints/documents.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { studioApi } from '../../state/endpoints/studio.ts';
import { emptyBatch, lineOf } from '../../state/new-batch.ts';
import { problemOf } from '../../state/saving.ts';
import { useAppDispatch } from '../../state/store.ts';
import { momentInWords } from '../../words/done-in.ts';
import { daysLate } from '../../words/late.ts';
import { batchName, stretchInWords } from '../../words/plan-words.ts';
import { words } from '../../words/what-if.ts';
import { WhatIfFields } from './what-if-fields.tsx';

export function WhatIfScreen() {
  const { data: batches } = useGetBatchesQuery();
  const { data: pieces } = useGetPiecesQuery();
  const { day } = useNow();
  const { rates } = useBasis();
  const planned = usePlan(batches);
  const [change, setChange] = useState<WhatIf>(nothingChanged);
  const [rush, setRush] = useState<TrialTyped | null>(null);
  const trial = useTrialJob(pieces, rush);
  const base = planned && !('sentence' in planned) ? planned : null;
  const jobs = useMemo(() => base && (trial ? [...base.jobs, trial] : base.jobs), [base, trial]);
  const terms = useMemo(
    () => base && { ...base.terms, bench: benchIf(base.terms.bench, change, rates.week) },
    [base, change, rates],
  );
  const changed = useTrialPlan(base, jobs, terms);
  const isChanged = Boolean(change.away ?? change.out ?? change.extra ?? trial);
  const nameOf = (id: string) => (id === TRIAL_ID ? words.theRushOrder : batchName(batches ?? [], id));
  return (
    <Spread
      title={words.whatIf}
      left={
        <>
          <PlanNav />
          <h1>{words.whatIf}</h1>
          <WhatIfFields
            change={change}
            rush={rush}
            bench={rates.bench}
            pieces={pieces ?? []}
            tomorrow={dayAfter(day, 1)}
            onChange={setChange}
            onRush={setRush}
          />
          {planned && 'sentence' in planned && <p className="note note-stop mt-4">{planned.sentence}</p>}
          {base && <SideBySide before={base} after={isChanged ? changed : null} nameOf={nameOf} />}
        </>
      }
      leftFoot={<span>{words.nothingIsSavedUntilYou}</span>}
      right={
        base && (
          <Verdict
            before={base}
            after={isChanged ? changed : null}
            onThrowAway={() => {
              setChange(nothingChanged);
              setRush(null);
            }}
            keep={<Keep change={change} rush={rush} />}
          />
        )
      }
      bottomLine={<span className="font-semibold">{isChanged ? words.result : words.noChangesYet}</span>}
    />
  );
}

interface CompareProps {
  readonly before: Planned;
  readonly after: Planned | null;
}

function SideBySide({ before, after, nameOf }: CompareProps & { readonly nameOf: (batch: string) => string }) {
  const was = new Map(before.plan.done.map((one) => [one.batch, one]));
  const dues = new Map((after ?? before).jobs.map(({ id, batch }) => [id, batch.due || '9999']));
  const rows = (after?.plan.done ?? before.plan.done).toSorted((a, b) =>
    (dues.get(a.batch) ?? '').localeCompare(dues.get(b.batch) ?? ''),
  );
  return (
    <table className="rows mt-5" aria-label={words.theCurrentScheduleAndThis}>
      <TableHeader of={['batch', { end: 'current schedule' }, { end: 'then' }, { end: 'moves' }]} />
      <tbody>
        {rows.map((row) => {
          const earlier = was.get(row.batch);
          const by = earlier && after ? row.at - earlier.at : 0;
          return (
            <tr key={row.batch} className="border-b border-hair">
              <td className="first">{nameOf(row.batch)}</td>
              <td className="end num text-[14px]">
                {earlier ? momentInWords(before.plan, earlier.at) : <span className="aside">{words.notInIt}</span>}
                {earlier && earlier.daysLate > 0 && (
                  <span className="block text-[13px] text-stop">{daysLate(earlier.daysLate)}</span>
                )}
              </td>
              <td className="end num text-[14px]">
                {after && momentInWords(after.plan, row.at)}
                {after && row.daysLate > 0 && (
                  <span className="block text-[13px] text-stop">{daysLate(row.daysLate)}</span>
                )}
              </td>
              <td className={`end num text-[14px] ${by > 0 ? 'text-stop' : by < 0 ? 'text-good' : ''}`}>
                {after &&
                  earlier &&
                  (Math.abs(by) < 1 ? (
                    <span className="aside">{words.not}</span>
                  ) : (
                    `${stretchInWords(by)} ${by > 0 ? 'later' : 'sooner'}`
                  ))}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function Verdict({
  before,
  after,
  onThrowAway,
  keep,
}: CompareProps & { readonly onThrowAway: () => void; readonly keep: React.ReactNode }) {
  if (!after) return <p className="text-soft">{words.enterAChangeOnThe}</p>;
  if ('sentence' in after) return null;
  const late = (of: Planned) => of.plan.done.filter(({ daysLate: days }) => days > 0).length;
  const by = after.plan.objective.makespan - before.plan.objective.makespan;
  return (
    <>
      <h2>{words.result}</h2>
      <p className="text-[19px] font-bold">
        {Math.abs(by) < 1
          ? words.finishedAtTheSameTime
          : `All work is finished ${stretchInWords(by)} ${by > 0 ? 'later' : 'sooner'}`}
      </p>
      <p className={late(after) > late(before) ? 'text-stop' : 'text-soft'}>
        {late(before)} late now, {late(after)} {words.lateWithTheChangeAll}{' '}
        {momentInWords(after.plan, after.plan.objective.makespan)}.
      </p>
      {after.isFinding && <p className="aside">{words.lookingForABetterSchedule}</p>}
      <div className="chrome mt-4 flex items-start gap-4">
        {keep}
        <button type="button" className="link mt-2" onClick={onThrowAway}>
          {words.discard}
        </button>
      </div>
    </>
  );
}

/** Saves it: days off, outages and extra makers in Studio, the rush order as a batch. */
function Keep({ change, rush }: { change: WhatIf; rush: TrialTyped | null }) {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { data: pieces } = useGetPiecesQuery();
  const [addBatch] = useAddBatchMutation();
  const [says, setSays] = useState('');
  const keep = async () => {
    if (change.away ?? change.out ?? change.extra) {
      const key = { kind: 'studio', id: STUDIO_ID } as const;
      const { data: studio } = await dispatch(
        studioApi.endpoints.getStudio.initiate(undefined, { forceRefetch: true }),
      );
      if (!studio) return;
      if (studio.isDraft) {
        setSays(words.yourSettingsHaveUnsavedChanges);
        return;
      }
      const body = studioIf(studio.body, change, crypto.randomUUID());
      const saved = await dispatch(
        documentEndpoints.saveDraft.initiate({ ...key, version: studio.version, body, writer: tabId() }),
      );
      const version = (saved.data as { version: number } | undefined)?.version;
      const accepted =
        version === undefined ? saved : await dispatch(documentEndpoints.acceptDraft.initiate({ ...key, version }));
      if (accepted.error) {
        setSays(problemOf(accepted.error)?.detail ?? words.cantConnectToNoonLedger);
        return;
      }
    }
    const piece = rush && pieces?.find(({ id }) => id === rush.pieceId);
    if (rush && piece) {
      const size = sizesOf(piece.accepted ?? piece.body)[0]?.id ?? '';
      const lines = [lineOf(piece.id, piece.revision, size, rush.quantity)];
      await addBatch({ ...emptyBatch, kind: 'order', lines, due: rush.due, priority: rush.priority });
    }
    await navigate('/plan');
  };
  return (
    <span>
      <button type="button" className="button" onClick={() => void keep()}>
        {words.apply}
      </button>
      {says && <span className="problem block">{says}</span>}
    </span>
  );
}
