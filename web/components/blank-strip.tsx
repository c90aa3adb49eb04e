// A blank drawn to scale.
import { memo } from 'react';
import type { Cut } from '../../core/blank/cut.ts';
import type { Outline } from '../../core/geometry/outline.ts';
import { familyTints } from '../../core/metal/alloy.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import type { Section } from '../../core/stock/section.ts';

interface BlankStripProps {
  readonly cut: Cut;
  readonly section: Section;
  readonly alloy: Alloy;
  /** mm drawn over the whole width. */
  readonly longestMm: number;
  /** px. */
  readonly width: number;
}

export const BlankStrip = memo(function BlankStrip({ cut, section, alloy, longestMm, width: full }: BlankStripProps) {
  // px; the list of pieces, which loads first, needs no library for one factor.
  const x = (mm: number) => (mm / longestMm) * (full - 2);
  const paint = { fill: `var(--${familyTints[alloy.family]})`, stroke: 'var(--metal-line)' };
  if (cut.kind === 'weight') return null;
  if (cut.kind === 'length') {
    const thickness = Math.max(3, x(acrossMm(section)));
    return (
      <svg width={full} height={thickness + 2} className="block" aria-hidden="true">
        <rect x={0.5} y={0.5} width={x(cut.length.value)} height={thickness} {...paint} />
      </svg>
    );
  }
  const [width, height] = sidesMm(cut).map((side) => Math.max(2, x(side))) as [number, number];
  return (
    <svg width={full} height={height + 2} className="block" aria-hidden="true" {...paint}>
      <g transform="translate(1 1)">
        {cut.kind === 'disc' && (
          <>
            <circle cx={width / 2} cy={height / 2} r={width / 2} />
            {cut.hole && <circle cx={width / 2} cy={height / 2} r={x(cut.hole.value) / 2} fill="var(--page)" />}
          </>
        )}
        {cut.kind === 'rectangle' && <rect width={width} height={height} />}
        {cut.kind === 'outline' && <Shape outline={cut.outline} x={x} width={width} height={height} />}
      </g>
    </svg>
  );
});

interface ShapeProps {
  readonly outline: Outline;
  readonly x: (mm: number) => number;
  readonly width: number;
  readonly height: number;
}

function Shape({ outline, x, width, height }: ShapeProps) {
  if (outline.shape === 'polygon') {
    const [left, top] = [0, 1].map((axis) => Math.min(...outline.points.map((point) => point[axis] ?? 0)));
    const corners = outline.points.map(
      ([px, py]) => `${String(x(px - (left ?? 0)))},${String(height - x(py - (top ?? 0)))}`,
    );
    return <polygon points={corners.join(' ')} />;
  }
  if (outline.shape === 'teardrop') {
    const radius = height / 2;
    return (
      <path
        d={`M${String(width)} ${String(radius)}L${String(radius)} 0A${String(radius)} ${String(radius)} 0 0 0 ${String(radius)} ${String(height)}Z`}
      />
    );
  }
  return <ellipse cx={width / 2} cy={height / 2} rx={width / 2} ry={height / 2} />;
}

/** Length and width of a cut of sheet, mm. */
function sidesMm(cut: Exclude<Cut, { kind: 'length' | 'weight' }>): readonly [number, number] {
  switch (cut.kind) {
    case 'disc':
      return [cut.diameter.value, cut.diameter.value];
    case 'rectangle':
      return [cut.length.value, cut.width.value];
    case 'outline': {
      const { outline } = cut;
      if (outline.shape === 'polygon') {
        const range = (axis: 0 | 1) => {
          const values = outline.points.map((point) => point[axis]);
          return Math.max(...values) - Math.min(...values);
        };
        return [range(0), range(1)];
      }
      const more = 2 * (cut.trim?.value ?? 0);
      const [width, length] = cut.sizes;
      return [(length?.value ?? 0) + more, (width?.value ?? 0) + more];
    }
  }
}

/** The longest side of a cut, mm. It sets a scale that fits them all. */
export function longestSideMm(cut: Cut): number {
  if (cut.kind === 'length') return cut.length.value;
  return cut.kind === 'weight' ? 0 : Math.max(...sidesMm(cut));
}

// A strip is drawn on its face.
function acrossMm(section: Section): number {
  switch (section.form) {
    case 'round':
      return section.diameterMm;
    case 'square':
      return section.sideMm;
    case 'strip':
    case 'patterned':
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return section.widthMm;
    case 'tube':
    case 'square-tube':
      return section.outsideMm;
    case 'sheet':
      return section.thicknessMm;
    case 'grain':
      return 0;
  }
}
