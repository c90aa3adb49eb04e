// What happens with the chosen pieces: moved, sold, graded, or written off.
import { useState } from 'react';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { showValue } from '../../../core/figure/show.ts';
import { type Grade, grades } from '../../../core/made/made-entry.ts';
import { itemName } from '../../../core/made/made-item.ts';
import { type MadePlace, outletAt } from '../../../core/made/made-place.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import {
  useGradePiecesMutation,
  useLeavePiecesMutation,
  useMovePiecesMutation,
  useSellPiecesMutation,
} from '../../state/endpoints/made.ts';
import { useGetPiecesQuery } from '../../state/endpoints/pieces.ts';
import { gradeWords, words } from '../../words/made.ts';

/** Chosen pieces at one place. */
interface Picked {
  readonly item: string;
  readonly place: MadePlace;
  readonly grade: Grade;
  readonly count: number;
}

interface PickActionsProps {
  readonly made: Made;
  readonly picks: readonly Picked[];
  readonly place: MadePlace;
  /** Customer of the batch whose pieces were chosen; '' for none. */
  readonly customer: string;
  readonly onDone: () => void;
}

type What = 'move' | 'sell' | 'grade' | 'leave';

export function PickActions({ made, picks, place, customer, onDone }: PickActionsProps) {
  const [what, setWhat] = useState<What>(customer ? 'sell' : 'move');
  const options: readonly { readonly value: What; readonly label: string }[] = [
    { value: 'move', label: words.moveTo },
    { value: 'sell', label: words.sell },
    { value: 'grade', label: words.changeGrade },
    { value: 'leave', label: words.leave },
  ];
  const count = picks.reduce((sum, pick) => sum + pick.count, 0);
  const form = { made, picks, place, customer, onDone };
  return (
    <section className="chrome" aria-labelledby="what-happens">
      <h2 id="what-happens">{words.whatHappens}</h2>
      {count === 0 && <p className="aside mt-1">{words.chooseFirst}</p>}
      {count > 0 && (
        <>
          <p className="mt-1 text-[15px]">
            <b className="num">{count}</b> {words.chosen}:{' '}
            {picks
              .map(
                (pick) =>
                  `${String(pick.count)} × ${itemName(made.itemOf.get(pick.item) ?? { name: '', sizeName: '' })}`,
              )
              .join(', ')}
          </p>
          <p className="mt-1 text-[15px]">
            <a
              className="link"
              href={`${sheetRoutes.madeTagsPdf.path}?picks=${picks.map((pick) => `${pick.item}*${String(pick.count)}`).join(',')}`}
              target="_blank"
              rel="noreferrer"
            >
              {words.tags}, PDF
            </a>
          </p>
          <p className="mt-2">
            <Choice
              open
              value={what}
              options={options}
              label={words.whatHappens}
              onChange={(next) => setWhat(next as What)}
            />
          </p>
          {what === 'move' && <MoveForm {...form} />}
          {what === 'sell' && <SellForm {...form} />}
          {what === 'grade' && <GradeForm {...form} />}
          {what === 'leave' && <LeaveForm {...form} />}
        </>
      )}
    </section>
  );
}

function MoveForm({ made, picks, place, onDone }: PickActionsProps) {
  const { day } = useNow();
  const [move, { error, isLoading }] = useMovePiecesMutation();
  const booked = useMadeBooked();
  const others = made.places.filter(({ value }) => value !== place);
  const [to, setTo] = useState('');
  const target = to || (others[0]?.value ?? '');
  const save = async () => {
    if (booked(await move({ on: day, to: target, picks: [...picks], why: '' }), words.booked)) onDone();
  };
  return (
    <>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-3 text-[15px]">
        <Choice open value={target} options={others} label={words.moveTo} onChange={setTo} />
        <button type="button" className="button" disabled={isLoading || !target} onClick={() => void save()}>
          {words.book}
        </button>
      </p>
      <Failure of={[error]} />
    </>
  );
}

