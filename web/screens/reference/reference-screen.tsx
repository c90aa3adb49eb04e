// The reference tables: left a table, right the chosen line with its calculation and source.
import { clsx } from 'clsx';
import { Printer } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Spread } from '../../components/spread.tsx';
import { words } from '../../words/reference.ts';
import { AlloyTable } from './alloy-table.tsx';
import { GaugeTable } from './gauge-table.tsx';
import { HallmarkTable } from './hallmark-table.tsx';
import { RingTable } from './ring-table.tsx';
import { SolderTable } from './solder-table.tsx';

const tables = {
  gauges: { name: 'Gauges', show: GaugeTable },
  alloys: { name: 'Alloys', show: AlloyTable },
  solders: { name: 'Solders', show: SolderTable },
  rings: { name: 'Ring sizes', show: RingTable },
  hallmarks: { name: 'Fineness and marks', show: HallmarkTable },
} as const;
type TableName = keyof typeof tables;

export function ReferenceScreen() {
  const [search, setSearch] = useSearchParams();
  const [sought, setSought] = useState('');
  const [shown, setShown] = useState<ReactNode>(null);
  const asked = search.get('table') ?? '';
  const current: TableName = asked in tables ? (asked as TableName) : 'gauges';
  const { name, show: Table } = tables[current];
  return (
    <Spread
      printsLeftOnly
      title={`Reference, ${name}`}
      left={
        <>
          <div className="chrome flex flex-wrap items-center justify-between gap-x-5 gap-y-2">
            <nav aria-label={words.tables} className="flex flex-wrap gap-x-1">
              {(Object.keys(tables) as TableName[]).map((table) => (
                <button
                  key={table}
                  type="button"
                  aria-current={table === current ? 'page' : undefined}
                  className={clsx(
                    'px-[10px] py-[5px]',
                    table === current ? 'font-[650] shadow-[inset_0_-2px_0_var(--ink)]' : 'text-soft hover:text-ink',
                  )}
                  onClick={() => {
                    setShown(null);
                    setSearch({ table });
                  }}
                >
                  {tables[table].name}
                </button>
              ))}
            </nav>
            <span className="flex items-center gap-3">
              <input
                type="search"
                className="w-[12em] rounded-[3px] border border-rule bg-page px-2 py-[4px] text-[15px]"
                aria-label={words.search}
                placeholder={words.search}
                value={sought}
                onChange={(event) => setSought(event.target.value)}
              />
              <button
                type="button"
                className="rounded p-1 text-soft hover:text-ink"
                title={words.printThisTable}
                onClick={() => window.print()}
              >
                <Printer size={18} aria-label={words.printThisTable} />
              </button>
            </span>
          </div>
          <h1 className="mt-4">{name}</h1>
          <Table key={current} sought={sought.trim().toLowerCase()} onShow={setShown} />
        </>
      }
      leftFoot={<span>{words.typicalValuesYourSuppliersData}</span>}
      right={shown ?? <p className="text-soft">{words.selectARowToSee}</p>}
      bottomLine={<span className="font-semibold">{shown ? words.selectedRowWithItsCalculation : name}</span>}
    />
  );
}
