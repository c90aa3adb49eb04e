// What to make next: what runs out, how many to make, and what to pack for a fair.
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { type DesignToMake, makeNext, type SizeToMake } from '../../../core/made/make-next.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Choice } from '../../components/choice.tsx';
import { MadeThumb } from '../../components/made-thumb.tsx';
import { FinishedNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { useMade } from '../../hooks/use-made.ts';
import { useStandings } from '../../hooks/use-standings.ts';
import { useAddBatchMutation } from '../../state/endpoints/batches.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { emptyBatch } from '../../state/new-batch.ts';
import { words } from '../../words/made.ts';
import { PackingList } from './packing-list.tsx';

const FIRST = { weeks: '6', chance: '' };
const FIELDS: readonly (keyof typeof FIRST)[] = ['weeks', 'chance'];
/** Cost of money and room, a year (common practice). */
const YEARLY_RATE = 0.08;

export function MakeNextScreen() {
  const made = useMade();
  const standings = useStandings(made);
  const [list, setList] = useListState('make-next', FIRST, FIELDS);
  const { rates } = useBasis();
  const plans = useMemo(
    () =>
      makeNext(standings, {
        weeks: Number(list.weeks),
        chance: list.chance === '' ? null : Number(list.chance),
        yearlyRate: YEARLY_RATE,
      }),
    [standings, list],
  );
  const needed = plans.filter(({ toMake }) => toMake > 0);
  const hours = needed.reduce((sum, plan) => sum + plan.hours, 0);
  return (
    <Spread
      title={words.makeNext}
      left={
        <>
          <FinishedNav />
          <h1>{words.makeNext}</h1>
          <p className="chrome mt-2 flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[15px]">
            <span>
              {words.weeksAhead}{' '}
              <Choice
                open
                value={list.weeks}
                options={['2', '4', '6', '9', '13', '26'].map((value) => ({ value, label: value }))}
                label={words.weeksAhead}
                onChange={(weeks) => setList({ ...list, weeks })}
              />
            </span>
            <span>
              {words.chanceWanted}{' '}
              <Choice
                open
                value={list.chance}
                options={[
                  { value: '', label: words.thatPays },
                  ...['0.7', '0.8', '0.9', '0.95'].map((value) => ({
                    value,
                    label: `${String(100 * Number(value))} %`,
                  })),
                ]}
                label={words.chanceWanted}
                onChange={(chance) => setList({ ...list, chance })}
              />
            </span>
          </p>
          {made.isThere && plans.length === 0 && <p className="mt-3 max-w-[60ch]">{words.noNextYet}</p>}
          {plans.length > 0 && needed.length === 0 && <p className="mt-3 text-good">{words.nothingToMake}</p>}
          {plans.map((plan) => (
            <DesignPlan key={plan.design.pieceId} plan={plan} />
          ))}
        </>
      }
      leftFoot={<span>{words.lyingCost}</span>}
      right={<PackingList made={made} standings={standings} />}
      rightFoot={<span className="ml-auto">{rates.currency}</span>}
      bottomLine={
        <span className="font-semibold">
          {needed.length > 0
            ? `${String(needed.reduce((sum, { toMake }) => sum + toMake, 0))} ${words.toMake}, ${showNumber(hours, 1)} h`
            : words.nothingToMake}
        </span>
      }
    />
  );
}

function DesignPlan({ plan }: { plan: DesignToMake }) {
  const { design, sizes, toMake, filledUp, hours, aim, aWeek, stretches } = plan;
  const { rates } = useBasis();
  const [open, setOpen] = useState(false);
  return (
    <section className="mt-4 border-b border-hair pb-3" aria-label={design.name}>
      <div className="flex flex-wrap items-center gap-x-4">
        <MadeThumb item={{ photo: '', pieceId: design.pieceId }} />
        <h2 className="flex-1">
          <Link className="link" to={`/pieces/${design.pieceId}`}>
            {design.name}
          </Link>
        </h2>
        {toMake > 0 ? (
          <span className="text-[17px]">
            <b className="num">{toMake}</b> {words.toMake}
            <span className="aside">
              {', '}
              <span className="num">{showNumber(hours, 1)} h</span>
              {filledUp > 0 && `, ${String(filledUp)} ${words.fillsTheLoad}`}
            </span>
          </span>
        ) : null}
        {toMake > 0 && <MakeBatch plan={plan} />}
      </div>
      <table className="rows mt-1" aria-label={`${design.name}, ${words.size}`}>
        <TableHeader
          of={[
            words.size,
            { end: words.there },
            { end: words.onTheWay },
            { end: words.expected },
            { end: words.runsOut },
            { end: words.toMake },
          ]}
        />
        <tbody>
          {sizes.map((size) => (
            <SizeRow key={size.id} size={size} />
          ))}
        </tbody>
      </table>
      {stretches.map(({ missing, from }) => (
        <p key={missing} className="aside mt-1">
          {words.noneLeft} {words.ofSize} {missing}: {words.canStretch} {from} ({words.stretchNote})
        </p>
      ))}
      <button
        type="button"
        className="link chrome mt-1 text-[14px]"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        {showNumber(aWeek.value, 2)} {words.aWeek}, {words.chanceWanted.toLowerCase()} {showNumber(100 * aim.value, 0)}{' '}
        %, {showValue(design.leftMinor, rates.currency)} {words.profitEach}
      </button>
      {open && (
        <>
          <Calculation figure={aWeek} />
          <Calculation figure={aim} />
        </>
      )}
    </section>
  );
}

/** A chance above it is worth a warning. */
const LIKELY = 0.5;

function SizeRow({ size: { name, held, onTheWay, expected, chanceOfRunningOut, toMake } }: { size: SizeToMake }) {
  return (
    <tr className="border-b border-hair">
      <td className="first">
        {name || '–'}
        {held === 1 && <span className="aside">, {words.oneLeft.toLowerCase()}</span>}
      </td>
      <td className="end num">{held}</td>
      <td className="end num">{onTheWay || ''}</td>
      <td className="end num">{showNumber(expected, 1)}</td>
      <td className={`end num ${chanceOfRunningOut > LIKELY ? 'font-semibold text-warn' : ''}`}>
        {showNumber(100 * chanceOfRunningOut, 0)} %
      </td>
      <td className="end num font-semibold">{toMake || ''}</td>
    </tr>
  );
}

function MakeBatch({ plan: { design, sizes } }: { plan: DesignToMake }) {
  const { data: pieces = [] } = useGetPiecesQuery();
  const [add, { isLoading }] = useAddBatchMutation();
  const navigate = useNavigate();
  const piece = pieces.find(({ id }) => id === design.pieceId);
  if (!piece || piece.revision === 0) return null;
  const make = async () => {
    const quantities = Object.fromEntries(
      sizes.filter(({ toMake }) => toMake > 0).map(({ id, toMake }) => [id, String(toMake)]),
    );
    const line = { id: crypto.randomUUID(), pieceId: piece.id, pieceRevision: piece.revision, quantities, units: [] };
    const answer = await add({ ...emptyBatch, kind: 'stock', due: '', lines: [line] });
    if (answer.data) void navigate(`/batches/${answer.data.id}`);
  };
  return (
    <button type="button" className="button chrome" disabled={isLoading} onClick={() => void make()}>
      {words.makeABatch}
    </button>
  );
}
