// What to make next: what runs out, how many to make, and what to pack for a fair.
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { showValue } from '../../../core/figure/show.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { type ChannelDemand, channelRate } from '../../../core/made/channel-demand.ts';
import { fairDaysWithin, FAIRS } from '../../../core/made/demand-channels.ts';
import { type DesignToMake, makeNext, type SizeToMake } from '../../../core/made/make-next.ts';
import { Calculation } from '../../components/calculation.tsx';
import { Choice } from '../../components/choice.tsx';
import { MadeThumb } from '../../components/made-thumb.tsx';
import { FinishedNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { useFairDays } from '../../hooks/use-fair-days.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { useMade } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useStandings } from '../../hooks/use-standings.ts';
import { useAddBatchMutation } from '../../state/endpoints/batches.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { emptyBatch } from '../../state/new-batch.ts';
import { words } from '../../words/made.ts';
import { PackingList } from './packing-list.tsx';

/** Money and room cost about 8 % a year (common practice). */
const FIRST = { weeks: '6', chance: '', rate: '0.08' };
const FIELDS: readonly (keyof typeof FIRST)[] = ['weeks', 'chance', 'rate'];

export function MakeNextScreen() {
  const made = useMade();
  const standings = useStandings(made);
  const [list, setList] = useListState('make-next', FIRST, FIELDS);
  const { rates } = useBasis();
  const fairs = useFairDays();
  const { day } = useNow();
  const plans = useMemo(
    () =>
      makeNext(standings, {
        weeks: Number(list.weeks),
        chance: list.chance === '' ? null : Number(list.chance),
        yearlyRate: Number(list.rate),
        fairDays: (weeks) => fairDaysWithin(fairs, day, weeks),
      }),
    [standings, list, fairs, day],
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
            <span>
              {words.lyingRate}{' '}
              <Choice
                open
                value={list.rate}
                options={['0', '0.04', '0.08', '0.12', '0.2'].map((value) => ({
                  value,
                  label: `${showNumber(100 * Number(value), 0)} %`,
                }))}
                label={words.lyingRate}
                onChange={(rate) => setList({ ...list, rate })}
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
        made.isThere && (
          <span className="font-semibold">
            {needed.length > 0
              ? `${String(needed.reduce((sum, { toMake }) => sum + toMake, 0))} ${words.toMake}, ${showNumber(hours, 1)} h`
              : words.nothingToMake}
          </span>
        )
      }
    />
  );
}

function DesignPlan({ plan }: { plan: DesignToMake }) {
  const { design, sizes, toMake, filledUp, hours, aim, channels, stretches } = plan;
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
        {channels.map(rateWords).join(', ')}
      </button>
      {open && (
        <>
          {channels.map((channel) => (
            <Calculation key={channel.key} figure={channelRate(channel)} />
          ))}
          <Calculation figure={aim} />
        </>
      )}
      <p className="aside">
        {words.chanceWanted} {showNumber(100 * aim.value, 0)} %, {showValue(design.leftMinor, rates.currency)}{' '}
        {words.profitEach}
      </p>
    </section>
  );
}

/** `Own site 0.31 a week`, `fairs 3.2 a day, 2 days planned`, `Shops 0.4 a week, to order`. */
function rateWords({ key, name, unit, belief, over, isToOrder }: ChannelDemand): string {
  const label = key === FAIRS ? words.fairs : name || words.directSales;
  const rate = showNumber(belief.sales / belief.weeks, 2);
  if (unit === 'week') return `${label} ${rate} ${words.aWeek}${isToOrder ? ` (${words.toOrder})` : ''}`;
  return `${label} ${rate} ${words.aDay} (${over > 0 ? `${String(over)} ${words.daysPlanned}` : words.noFairPlanned})`;
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
