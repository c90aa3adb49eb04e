// A fair ticked off: from what was brought and what came home follows what was sold.
import { useState } from 'react';
import { itemName } from '../../../core/made/made-item.ts';
import type { MadePlace } from '../../../core/made/made-place.ts';
import { Choice } from '../../components/choice.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import type { Made } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useTickOffFairMutation } from '../../state/endpoints/made.ts';
import { words } from '../../words/made.ts';

export function TickOffFair({ made }: { made: Made }) {
  const fairs = [...new Set(made.held.map(({ place }) => place))].filter((place) => place.startsWith('fair/'));
  const [chosen, setChosen] = useState('');
  const place = (chosen || fairs[0]) as MadePlace | undefined;
  return (
    <section className="chrome mt-6" aria-labelledby="tick-off">
      <h2 id="tick-off">{words.tickOff}</h2>
      {!place && <p className="aside mt-1">{words.noFairThere}</p>}
      {place && (
        <>
          <p className="mt-1">
            <Choice
              open
              value={place}
              options={fairs.map((value) => ({ value, label: made.placeName(value) }))}
              label={words.fair}
              onChange={setChosen}
            />
          </p>
          <TickOffForm key={place} made={made} place={place} />
        </>
      )}
    </section>
  );
}

interface Typed {
  readonly home: string;
  readonly price: string;
}

function TickOffForm({ made, place }: { made: Made; place: MadePlace }) {
  const { day } = useNow();
  const { rates } = useBasis();
  const [tick, { error, isLoading }] = useTickOffFairMutation();
  const booked = useMadeBooked();
  const [typed, setTyped] = useState<Readonly<Record<string, Typed>>>({});
  const [customers, setCustomers] = useState('');
  const { channels } = rates.selling;
  const [channel, setChannel] = useState(channels.find(({ kind }) => kind === 'retail')?.id ?? '');
  const rows = made.held.filter((one) => one.place === place);
  const write = (key: string, part: Partial<Typed>) =>
    setTyped({ ...typed, [key]: { home: '', price: '', ...typed[key], ...part } });
  const isWhole = rows.every(({ item, grade }) => typed[`${item} ${grade}`]?.home.trim());
  const save = async () => {
    const home = rows.map(({ item, grade }) => ({ item, grade, home: '0', price: '', ...typed[`${item} ${grade}`] }));
    booked(await tick({ on: day, channel, place, home, customers }), words.booked);
  };
  return (
    <>
      <p className="aside mt-1">{words.tickOffHelp}</p>
      <table className="rows mt-1" aria-label={words.tickOff}>
        <TableHeader of={[words.piece, { end: words.brought }, { end: words.cameHome }, { end: words.price }]} />
        <tbody>
          {rows.map(({ item, grade, count }) => {
            const key = `${item} ${grade}`;
            const known = made.itemOf.get(item);
            const name = known ? itemName(known) : item;
            return (
              <tr key={key} className="border-b border-hair">
                <td className="first">{name}</td>
                <td className="end num">{count}</td>
                <td className="end num">
                  <Field
                    end
                    open
                    className="num"
                    column="home"
                    value={typed[key]?.home ?? ''}
                    label={`${name}, ${words.cameHome}`}
                    onChange={(home) => write(key, { home })}
                  />
                </td>
                <td className="end num">
                  <Field
                    end
                    open
                    className="num"
                    column="price"
                    value={typed[key]?.price ?? ''}
                    label={`${name}, ${words.price}`}
                    placeholder={words.setPrice}
                    onChange={(price) => write(key, { price })}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
        <Choice
          open
          value={channel}
          options={[{ value: '', label: words.cash }, ...channels.map(({ id, name }) => ({ value: id, label: name }))]}
          label={words.channel}
          onChange={setChannel}
        />
        <span>
          {words.customers}{' '}
          <Field open className="num" value={customers} label={words.customers} onChange={setCustomers} />{' '}
          <span className="aside">{words.customersHelp}</span>
        </span>
        <button type="button" className="button" disabled={isLoading || !isWhole} onClick={() => void save()}>
          {words.book}
        </button>
      </p>
      <Failure of={[error]} />
    </>
  );
}
