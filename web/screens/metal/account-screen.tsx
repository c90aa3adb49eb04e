// The metal account: where all metal came from, is and went in a period, and what it is worth.
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { AccountPage } from '../../../contract/account.ts';
import { sheetRoutes } from '../../../contract/sheets.ts';
import {
  type AlloyStatement,
  type Balance,
  cameIn,
  fineHeld,
  heldAfter,
  statements,
  statementTable,
  wentOut,
} from '../../../core/account/balance.ts';
import { type FineMetal, fineMetals, type MetalEntry } from '../../../core/account/entry.ts';
import { type HeldKind, heldKinds, isOwned } from '../../../core/account/place.ts';
import { valuation } from '../../../core/account/valuation.ts';
import { dayInFigures, shortDay } from '../../../core/format/days.ts';
import { metalByPlace } from '../../../core/made/made-balance.ts';
import { dayAfter } from '../../../core/measure/days.ts';
import { fixMetalNames } from '../../../core/metal/fine-price.ts';
import { DateField } from '../../components/date-field.tsx';
import { gramsOfMg, MetalEntries } from '../../components/metal-entries.tsx';
import { MetalNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useListState } from '../../hooks/use-list-state.ts';
import { useMade } from '../../hooks/use-made.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useGetAccountQuery, useGetEntriesQuery } from '../../state/endpoints/account.ts';
import { useGetFixesQuery } from '../../state/endpoints/metal.ts';
import { heldWords, words } from '../../words/account.ts';
import { HeldBars } from './held-bars.tsx';
import { ValueTable } from './value-table.tsx';

const NO_DAY = { from: '', until: '' };

export function AccountScreen() {
  const { day } = useNow();
  const [asked, setAsked] = useListState('account', NO_DAY, []);
  const period = { from: asked.from || `${day.slice(0, 4)}-01-01`, until: asked.until || day };
  const { data } = useGetAccountQuery(period);
  const rows = useMemo(() => (data ? statements(data.before, data.flows) : []), [data]);
  const held = useMemo(() => (data ? heldAfter(data.before, data.flows) : []), [data]);
  const owned = held.filter(({ place }) => isOwned(place));
  return (
    <Spread
      title={words.metalAccount}
      left={
        <>
          <MetalNav />
          <div className="flex flex-wrap items-baseline justify-between gap-x-5">
            <h1>{words.metalAccount}</h1>
            <span className="chrome flex gap-4">
              <button type="button" className="link text-[15px]" onClick={() => saveStatement(rows, period)}>
                {words.exportCsv}
              </button>
              <button type="button" className="link text-[15px]" onClick={() => window.print()}>
                {words.print}
              </button>
            </span>
          </div>
          <Period period={period} day={day} onChange={setAsked} />
          {data && rows.length === 0 && <p className="mt-3 max-w-[56ch]">{words.noMetalYet}</p>}
          {rows.length > 0 && <Statement rows={rows} />}
          <Entries key={`${period.from} ${period.until}`} period={period} />
        </>
      }
      leftFoot={<span>{words.balanced}</span>}
      right={data && <Right page={data} held={held} />}
      rightFoot={
        <span>
          {shortDay(period.from)} – {shortDay(period.until)}
        </span>
      }
      bottomLine={
        <span className="font-semibold">
          {words.ownAt}: {gramsOfMg(owned.reduce((sum, { fine }) => sum + fine.Ag, 0))} g {fixMetalNames.Ag}
        </span>
      }
    />
  );
}

interface PeriodProps {
  readonly period: { readonly from: string; readonly until: string };
  readonly day: string;
  readonly onChange: (period: { from: string; until: string }) => void;
}

function Period({ period, day, onChange }: PeriodProps) {
  const year = day.slice(0, 4);
  const month = day.slice(0, 7);
  const lastDay = dayAfter(`${month}-01`, -1);
  const quick = [
    { name: words.thisMonth, from: `${month}-01`, until: day },
    { name: words.lastMonth, from: `${lastDay.slice(0, 7)}-01`, until: lastDay },
    { name: words.thisYear, from: `${year}-01-01`, until: day },
  ];
  return (
    <p className="mt-2 flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[15px]">
      <span>
        {words.from}{' '}
        <DateField value={period.from} label={words.from} onChange={(from) => onChange({ ...period, from })} />
      </span>
      <span>
        {words.until}{' '}
        <DateField value={period.until} label={words.until} onChange={(until) => onChange({ ...period, until })} />
      </span>
      {quick.map(({ name, from, until }) => (
        <button key={name} type="button" className="link chrome" onClick={() => onChange({ from, until })}>
          {name}
        </button>
      ))}
    </p>
  );
}

