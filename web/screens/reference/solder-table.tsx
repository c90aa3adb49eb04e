// Solders with the points they melt and flow at.
import { given, inSum } from '../../../core/figure/figure.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { type Solder, solders } from '../../../core/metal/solders.ts';
import { degrees, degreeUnit, temperatureFigure } from '../../../core/metal/temperatures.ts';
import { TableHeader } from '../../components/table-header.tsx';
import { words } from '../../words/reference.ts';
import { Shown } from './shown.tsx';
import type { TableProps } from './table-props.ts';
import { TableRow } from './table-row.tsx';

export function SolderTable({ sought, onShow }: TableProps) {
  const found: readonly Solder[] = solders.filter(({ name }) => name.toLowerCase().includes(sought));
  return (
    <table className="rows plain-list mt-2">
      <TableHeader
        of={[
          'solder',
          'form',
          { end: `begins to melt, ${degreeUnit()}` },
          { end: `flows, ${degreeUnit()}` },
          { end: 'g/cm³' },
        ]}
      />
      {found.map((solder) => (
        <TableRow key={solder.id} label={solder.name} onShow={() => onShow(<SolderShown solder={solder} />)}>
          <td>{solder.form === 'paste' ? 'paste' : 'wire, sheet'}</td>
          <td className="end num">{degrees(solder.solidusC)}</td>
          <td className="end num">{degrees(solder.flowC)}</td>
          <td className="end num">{showNumber(solder.densityGPerCm3, 2)}</td>
        </TableRow>
      ))}
    </table>
  );
}

function SolderShown({ solder }: { solder: Solder }) {
  const { composition, source } = solder;
  const figures = [
    temperatureFigure(words.beginsToMeltSolidus, solder.solidusC, source),
    temperatureFigure('flows', solder.flowC, source),
    given('density', solder.densityGPerCm3, 'g/cm³', 'rule of mixtures'),
  ];
  return (
    <Shown title={solder.name} figures={figures}>
      {!/illustrative/.test(source) && (
        <p className="mt-3 text-[15px]">
          {Object.entries(composition)
            .map(([symbol, share]) => `${symbol} ${inSum(share * 100)} %`)
            .join(', ')}
        </p>
      )}
      {!solder.cadmiumFree && <p className="note note-stop mt-3">{words.containsCadmiumTheFumeIs}</p>}
    </Shown>
  );
}
