// The right page of a batch: completion date, grams to issue, hours, money.
import { useMemo } from 'react';
import { type Batch, type BatchState, batchStates, isDone } from '../../../core/batch/batch.ts';
import { goodsOfRun, goodsTogether } from '../../../core/batch/buying/goods.ts';
import type { BatchCount } from '../../../core/batch/count-batch.ts';
import { runPrices } from '../../../core/batch/run-price.ts';
import { stateAfter, stateWords } from '../../../core/batch/states.ts';
import { showValue } from '../../../core/figure/show.ts';
import { dayInWords } from '../../../core/format/days.ts';
import { capital, local } from '../../../core/format/variants.ts';
import { sectionInWords } from '../../../core/stock/words.ts';
import { Choice } from '../../components/choice.tsx';
import { type CountRow, CountTable } from '../../components/count-table.tsx';
import { SectionGlyph } from '../../components/section-glyph.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { words } from '../../words/batch.ts';
import type { Done } from '../../words/done-in.ts';
import { daysLate } from '../../words/late.ts';

interface BatchCountPageProps {
  readonly body: Batch;
  readonly count: BatchCount;
  readonly done: Done | null;
  readonly onState: (state: BatchState) => void;
}

export function BatchCountPage({ body, count, done, onState }: BatchCountPageProps) {
  return (
    <>
      <div className="flex items-start justify-between gap-4">
        <Promise body={body} done={done} />
        <StateButtons state={body.state} onState={onState} />
      </div>
      <h2 className="mt-5">{words.metalToIssue}</h2>
      <CountTable label={words.metalToIssue} rows={issueRows(count)} />
      <GoodsToIssue count={count} />
      <h2 className="mt-6">{words.batchTotals}</h2>
      <CountTable label={words.batchTotals} heads={['quantity', 'total']} rows={sumRows(count)} />
      <OtherPrices count={count} />
    </>
  );
}

const stateOptions = () => batchStates.map((value) => ({ value, label: local(stateWords[value].name) }));

function StateButtons({ state, onState }: { state: BatchState; onState: (state: BatchState) => void }) {
  const next = stateAfter(state);
  return (
    <div className="chrome text-right">
      {next && (
        <button type="button" className="button" onClick={() => onState(next)}>
          {stateWords[state].onward}
        </button>
      )}
      <p className="aside mt-1">
        status{' '}
        <Choice
          small
          open
          value={state}
          options={stateOptions()}
          label={words.statusOfTheBatch}
          onChange={(value) => onState(value as BatchState)}
        />
      </p>
    </div>
  );
}

function Promise({ body, done }: { body: Batch; done: Done | null }) {
  if (isDone(body))
    return <p className="text-[19px] font-bold text-good">{capital(local(stateWords[body.state].name))}</p>;
  if (!done) return <p className="text-soft">{words.noPlanYet}</p>;
  const isLate = done.daysLate > 0;
  return (
    <div>
      <p className={isLate ? 'text-[19px] font-bold text-stop' : 'text-[19px] font-bold'}>Completion {done.words}</p>
      <p className={isLate ? 'text-stop' : 'text-soft'}>
        {body.due ? `Due ${dayInWords(body.due)}` : 'no due date'}
        {isLate && `, ${daysLate(done.daysLate)}`}
      </p>
    </div>
  );
}

function issueRows(count: BatchCount): CountRow[] {
  const lines = count.issue.map(({ alloy, section, grams }, index): CountRow => {
    const label = (
      <span className="flex items-center gap-2">
        <SectionGlyph section={section} alloy={alloy} />
        <span>
          {alloy.name}
          <span className="aside block">{sectionInWords(section)}</span>
        </span>
      </span>
    );
    return { key: String(index), label, name: `${alloy.name}, ${sectionInWords(section)}`, each: grams, eachUnit: 'g' };
  });
  return [...lines, { key: 'all', label: words.total, each: count.grams, eachUnit: 'g', kind: 'total' }];
}

/** Solder by the gram, findings by number and weight. */
function GoodsToIssue({ count }: { count: BatchCount }) {
  const goods = useMemo(() => goodsTogether(count.runs.flatMap(goodsOfRun)), [count]);
  if (goods.length === 0) return null;
  return (
    <>
      <h2 className="mt-5">{words.solderAndFindingsToIssue}</h2>
      <CountTable
        label={words.solderAndFindingsToIssue}
        rows={goods.map(({ key, name, unit, need, grams }): CountRow => {
          return { key, label: name, each: need, ...(unit && { eachUnit: unit }), ...(grams && { takes: grams }) };
        })}
      />
    </>
  );
}

/** Pieces whose price was set for another batch size: both prices. */
function OtherPrices({ count }: { count: BatchCount }) {
  const { data: pieces } = useGetPiecesQuery();
  const { rates } = useBasis();
  const others = useMemo(() => {
    const priced = new Map(pieces?.map((piece) => [piece.id, piece.priced]));
    return runPrices(count.runs, (id) => priced.get(id) ?? null, rates.currency);
  }, [pieces, count, rates]);
  return others.map(({ name, usual, here, set, calculated }) => (
    <p key={name} className="note mt-2">
      {name}: wholesale price <b className="num">{showValue(set, rates.currency)}</b>, set for batches of {usual}. This
      batch of {here} calculates to <b className="num">{showValue(calculated, rates.currency)}</b>.
    </p>
  ));
}

function sumRows(count: BatchCount): CountRow[] {
  return [
    { key: 'hands', label: words.benchTime, takes: count.hands },
    { key: 'itself', label: words.unattendedTime, takes: count.unattended, kind: 'subtotal' },
    { key: 'cost', label: words.cost, each: count.cost },
    { key: 'left', label: words.profitAtWholesale, each: count.left },
    { key: 'worth', label: words.wholesaleValue, each: count.wholesale, kind: 'total' },
  ];
}