function SellForm({ made, picks, place, customer, onDone }: PickActionsProps) {
  const { day } = useNow();
  const { rates } = useBasis();
  const { channels } = rates.selling;
  const [sell, { error, isLoading }] = useSellPiecesMutation();
  const booked = useMadeBooked();
  const outlet = outletAt(place);
  const usual = made.outlets.find(({ id, name }) => id === outlet?.id || name === customer)?.channel;
  const [channel, setChannel] = useState<string | null>(null);
  const [buyer, setBuyer] = useState(customer);
  const [prices, setPrices] = useState<Readonly<Record<number, string>>>({});
  const through = channel ?? usual ?? channels.find(({ kind }) => kind === 'retail')?.id ?? '';
  const isWholesale = channels.some(({ id, kind }) => id === through && kind === 'wholesale');
  const setPrice = useSetPrice(isWholesale);
  const save = async () => {
    const sale = {
      on: day,
      channel: through,
      buyer,
      picks: [...picks],
      prices: picks.map((_, at) => prices[at] ?? ''),
      why: '',
    };
    if (booked(await sell(sale), words.booked)) onDone();
  };
  const shops = made.outlets.filter(({ kind, isClosed }) => kind === 'shop' && !isClosed);
  return (
    <>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <span>
          {words.channel}{' '}
          <Choice
            open
            value={through}
            options={[
              { value: '', label: words.cash },
              ...channels.map(({ id, name }) => ({ value: id, label: name })),
            ]}
            label={words.channel}
            onChange={setChannel}
          />
        </span>
        <span>
          {words.buyer}{' '}
          {isWholesale ? (
            <Choice
              open
              value={buyer}
              options={[{ value: '', label: '–' }, ...shops.map(({ name }) => ({ value: name, label: name }))]}
              label={words.buyer}
              onChange={setBuyer}
            />
          ) : (
            <Field open value={buyer} label={words.buyer} placeholder="–" maxLength={120} onChange={setBuyer} />
          )}
        </span>
      </p>
      {picks.map(({ item, count }, at) => {
        const known = made.itemOf.get(item);
        const usualPrice = known ? setPrice(known.pieceId) : null;
        return (
          <p key={`${item} ${String(at)}`} className="mt-1 flex flex-wrap items-baseline gap-x-2 text-[15px]">
            <span className="num">{count} ×</span> {known && itemName(known)},{' '}
            <Field
              open
              className="num"
              value={prices[at] ?? ''}
              label={`${known ? itemName(known) : ''}, ${words.priceOfOne}`}
              placeholder={usualPrice === null ? words.priceOfOne : showValue(usualPrice, rates.currency)}
              onChange={(text) => setPrices({ ...prices, [at]: text })}
            />
          </p>
        );
      })}
      <button type="button" className="button mt-2" disabled={isLoading} onClick={() => void save()}>
        {words.sell}
      </button>
      <Failure of={[error]} />
    </>
  );
}

/** The set price of a design, minor units; null where the server has to compute it. */
function useSetPrice(isWholesale: boolean): (pieceId: string) => number | null {
  const { data: pieces = [] } = useGetPiecesQuery();
  return (pieceId) => {
    const priced = pieces.find(({ id }) => id === pieceId)?.priced;
    return priced ? (isWholesale ? priced.wholesaleMinor : priced.retailMinor) : null;
  };
}

function GradeForm({ picks, onDone }: PickActionsProps) {
  const { day } = useNow();
  const [change, { error, isLoading }] = useGradePiecesMutation();
  const booked = useMadeBooked();
  const [grade, setGrade] = useState<Grade>('second');
  const save = async () => {
    if (booked(await change({ on: day, grade, picks: [...picks], why: '' }), words.booked)) onDone();
  };
  return (
    <>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-3 text-[15px]">
        <Choice
          open
          value={grade}
          options={grades.map((value) => ({ value, label: gradeWords[value] }))}
          label={words.changeGrade}
          onChange={(next) => setGrade(next as Grade)}
        />
        <button type="button" className="button" disabled={isLoading} onClick={() => void save()}>
          {words.book}
        </button>
      </p>
      <Failure of={[error]} />
    </>
  );
}

function LeaveForm({ picks, onDone }: PickActionsProps) {
  const { day } = useNow();
  const [leave, { error, isLoading }] = useLeavePiecesMutation();
  const booked = useMadeBooked();
  const [how, setHow] = useState<'melted' | 'given' | 'lost'>('melted');
  const [why, setWhy] = useState('');
  const options = [
    { value: 'melted', label: words.melt },
    { value: 'given', label: words.give },
    { value: 'lost', label: words.lose },
  ];
  const save = async () => {
    if (booked(await leave({ on: day, how, picks: [...picks], why }), words.booked)) onDone();
  };
  return (
    <>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-3 text-[15px]">
        <Choice
          open
          value={how}
          options={options}
          label={words.leave}
          onChange={(next) => setHow(next as typeof how)}
        />
        <Field
          open
          wide
          value={why}
          label={words.reason}
          placeholder={words.reason}
          maxLength={400}
          onChange={setWhy}
        />
        <button type="button" className="button" disabled={isLoading || !why.trim()} onClick={() => void save()}>
          {words.book}
        </button>
      </p>
      <Failure of={[error]} />
    </>
  );
}