function Statement({ rows }: { rows: readonly AlloyStatement[] }) {
  const { alloys } = useBasis().rates;
  const some = (mg: number) => (mg === 0 ? '' : gramsOfMg(mg));
  return (
    <table className="rows mt-4" aria-label={words.whereItWent}>
      <TableHeader
        of={[
          words.alloy,
          { end: words.atStart },
          { end: words.cameIn },
          { end: words.wentOut },
          { end: words.lost },
          { end: words.byMelting },
          { end: words.atEnd },
        ]}
      />
      <tbody>
        {rows.map((row) => (
          <tr key={row.alloy} className="border-b border-hair">
            <td className="first">{alloys.get(row.alloy)?.name ?? row.alloy}</td>
            <td className="end num">{gramsOfMg(row.start)}</td>
            <td className="end num">{some(cameIn(row))}</td>
            <td className="end num">{some(wentOut(row))}</td>
            <td className="end num">{some(-row.outside.loss)}</td>
            <td className="end num">{some(row.converted)}</td>
            <td className="end num font-semibold">{gramsOfMg(row.end)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function saveStatement(rows: readonly AlloyStatement[], { from, until }: PeriodProps['period']): void {
  void saveTable(statementTable(rows), `metal account ${dayInFigures(from)} to ${dayInFigures(until)}.csv`);
}

const PAGE = 200;

function Entries({ period }: { period: PeriodProps['period'] }) {
  const [before, setBefore] = useState<number | undefined>();
  const [earlier, setEarlier] = useState<readonly MetalEntry[]>([]);
  const { data = [] } = useGetEntriesQuery({ ...period, ...(before !== undefined && { before }) });
  const all = before === undefined ? data : [...earlier, ...data];
  return (
    <section className="mt-6" aria-labelledby="entries">
      <div className="flex items-baseline justify-between">
        <h2 id="entries">{words.entries}</h2>
        <a
          className="link chrome text-[14px]"
          href={`${sheetRoutes.entriesCsv.path}?from=${period.from}&until=${period.until}`}
          download
        >
          {words.entries}, CSV
        </a>
      </div>
      <MetalEntries entries={all} label={words.entries} />
      {data.length === PAGE && (
        <button
          type="button"
          className="link chrome mt-2"
          onClick={() => {
            setEarlier(all);
            setBefore(all.at(-1)?.id);
          }}
        >
          {words.showMore}
        </button>
      )}
    </section>
  );
}

function Right({ page, held }: { page: AccountPage; held: readonly Balance[] }) {
  const { rates } = useBasis();
  const { data: fixes } = useGetFixesQuery();
  const prices = fixes?.find(({ on }) => on <= page.until) ?? null;
  const values = useMemo(() => valuation(held, page.costs, prices), [held, page.costs, prices]);
  const fine = fineHeld(held);
  const metals = fineMetals.filter((metal) => heldKinds.some((kind) => fine[kind][metal] !== 0));
  return (
    <>
      <h2>{words.ownAt}</h2>
      {metals.length === 0 && <p className="aside mt-1">{words.none}</p>}
      {metals.length > 0 && <FineTable fine={fine} metals={metals} />}
      {metals.map((metal) => (
        <HeldBars key={metal} metal={metal} fine={fine} />
      ))}
      <FinishedByPlace />
      <h2 className="mt-6">{words.worth}</h2>
      <ValueTable values={values} prices={prices} until={page.until} />
      {page.untouched.length > 0 && (
        <>
          <h2 className="mt-6">{words.untouched}</h2>
          <ul className="mt-1 list-disc pl-5 text-[15px]">
            {page.untouched.map(({ id, number, alloy, mg, since }) => (
              <li key={id}>
                <Link className="link" to={`/lots/${id}`}>
                  {words.lot} {number}
                </Link>
                , {rates.alloys.get(alloy)?.name ?? alloy}, <span className="num">{gramsOfMg(mg)} g</span>,{' '}
                {shortDay(since)}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

/** Where the metal of finished pieces lies: in the studio, and with shops. */
function FinishedByPlace() {
  const { held, itemOf, placeName } = useMade();
  const places = metalByPlace(held, itemOf);
  if (places.length === 0) return null;
  return (
    <p className="aside mt-2">
      {words.finishedLie}{' '}
      {places.map(({ place, mg }, at) => (
        <span key={place}>
          {at > 0 && ', '}
          {placeName(place)} <span className="num">{gramsOfMg(mg)} g</span>
        </span>
      ))}
    </p>
  );
}

interface FineTableProps {
  readonly fine: ReturnType<typeof fineHeld>;
  readonly metals: readonly FineMetal[];
}

function FineTable({ fine, metals }: FineTableProps) {
  const kinds: HeldKind[] = heldKinds.filter((kind) => metals.some((metal) => fine[kind][metal] !== 0));
  const own = kinds.filter((kind) => kind !== 'kept');
  return (
    <table className="rows" aria-label={words.ownAt}>
      <TableHeader of={[words.whereItIs, ...metals.map((metal) => ({ end: `${fixMetalNames[metal]}, g` }))]} />
      <tbody>
        {own.map((kind) => (
          <tr key={kind} className="border-b border-hair">
            <td className="first">{heldWords[kind]}</td>
            {metals.map((metal) => (
              <td key={metal} className="end num">
                {gramsOfMg(fine[kind][metal])}
              </td>
            ))}
          </tr>
        ))}
        <tr className="font-semibold">
          <td className="first">{words.total}</td>
          {metals.map((metal) => (
            <td key={metal} className="end num">
              {gramsOfMg(own.reduce((sum, kind) => sum + fine[kind][metal], 0))}
            </td>
          ))}
        </tr>
        {kinds.length > own.length && (
          <tr className="text-soft">
            <td className="first">{heldWords.kept}</td>
            {metals.map((metal) => (
              <td key={metal} className="end num">
                {gramsOfMg(fine.kept[metal])}
              </td>
            ))}
          </tr>
        )}
      </tbody>
    </table>
  );
}
