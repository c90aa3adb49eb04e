// A week at the bench: hours by batch, kind of work or maker, as a chart, a table and CSV.
import { clsx } from 'clsx';
import { useState } from 'react';
import type { WorkedPage } from '../../../contract/bench.ts';
import { showHours } from '../../../core/figure/show.ts';
import { shortDay } from '../../../core/format/days.ts';
import { dayAfter, weekdayOf } from '../../../core/measure/days.ts';
import { workKindOf } from '../../../core/work/work-kinds.ts';
import { PlanNav } from '../../components/section-nav.tsx';
import { Spread } from '../../components/spread.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { saveTable } from '../../hooks/save-table.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { useNow } from '../../hooks/use-now.ts';
import { useGetHoursQuery } from '../../state/endpoints/bench.ts';
import { words } from '../../words/bench-story.ts';
import { groupHours, type HoursBy } from './group-hours.ts';
import { HoursChart } from './hours-chart.tsx';

const WEEK = 7;
const ways = [
  { by: 'batch', name: words.byBatch },
  { by: 'kind', name: words.byKind },
  { by: 'maker', name: words.byMaker },
] as const satisfies readonly { by: HoursBy; name: string }[];

export function HoursScreen() {
  const { day } = useNow();
  const { rates } = useBasis();
  const [weeksAgo, setWeeksAgo] = useState(0);
  const [by, setBy] = useState<HoursBy>('batch');
  const monday = dayAfter(day, -weekdayOf(day) - WEEK * weeksAgo);
  const sunday = dayAfter(monday, WEEK - 1);
  // Never the hours of another week.
  const { currentData } = useGetHoursQuery({ from: monday, to: sunday });
  const rows = currentData ?? [];
  const makerOf = (id: string) => rates.bench.makers.find((maker) => maker.id === id)?.name ?? 'somebody';
  const nameOf = (row: WorkedPage) => ({ batch: row.batch, kind: kindName(row.kind), maker: makerOf(row.maker) })[by];
  const groups = groupHours(rows, nameOf);
  const total = rows.reduce((sum, { minutes }) => sum + minutes, 0);
  const save = () => {
    const body = rows.map((row) => [row.on, row.batch, kindName(row.kind), makerOf(row.maker), row.minutes.toFixed(1)]);
    void saveTable([['day', 'batch', 'kind', 'maker', 'minutes'], ...body], `hours ${monday}.csv`);
  };
  const title = `${words.week} ${shortDay(monday)} to ${shortDay(sunday)}`;
  return (
    <Spread
      title={words.hours}
      left={
        <>
          <PlanNav />
          <h1>{title}</h1>
          <p className="chrome mt-1 flex flex-wrap gap-x-4 text-[15px]">
            <button type="button" className="link" onClick={() => setWeeksAgo(weeksAgo + 1)}>
              {words.weekBefore}
            </button>
            <button type="button" className="link" disabled={weeksAgo === 0} onClick={() => setWeeksAgo(weeksAgo - 1)}>
              {words.nextWeek}
            </button>
            {ways.map(({ by: way, name }) => (
              <button
                key={way}
                type="button"
                aria-pressed={by === way}
                className={clsx(by === way ? 'font-[650] shadow-[inset_0_-2px_0_var(--ink)]' : 'link')}
                onClick={() => setBy(way)}
              >
                {name}
              </button>
            ))}
            <button type="button" className="link ml-auto" disabled={rows.length === 0} onClick={save}>
              {words.csv}
            </button>
          </p>
          {currentData?.length === 0 ? (
            <p className="mt-6 text-soft">{words.noHours}</p>
          ) : (
            <HoursChart
              groups={groups}
              days={Array.from({ length: WEEK }, (_, ahead) => dayAfter(monday, ahead))}
              dayOf={({ on }) => on}
            />
          )}
        </>
      }
      right={
        <>
          <p className="text-[19px] font-bold">{showHours(total)}</p>
          <table className="rows mt-3" aria-label={words.hours}>
            <TableHeader of={[by, { end: 'hours' }]} />
            <tbody>
              {groups.map(({ name, minutes, tint }) => (
                <tr key={name} className="border-b border-hair">
                  <td className="first">
                    <span
                      className="mr-2 inline-block size-[11px] border"
                      style={{ background: `var(--tint-${tint})`, borderColor: `var(--tint-${tint}-line)` }}
                      aria-hidden="true"
                    />
                    {name}
                  </td>
                  <td className="end num">{showHours(minutes)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      }
      bottomLine={<span className="font-semibold">{showHours(total)}</span>}
    />
  );
}

function kindName(kind: string): string {
  return workKindOf(kind as Parameters<typeof workKindOf>[0]).name;
}
