// What came of the batch at the bench: each step's minutes and counts beside its estimate, its metal, its money.
import { clsx } from 'clsx';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { MadeLine } from '../../../core/batch/batch-run.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { benchSteps } from '../../../core/bench/batch-steps.ts';
import { type BatchStory, batchStory, type StepStory } from '../../../core/bench/batch-story.ts';
import {
  actualMinutes,
  finishedByRecipe,
  labourDifference,
  storyMinutes,
  weighedMetal,
} from '../../../core/bench/story-figures.ts';
import { BenchPhotos } from '../../components/bench-photos.tsx';
import { Calculation } from '../../components/calculation.tsx';
import { type CountRow, CountTable } from '../../components/count-table.tsx';
import { FigureButton } from '../../components/figure-button.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { momentNow } from '../../hooks/use-seconds.ts';
import { withWaiting } from '../../state/bench-entries.ts';
import { useGetBatchLogQuery } from '../../state/endpoints/bench.ts';
import { useAppSelector } from '../../state/store.ts';
import { happeningWords } from '../../words/bench.ts';
import { words } from '../../words/bench-story.ts';

/** @returns null while nothing was logged */
export function useBatchStory(id: string, made: readonly MadeLine[]): BatchStory | null {
  const { data } = useGetBatchLogQuery(id);
  const requests = useAppSelector(({ waiting }) => waiting.requests);
  const { rates } = useBasis();
  return useMemo(() => {
    const entries = withWaiting(data?.entries ?? [], requests).filter(({ batchId }) => batchId === id);
    if (!entries.some(({ how }) => how !== 'pinned' && how !== 'let-go')) return null;
    return batchStory(id, benchSteps(made, rates.alloys), entries, momentNow());
  }, [data, requests, id, made, rates]);
}

export function BatchStoryTable({ story, id }: { story: BatchStory; id: string }) {
  const { rates } = useBasis();
  const [opened, setOpened] = useState('');
  const nameOf = (maker: string) => rates.bench.makers.find((one) => one.id === maker)?.name ?? '';
  const done = story.steps.filter(({ state, index }) => state === 'done' && index >= 0).length;
  const all = story.steps.filter(({ index }) => index >= 0).length;
  return (
    <section aria-labelledby="batch-story" className="mt-6">
      <h2 id="batch-story" className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span>
          {words.atTheBench}
          <span className="aside ml-3 font-normal">
            {done} of {all} steps done
          </span>
        </span>
        <Link className="link chrome text-[15px] font-normal" to={`/bench/${id}`}>
          {words.openInTheBench}
        </Link>
      </h2>
      <table className="rows">
        <TableHeader
          of={[
            'step',
            'maker',
            { end: `${words.estimate}, min` },
            { end: `${words.actual}, min` },
            { hidden: 'difference', width: 'w-[96px]' },
            { end: 'good' },
            { end: 'again' },
            { end: 'lost' },
          ]}
        />
        {story.steps.map((step) => (
          <tbody key={step.key}>
            <tr className="border-b border-hair">
              <td className={clsx('first', step.state === 'started' && 'font-semibold')}>
                {step.name}
                {step.index < 0 && <span className="aside ml-2">{words.notInTheRoute}</span>}
                {step.state !== 'done' && step.state !== 'untouched' && (
                  <span className="aside ml-2">{step.state === 'left' ? 'unattended' : step.state}</span>
                )}
                {step.notes.length > 0 && (
                  <span className="aside block">
                    {[...new Set(step.notes)].map((what) => happeningWords[what]).join(', ')}
                  </span>
                )}
                <BenchPhotos of={step.photos} />
              </td>
              <td className="text-soft">{[...step.byMaker.keys()].map(nameOf).filter(Boolean).join(', ')}</td>
              <td className="end num text-soft">{step.index < 0 ? '' : step.estimatedMin.toFixed(1)}</td>
              <td className="end">
                {step.actualMin > 0 && (
                  <FigureButton
                    figure={actualMinutes(step, nameOf)}
                    name={`${step.name}, ${words.actual}`}
                    isOpen={opened === step.key}
                    onToggle={() => setOpened(opened === step.key ? '' : step.key)}
                  />
                )}
              </td>
              <td>{step.state === 'done' && step.index >= 0 && <Difference step={step} />}</td>
              <td className="end num">{step.good > 0 ? step.good : ''}</td>
              <td className="end num">{step.again > 0 ? step.again : ''}</td>
              <td className={clsx('end num', step.lost > 0 && 'text-stop')}>{step.lost > 0 ? step.lost : ''}</td>
            </tr>
            {opened === step.key && (
              <tr>
                <td colSpan={8}>
                  <Calculation figure={actualMinutes(step, nameOf)} />
                </td>
              </tr>
            )}
          </tbody>
        ))}
      </table>
    </section>
  );
}

/** Full width of the bar: this many times the estimate. */
const MOST = 1;

/** A bar from the middle: left took less, right took more. */
function Difference({ step: { estimatedMin, actualMin } }: { step: StepStory }) {
  const share = estimatedMin > 0 ? actualMin / estimatedMin - 1 : 0;
  const width = Math.min(1, Math.abs(share) / MOST) * 50;
  const label = `${share < 0 ? '−' : '+'}${String(Math.round(Math.abs(share) * 100))} %`;
  return (
    <span className="flex items-center gap-2" title={label}>
      <span className="relative inline-block h-[10px] w-[48px] bg-hair" aria-hidden="true">
        <span
          className={clsx('absolute inset-y-0', share > 0 ? 'bg-warn' : 'bg-good')}
          style={share > 0 ? { left: '50%', width: `${String(width)}%` } : { right: '50%', width: `${String(width)}%` }}
        />
        <span className="absolute inset-y-[-2px] left-1/2 w-px bg-rule" />
      </span>
      <span className="num text-[13px]">{label}</span>
    </span>
  );
}

/** Totals of the batch: time, labour, metal. */
export function StoryTotals({ story, count }: { story: BatchStory; count: BatchCount }) {
  const { rates } = useBasis();
  const { estimated, actual, left } = storyMinutes(story);
  const rows: CountRow[] = [
    { key: 'time', label: words.benchTime, takes: estimated, each: actual, eachUnit: 'min' },
    { key: 'left', label: words.leftToDo, each: left, eachUnit: 'min' },
    { key: 'labour', label: words.differenceInLabour, each: labourDifference(story, rates.labour) },
  ];
  return (
    <>
      <h2 className="mt-6">{words.atTheBench}</h2>
      <CountTable label={words.atTheBench} heads={[words.estimate, words.actual]} rows={rows} />
      <MetalWeighed story={story} count={count} />
    </>
  );
}

function MetalWeighed({ story, count }: { story: BatchStory; count: BatchCount }) {
  const { issued, finished, scrap, loss, isUnusual } = weighedMetal(story);
  if (!issued && !finished && !scrap) return null;
  const rows: CountRow[] = [
    { key: 'in', label: words.metalIssued, takes: count.grams, each: issued, eachUnit: 'g' },
    { key: 'out', label: words.finishedPieces, takes: finishedByRecipe(count), each: finished, eachUnit: 'g' },
    { key: 'scrap', label: words.scrapReturned, each: scrap, eachUnit: 'g' },
    { key: 'loss', label: words.lossOfMetal, each: loss, eachUnit: 'g' },
  ];
  return (
    <>
      <h2 className="mt-6">{words.metal}</h2>
      <CountTable label={words.metal} heads={[words.estimate, words.actual]} rows={rows} />
      {isUnusual && <p className="note mt-2">{words.lossUnusual}</p>}
    </>
  );
}
