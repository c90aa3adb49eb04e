// Gauges of an alloy family in mm and inches, with what wire and sheet weigh.
import { useState } from 'react';
import { showNumber } from '../../../core/format/numbers.ts';
import { local } from '../../../core/format/variants.ts';
import { type GaugeSystem, gaugeSystemNames, gaugeSystemSources } from '../../../core/measure/gauge.ts';
import { densityOf } from '../../../core/metal/alloy.ts';
import { gaugeTable } from '../../../core/stock/gauge-table.ts';
import { alloyOptions } from '../../components/alloy-options.ts';
import { Choice } from '../../components/choice.tsx';
import { SectionGlyph } from '../../components/section-glyph.tsx';
import { TableHeader } from '../../components/table-header.tsx';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/reference.ts';
import { Shown } from './shown.tsx';
import type { TableProps } from './table-props.ts';
import { TableRow } from './table-row.tsx';

type System = Exclude<GaugeSystem, 'none'>;
const systems = ['awg', 'swg', 'msg', 'usg'] as const satisfies readonly System[];
const usualAlloy: Readonly<Record<System, string>> = {
  awg: 'silver-925',
  swg: 'silver-925',
  msg: 'steel-low-carbon',
  usg: 'stainless-304',
};

export function GaugeTable({ sought, onShow }: TableProps) {
  const { rates } = useBasis();
  const [system, setSystem] = useState<System>('awg');
  const [alloyId, setAlloyId] = useState(usualAlloy.awg);
  const alloy = rates.alloys.get(alloyId) ?? null;
  const density = alloy && densityOf(alloy);
  const rows = density
    ? gaugeTable(system, density).filter(
        ({ gauge, mm }) => !sought || gauge === sought || showNumber(mm.value, 3).startsWith(sought),
      )
    : [];
  return (
    <>
      <p className="mt-2 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <Choice
          open
          value={system}
          options={systems.map((value) => ({ value, label: gaugeSystemNames[value] }))}
          label={words.gaugeSystem}
          onChange={(value) => {
            setSystem(value as System);
            setAlloyId(usualAlloy[value as System]);
          }}
        />
        <Choice
          open
          value={alloyId}
          options={alloyOptions(rates.alloys, alloyId)}
          label={words.alloyTitle}
          onChange={setAlloyId}
        />
        <span className="aside">{gaugeSystemSources[system]}</span>
      </p>
      <table className="rows plain-list mt-2">
        <TableHeader
          of={[
            'gauge',
            { hidden: 'section' },
            { end: 'mm' },
            { end: 'in' },
            { end: local('wire, g a metre') },
            { end: 'sheet, g 100 × 100' },
          ]}
        />
        {rows.map(({ gauge, mm, inches, wire, sheet }) => (
          <TableRow
            key={gauge}
            label={gauge}
            onShow={() =>
              onShow(
                <Shown title={`${gauge} gauge, ${gaugeSystemNames[system]}`} figures={[mm, inches, wire, sheet]} />,
              )
            }
          >
            <td className="py-0!">
              <SectionGlyph section={{ form: 'round', diameterMm: mm.value }} alloy={alloy} />
            </td>
            <td className="end num">{showNumber(mm.value, 3)}</td>
            <td className="end num">{showNumber(inches.value, 4)}</td>
            <td className="end num">{showNumber(wire.value, wire.value < 10 ? 3 : 1)}</td>
            <td className="end num">{showNumber(sheet.value, 1)}</td>
          </TableRow>
        ))}
      </table>
      {rows.length === 0 && (
        <p className="mt-3 text-soft">{density ? words.noMatchingGauge : words.thisAlloyHasNoDensity}</p>
      )}
    </>
  );
}
