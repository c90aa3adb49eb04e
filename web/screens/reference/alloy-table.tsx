// Alloys with density and melting range; the ranges are bands on one scale.
import { scaleLinear } from 'd3';
import { inSum } from '../../../core/figure/figure.ts';
import { showNumber } from '../../../core/format/numbers.ts';
import { densityOf, familyTints } from '../../../core/metal/alloy.ts';
import type { Alloy } from '../../../core/metal/alloys.ts';
import { mixtureDensity } from '../../../core/metal/mixture.ts';
import { degrees, degreeUnit, temperatureFigure } from '../../../core/metal/temperatures.ts';
import { useBasis } from '../../hooks/use-basis.ts';
import { words } from '../../words/reference.ts';
import { Shown } from './shown.tsx';
import type { TableProps } from './table-props.ts';
import { TableRow } from './table-row.tsx';

const WIDTH = 190;
const HEIGHT = 18;
const ticks = [800, 1200, 1600];
/** Niobium melts far above all others and would squeeze them, so its band runs off the scale. */
const scale = scaleLinear([600, 1800], [0, WIDTH]).clamp(true);

export function AlloyTable({ sought, onShow }: TableProps) {
  const { rates } = useBasis();
  const alloys = [...rates.alloys.values()].filter(({ name, family }) =>
    `${name} ${family}`.toLowerCase().includes(sought),
  );
  return (
    <table className="rows plain-list mt-2">
      <thead>
        <tr>
          <th scope="col" className="first">
            {words.alloy}
          </th>
          <th scope="col" className="end">
            {words.fineness}
          </th>
          <th scope="col" className="end">
            {words.gCm}
          </th>
          <th scope="col" className="end">
            {`melts, ${degreeUnit()}`}
          </th>
          <th scope="col">
            <span className="sr-only">{words.meltingRange}</span>
            <Axis />
          </th>
        </tr>
      </thead>
      {alloys.map((alloy) => (
        <TableRow key={alloy.id} label={alloy.name} onShow={() => onShow(<AlloyShown alloy={alloy} />)}>
          <td className="end num">{alloy.fineness ?? ''}</td>
          <td className="end num">{alloy.densityGPerCm3 === null ? '' : showNumber(alloy.densityGPerCm3, 2)}</td>
          <td className="end num whitespace-nowrap">{meltsInWords(alloy)}</td>
          <td className="py-0!">
            <Band alloy={alloy} />
          </td>
        </TableRow>
      ))}
    </table>
  );
}

function Axis() {
  return (
    <svg width={WIDTH} height={16} className="block overflow-visible" aria-hidden="true">
      {ticks.map((celsius) => (
        <text key={celsius} x={scale(celsius)} y={12} textAnchor="middle" fontSize={13} fill="currentColor">
          {degrees(celsius)}
        </text>
      ))}
    </svg>
  );
}

function Band({ alloy }: { alloy: Alloy }) {
  if (alloy.solidusC === null || alloy.liquidusC === null) return null;
  const [from, to] = [scale(alloy.solidusC), scale(alloy.liquidusC)];
  return (
    <svg width={WIDTH} height={34} className="block" aria-hidden="true">
      {ticks.map((celsius) => (
        <line key={celsius} x1={scale(celsius)} x2={scale(celsius)} y1={0} y2={34} stroke="var(--hair)" />
      ))}
      <rect
        x={from}
        y={(34 - HEIGHT) / 2}
        width={Math.max(to - from, 2)}
        height={HEIGHT}
        fill={`var(--${familyTints[alloy.family]})`}
        stroke="var(--metal-line)"
      />
    </svg>
  );
}

function meltsInWords({ solidusC, liquidusC }: Alloy): string {
  if (solidusC === null || liquidusC === null) return '';
  return solidusC === liquidusC ? degrees(solidusC) : `${degrees(solidusC)} to ${degrees(liquidusC)}`;
}

function AlloyShown({ alloy }: { alloy: Alloy }) {
  const parts = Object.entries(alloy.composition);
  const density = densityOf(alloy);
  const source = words.nominalCheckYourSuppliersData;
  const figures = [
    ...(density ? [density] : []),
    ...(parts.length > 1 ? [mixtureDensity(alloy.composition, alloy.name)] : []),
    ...(alloy.solidusC === null ? [] : [temperatureFigure('solidus', alloy.solidusC, source)]),
    ...(alloy.liquidusC === null ? [] : [temperatureFigure('liquidus', alloy.liquidusC, source)]),
  ];
  return (
    <Shown title={alloy.name} figures={figures}>
      <p className="mt-3 text-[15px]">
        {parts.map(([symbol, share]) => `${symbol} ${inSum(share * 100)} %`).join(', ')}
        <span className="aside"> {words.byWeightNominal}</span>
      </p>
      <p className="aside mt-1">
        {alloy.fusible ? words.commonlyFusedToItselfWithout : words.notCommonlyFusedCommonPractice}
      </p>
    </Shown>
  );
}
