// Times learned from the batches of this piece, offered beside the recipe's: nothing changes until the maker takes them.
import { clsx } from 'clsx';
import { useState } from 'react';
import type { LearnedStepPage } from '../../../contract/bench.ts';
import { learnedFigure } from '../../../core/bench/learned-figure.ts';
import { hasTaken, isWorthTaking, withLearnedTimes } from '../../../core/bench/take-times.ts';
import { showPrice } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import { countedNoun } from '../../../core/format/variants.ts';
import type { Piece } from '../../../core/piece/piece.ts';
import { Calculation } from '../../components/calculation.tsx';
import { ModalDialog } from '../../components/dialog.tsx';
import { FigureButton } from '../../components/figure-button.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Edit } from '../../hooks/use-document.ts';
import { pieceCount } from '../../state/piece-count.ts';
import { words } from '../../words/bench-story.ts';

interface LearnedTimesProps {
  readonly piece: Piece;
  readonly accepted: Piece;
  readonly learned: readonly LearnedStepPage[];
  readonly edit: Edit<Piece>;
}

export function LearnedTimes({ piece, accepted, learned, edit }: LearnedTimesProps) {
  const [asked, setAsked] = useState<readonly LearnedStepPage[] | null>(null);
  const [opened, setOpened] = useState('');
  const rows = piece.steps.flatMap((step) => {
    const own = learned.find(({ stepId }) => stepId === step.id);
    if (!own) return [];
    const before = accepted.steps.find(({ id }) => id === step.id) ?? step;
    return [{ step, own, isOffered: isWorthTaking(own, step) && !hasTaken(step, before, own) }];
  });
  const offered = rows.filter(({ isOffered }) => isOffered).map(({ own }) => own);
  return (
    <section aria-labelledby="learned-times" className="mt-6">
      <h2 id="learned-times" className="flex flex-wrap items-baseline justify-between gap-x-4">
        {words.learnedTimes}
        {offered.length > 0 && (
          <button type="button" className="link chrome text-[15px] font-normal" onClick={() => setAsked(offered)}>
            {words.takeAll}
          </button>
        )}
      </h2>
      {rows.length === 0 ? (
        <p className="aside">{words.noneLearnedYet}</p>
      ) : (
        <table className="rows">
          <TableHeader
            of={[
              'step',
              { end: 'recipe, min' },
              { end: 'learned, min' },
              { end: 'again' },
              { end: 'lost' },
              { hidden: 'use', width: 'w-[120px]' },
            ]}
          />
          {rows.map(({ step, own, isOffered }) => (
            <tbody key={step.id}>
              <tr className="border-b border-hair">
                <td className="first">
                  {own.step || 'step'}
                  <span className="aside block">{summaryOf(own)}</span>
                </td>
                <td className="end num text-soft">{minutesWords(own.setUpMin, own.eachMin)}</td>
                <td className="end">
                  <span className="inline-flex items-baseline gap-1 whitespace-nowrap">
                    {own.eachMin > 0 && own.learnedSetUpMin > 0 && (
                      <span className="num">{Number(own.learnedSetUpMin.toFixed(1))} + </span>
                    )}
                    <FigureButton
                      figure={learnedFigure(own, step.per)}
                      name={`${own.step}, ${words.learned}`}
                      isOpen={opened === step.id}
                      onToggle={() => setOpened(opened === step.id ? '' : step.id)}
                    />
                  </span>
                </td>
                <td className="end num text-soft">
                  {own.again && own.again.of > 0 ? `${String(own.again.hits)} of ${String(own.again.of)}` : ''}
                </td>
                <td className="end num text-soft">
                  {own.lost && own.lost.of > 0 ? `${String(own.lost.hits)} of ${String(own.lost.of)}` : ''}
                </td>
                <td className="end chrome">
                  {isOffered && (
                    <button
                      type="button"
                      className="link text-[14px]"
                      aria-label={`${words.useTimes}: ${own.step}`}
                      onClick={() => setAsked([own])}
                    >
                      {words.useTimes}
                    </button>
                  )}
                </td>
              </tr>
              {opened === step.id && (
                <tr>
                  <td colSpan={6}>
                    <Calculation figure={learnedFigure(own, step.per)} />
                    <SetApart own={own} />
                  </td>
                </tr>
              )}
            </tbody>
          ))}
        </table>
      )}
      {asked && <Take piece={piece} accepted={accepted} learned={asked} edit={edit} onClose={() => setAsked(null)} />}
    </section>
  );
}

