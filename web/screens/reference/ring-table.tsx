// Ring sizes of the scales side by side.
import { showNumber } from '../../../core/format/numbers.ts';
import { ringSizeSources } from '../../../core/measure/ring-size.ts';
import { ringTable } from '../../../core/measure/ring-table.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { Shown } from './shown.tsx';
import type { TableProps } from './table-props.ts';
import { TableRow } from './table-row.tsx';

const rows = ringTable();

export function RingTable({ sought, onShow }: TableProps) {
  const found = rows.filter(
    ({ us, uk, iso }) =>
      !sought || us === sought || uk.toLowerCase().startsWith(sought) || showNumber(iso.value, 1).startsWith(sought),
  );
  return (
    <>
      <table className="rows plain-list mt-2">
        <TableHeader
          of={['US', 'UK, nearest', { end: 'ISO, mm round' }, { end: 'Japan, nearest' }, { end: 'inside, mm' }]}
        />
        {found.map(({ us, uk, iso, jp, inside }) => (
          <TableRow key={us} label={us} onShow={() => onShow(<Shown title={`US ${us}`} figures={[inside, iso]} />)}>
            <td>{uk}</td>
            <td className="end num">{showNumber(iso.value, 1)}</td>
            <td className="end num">{jp}</td>
            <td className="end num">{showNumber(inside.value, 2)}</td>
          </TableRow>
        ))}
      </table>
      <p className="aside mt-3">
        {Object.entries(ringSizeSources)
          .filter(([system]) => system !== 'mm')
          .map(([, source]) => source)
          .join('; ')}
        . US definitions up to a quarter size apart circulate: measure your own mandrel.
      </p>
    </>
  );
}
