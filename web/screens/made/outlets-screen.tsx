// Shops and other outlets: their terms, what is there, and the statement of a month.
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { pathTo } from '../../../contract/route.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import { showValue } from '../../../core/figure/show.ts';
import { shopStatement } from '../../../core/made/consignment-statement.ts';
import { itemName } from '../../../core/made/made-item.ts';
import { type MadePlace, outletKinds } from '../../../core/made/made-place.ts';
import { emptyOutlet, type NewOutlet, type Outlet } from '../../../core/made/outlet.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import { Choice } from '../../components/choice.tsx';
import { DateField } from '../../components/date-field.tsx';
import { Failure } from '../../components/failure.tsx';
import { Field } from '../../components/field.tsx';
import { FinishedNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useMadeBooked } from '../../components/use-made-booked.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { type Made, useMade } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useKeepOutletMutation, useMovePiecesMutation } from '../../state/endpoints/made.ts';
import { outletWords, words } from '../../words/made.ts';

const FIRST = { chosen: '' };

export function OutletsScreen() {
  const made = useMade();
  const [list, setList] = useListState('outlets', FIRST, []);
  const chosen = made.outlets.find(({ id }) => id === list.chosen) ?? made.outlets[0];
  const thereAt = ({ id, kind }: Outlet) =>
    made.held.reduce((sum, { place, count }) => sum + (place === `${kind}/${id}` ? count : 0), 0);
  return (
    <Spread
      title={words.outlets}
      left={
        <>
          <FinishedNav />
          <h1>{words.outlets}</h1>
          {made.isThere && made.outlets.length === 0 && <p className="mt-3 max-w-[60ch]">{words.noOutletsYet}</p>}
          {made.outlets.length > 0 && (
            <table className="rows mt-3" aria-label={words.outlets}>
              <TableHeader of={[words.name, words.kind, { end: words.there }]} />
              <tbody>
                {made.outlets.map((outlet) => (
                  <tr key={outlet.id} className={`border-b border-hair ${outlet.isClosed ? 'text-soft' : ''}`}>
                    <td className="first">
                      <button
                        type="button"
                        className={`link ${outlet.id === chosen?.id ? 'font-semibold' : ''}`}
                        aria-current={outlet.id === chosen?.id}
                        onClick={() => setList({ chosen: outlet.id })}
                      >
                        {outlet.name}
                      </button>
                    </td>
                    <td className="aside">
                      {outletWords[outlet.kind]}
                      {outlet.isClosed && `, ${words.closed}`}
                    </td>
                    <td className="end num">{thereAt(outlet) || ''}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {chosen && <OutletForm key={chosen.id} outlet={chosen} />}
          <AddOutlet onAdded={(id) => setList({ chosen: id })} />
        </>
      }
      right={chosen ? <OutletStatement key={chosen.id} outlet={chosen} made={made} /> : <></>}
      bottomLine={
        <span className="font-semibold">{chosen ? `${chosen.name}: ${String(thereAt(chosen))}` : words.outlets}</span>
      }
    />
  );
}

function OutletForm({ outlet: { id, ...kept } }: { outlet: Outlet }) {
  const { channels } = useBasis().rates.selling;
  const [keep, { error }] = useKeepOutletMutation();
  const [typed, setTyped] = useState<NewOutlet>(kept);
  const change = (part: Partial<NewOutlet>) => setTyped({ ...typed, ...part });
  const save = (next: NewOutlet) => void keep({ id, ...next });
  const choose = (part: Partial<NewOutlet>) => {
    change(part);
    save({ ...typed, ...part });
  };
  const onBlur = () => {
    if (JSON.stringify(typed) !== JSON.stringify(kept) && typed.name.trim()) save(typed);
  };
  return (
    <section className="chrome mt-5" aria-labelledby="terms" onBlur={onBlur}>
      <h2 id="terms">{kept.name}</h2>
      <p className="flex flex-wrap items-baseline gap-x-5 gap-y-1 text-[15px]">
        <span>
          {words.name}{' '}
          <Field open value={typed.name} label={words.name} maxLength={120} onChange={(name) => change({ name })} />
        </span>
        <span>
          {words.channel}{' '}
          <Choice
            open
            value={typed.channel}
            options={[{ value: '', label: words.cash }, ...channels.map((one) => ({ value: one.id, label: one.name }))]}
            label={words.channel}
            onChange={(channel) => choose({ channel })}
          />
        </span>
        <span>
          {words.commission}{' '}
          <Field
            open
            className="num"
            value={typed.commission}
            label={words.commission}
            unit="%"
            placeholder={words.ofTheChannel}
            onChange={(commission) => change({ commission })}
          />
        </span>
        <span>
          {words.status}{' '}
          <Choice
            open
            value={typed.isClosed ? 'closed' : 'open'}
            options={[
              { value: 'open', label: words.isOpen },
              { value: 'closed', label: words.closed },
            ]}
            label={words.status}
            onChange={(status) => choose({ isClosed: status === 'closed' })}
          />
        </span>
        <span>
          {words.address}{' '}
          <Field
            open
            value={typed.address}
            label={words.address}
            maxLength={400}
            onChange={(address) => change({ address })}
          />
        </span>
      </p>
      <Failure of={[error]} />
    </section>
  );
}

function AddOutlet({ onAdded }: { onAdded: (id: string) => void }) {
  const [keep, { error, isLoading }] = useKeepOutletMutation();
  const [kind, setKind] = useState<NewOutlet['kind']>('shop');
  const [name, setName] = useState('');
  const add = async () => {
    const id = crypto.randomUUID();
    const answer = await keep({ ...emptyOutlet, id, kind, name: name.trim() });
    if (answer.error) return;
    setName('');
    onAdded(id);
  };
  return (
    <section className="chrome mt-5" aria-labelledby="add-outlet">
      <h2 id="add-outlet">{words.addOutlet}</h2>
      <p className="flex flex-wrap items-baseline gap-x-3 text-[15px]">
        <Choice
          open
          value={kind}
          options={outletKinds.map((value) => ({ value, label: outletWords[value] }))}
          label={words.kind}
          onChange={(next) => setKind(next as NewOutlet['kind'])}
        />
        <Field open value={name} label={words.name} placeholder={words.name} maxLength={120} onChange={setName} />
        <button type="button" className="button" disabled={isLoading || !name.trim()} onClick={() => void add()}>
          {words.add}
        </button>
      </p>
      <Failure of={[error]} />
    </section>
  );
}

function OutletStatement({ outlet, made }: { outlet: Outlet; made: Made }) {
  const { day } = useNow();
  const { rates } = useBasis();
  const month = day.slice(0, 7);
  const lastDay = dayAfter(`${month}-01`, -1);
  const [period, setPeriod] = useState({ from: `${lastDay.slice(0, 7)}-01`, until: lastDay });
  const place: MadePlace = `${outlet.kind}/${outlet.id}`;
  const statement = shopStatement(made.entries, place, period.from, period.until);
  const money = (minor: number) => showValue(minor, rates.currency);
  const nameOf = (id: string) => itemName(made.itemOf.get(id) ?? { name: id, sizeName: '' });
  const bought = made.entries
    .filter(
      ({ kind, buyer, on, correctedBy }) =>
        kind === 'sold' && correctedBy === null && buyer === outlet.name && on >= period.from && on <= period.until,
    )
    .reduce((sum, { lines }) => sum + lines.reduce((all, { paidMinor }) => all + paidMinor, 0), 0);
  const query = `?from=${period.from}&until=${period.until}`;
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h2>
          {words.statement}: {outlet.name}
        </h2>
        <a
          className="link chrome text-[14px]"
          href={pathTo(sheetRoutes.statementPdf, { id: outlet.id }) + query}
          target="_blank"
          rel="noreferrer"
        >
          {words.statement}, PDF
        </a>
      </div>
      <p className="mt-1 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-[15px]">
        <DateField value={period.from} label={words.from} onChange={(from) => from && setPeriod({ ...period, from })} />{' '}
        –{' '}
        <DateField
          value={period.until}
          label={words.statement}
          onChange={(until) => until && setPeriod({ ...period, until })}
        />
        <button type="button" className="link chrome" onClick={() => setPeriod({ from: `${month}-01`, until: day })}>
          {words.thisMonth}
        </button>
        <button
          type="button"
          className="link chrome"
          onClick={() => setPeriod({ from: `${lastDay.slice(0, 7)}-01`, until: lastDay })}
        >
          {words.lastMonth}
        </button>
      </p>
      {statement.lines.length === 0 && bought === 0 && <p className="aside mt-2">{words.noSaleInMonth}</p>}
      {statement.lines.length > 0 && (
        <table className="rows mt-2" aria-label={words.statement}>
          <TableHeader
            of={[words.sold, { end: words.count }, { end: words.paid }, { end: words.commission }, { end: words.due }]}
          />
          <tbody>
            {statement.lines.map((line) => (
              <tr key={line.item} className="border-b border-hair">
                <td className="first">{nameOf(line.item)}</td>
                <td className="end num">{line.count}</td>
                <td className="end num">{money(line.paidMinor)}</td>
                <td className="end num">{money(line.commissionMinor)}</td>
                <td className="end num">{money(line.dueMinor)}</td>
              </tr>
            ))}
            <tr className="font-semibold">
              <td className="first">{words.total}</td>
              <td />
              <td className="end num">{money(statement.paidMinor)}</td>
              <td className="end num">{money(statement.commissionMinor)}</td>
              <td className="end num">{money(statement.dueMinor)}</td>
            </tr>
          </tbody>
        </table>
      )}
      {bought > 0 && (
        <p className="mt-2 text-[15px]">
          {words.sold}, {outlet.name}: <b className="num">{money(bought)}</b>
        </p>
      )}
      <ThereNow made={made} outlet={outlet} place={place} brought={statement.brought} takenBack={statement.takenBack} />
    </>
  );
}

interface ThereNowProps {
  readonly made: Made;
  readonly outlet: Outlet;
  readonly place: MadePlace;
  readonly brought: number;
  readonly takenBack: number;
}

function ThereNow({ made, place, brought, takenBack }: ThereNowProps) {
  const { day } = useNow();
  const navigate = useNavigate();
  const [move, { error, isLoading }] = useMovePiecesMutation();
  const booked = useMadeBooked();
  const there = made.held.filter((one) => one.place === place);
  const takeBack = async () => {
    const picks = there.map(({ item, grade, count }) => ({ item, place, grade, count }));
    booked(await move({ on: day, to: 'studio', picks, why: '' }), words.tookBack);
  };
  return (
    <section className="mt-6" aria-labelledby="there-now">
      <h2 id="there-now">{words.thereNow}</h2>
      <p className="aside">
        {words.broughtThere} {brought}, {words.takenBack} {takenBack}
      </p>
      {there.length > 0 && (
        <>
          <ul className="mt-1 list-disc pl-5 text-[15px]">
            {there.map(({ item, grade, count }) => (
              <li key={`${item} ${grade}`}>
                <span className="num">{count} ×</span> {itemName(made.itemOf.get(item) ?? { name: item, sizeName: '' })}
              </li>
            ))}
          </ul>
          <p className="chrome mt-2 flex flex-wrap gap-x-4 text-[15px]">
            <button
              type="button"
              className="link"
              onClick={() => void navigate(`/made?place=${encodeURIComponent(place)}`)}
            >
              {words.sell}
            </button>
            <button type="button" className="link" disabled={isLoading} onClick={() => void takeBack()}>
              {words.takeAllBack}
            </button>
          </p>
        </>
      )}
      <Failure of={[error]} />
    </section>
  );
}