/** `6 + 5.0 each`, `5.0`, `15`. */
function minutesWords(setUp: number, each: number): string {
  if (each === 0) return setUp.toFixed(1);
  return setUp === 0 ? each.toFixed(1) : `${String(Number(setUp.toFixed(1)))} + ${each.toFixed(1)}`;
}

/** `from 6 batches, likely 3.6 to 4.9`; a learning curve is named where it is really there. */
function summaryOf({ batches, eachMin, eachLikely, likely, setUpMin, setApart, curve }: LearnedStepPage): string {
  const [low, high] = eachMin > 0 ? eachLikely : likely.map((one) => one * setUpMin);
  const range = low === undefined || high === undefined ? '' : `likely ${low.toFixed(1)} to ${high.toFixed(1)}`;
  const practice = curve ? `each doubling takes ${String(Math.round(curve.perDoubling * 100))} %` : '';
  const apart = setApart.length > 0 ? `${String(setApart.length)} set apart` : '';
  return [`from ${countedNoun(batches, 'batch', 'batches')}`, range, apart, practice].filter(Boolean).join(', ');
}

/** Batches that are not learned from, and why. */
function SetApart({ own: { setApart } }: { own: LearnedStepPage }) {
  if (setApart.length === 0) return null;
  return (
    <ul className="pb-2 text-[14px] text-warn">
      {setApart.map((one) => (
        <li key={`${one.batchId} ${one.on}`} className="num">
          {shortDay(one.on)}: {countedNoun(one.pieces, 'piece')}, {Math.round(one.actualMin)} min, recipe{' '}
          {Math.round(one.expectedMin)}, {words.outlierWhy}
        </li>
      ))}
    </ul>
  );
}

/** What a blank field of a step stands for. */
const blankWords = { setUp: '0', each: '0', again: 'none', yield: 'all' } as const;

interface TakeProps extends LearnedTimesProps {
  readonly onClose: () => void;
}

/** Names what would change before it does: times, cost and the calculated prices. */
function Take({ piece, accepted, learned, edit, onClose }: TakeProps) {
  const basis = useBasis();
  const steps = piece.steps.map((step) => {
    const own = learned.find(({ stepId }) => stepId === step.id);
    if (!own) return step;
    // Times are learned beside the version in force, and what is done again is part of them.
    const { again } = accepted.steps.find(({ id }) => id === step.id) ?? step;
    return withLearnedTimes({ ...step, again }, own);
  });
  const [before, after] = [pieceCount(piece, basis), pieceCount({ ...piece, steps }, basis)];
  const money = (minor: number) => showPrice(Math.round(minor), basis.rates.currency);
  const prices = [
    ['Cost', before.column.cost.value, after.column.cost.value],
    ['Wholesale', before.prices.wholesale.value, after.prices.wholesale.value],
    ['Retail', before.prices.retail.value, after.prices.retail.value],
  ] as const;
  return (
    <ModalDialog
      wide
      open
      title={words.newTimes}
      description={words.takeLong}
      onClose={onClose}
      confirm={{
        label: words.useTimes,
        onConfirm: () => {
          edit('', (draft) => void (draft.steps = steps));
          onClose();
        },
      }}
    >
      <table className="rows mt-3">
        <TableHeader of={['step', { end: 'set-up' }, { end: 'each' }, { end: 'again' }, { end: 'yield' }]} />
        <tbody>
          {steps.flatMap((step, at) => {
            const old = piece.steps[at];
            if (!old || step === old) return [];
            return [
              <tr key={step.id} className="border-b border-hair">
                <td className="first">{step.name}</td>
                {(['setUp', 'each', 'again', 'yield'] as const).map((field) => (
                  <td key={field} className="end num">
                    {old[field] !== step[field] && (
                      <span className="aside mr-2 line-through">{old[field] || blankWords[field]}</span>
                    )}
                    {step[field]}
                  </td>
                ))}
              </tr>,
            ];
          })}
        </tbody>
      </table>
      <h2 className="mt-5">{words.pricesThatChange}</h2>
      <table className="rows">
        <TableHeader of={['', { end: 'now' }, { end: 'then' }]} />
        <tbody>
          {prices.map(([name, now, then]) => (
            <tr key={name} className="border-b border-hair">
              <td className="first">{name}</td>
              <td className="end num text-soft">{money(now)}</td>
              <td className={clsx('end num', Math.round(now) !== Math.round(then) && 'font-semibold')}>
                {money(then)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </ModalDialog>
  );
}
