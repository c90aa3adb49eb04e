// Standards of fineness and hallmark limits, with the caution to follow the local law.
import { hallmarkCaution, preciousMetals, standardsOfFineness, ukExemptBelowG } from '../../../core/metal/hallmarks.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { words } from '../../words/reference.ts';
import type { TableProps } from './table-props.ts';

export function HallmarkTable({ sought }: TableProps) {
  return (
    <>
      <p className="note mt-3">{hallmarkCaution}</p>
      <table className="rows plain-list mt-3">
        <TableHeader
          of={['metal', 'standards, ISO 9202 (‰)', 'British marks (‰)', { end: 'British exemption below, g' }]}
        />
        <tbody>
          {preciousMetals
            .filter((metal) => metal.includes(sought))
            .map((metal) => (
              <tr key={metal}>
                <td className="first font-semibold">{metal}</td>
                <td className="num whitespace-normal!">{standardsOfFineness[metal].iso9202.join(', ')}</td>
                <td className="num whitespace-normal!">{standardsOfFineness[metal].uk.join(', ')}</td>
                <td className="end num">{ukExemptBelowG[metal].toFixed(2)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="aside mt-3">{words.typicalValuesFromTheHallmarking}</p>
    </>
  );
}
