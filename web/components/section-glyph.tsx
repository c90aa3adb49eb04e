// The section glyph: the cross-section of the stock to scale in the tint of the metal, so that a wrong gauge is
// visible.
import { memo } from 'react';
import { familyTints } from '../../core/metal/alloy.ts';
import type { Alloy } from '../../core/metal/alloys.ts';
import type { Section } from '../../core/stock/section.ts';

/** One scale for all, so that 1 mm and 2 mm wire look different; a larger section is scaled down to fit. */
const PX_PER_MM = 6;
const WIDTH = 40;
const HEIGHT = 30;
const MIDDLE = { x: WIDTH / 2, y: HEIGHT / 2 };

export const SectionGlyph = memo(function Glyph({ section, alloy }: { section: Section | null; alloy: Alloy | null }) {
  if (!section) return <svg width={WIDTH} height={HEIGHT} className="shrink-0" aria-hidden="true" />;
  const fill = alloy ? `var(--${familyTints[alloy.family]})` : 'none';
  return (
    <svg width={WIDTH} height={HEIGHT} className="shrink-0" aria-hidden="true" stroke="var(--metal-line)" fill={fill}>
      <Outline section={section} />
    </svg>
  );
});

function Outline({ section }: { section: Section }) {
  switch (section.form) {
    case 'round':
      return <circle cx={MIDDLE.x} cy={MIDDLE.y} r={fitted(section.diameterMm, section.diameterMm)[0] / 2} />;
    case 'square':
      return <Box size={fitted(section.sideMm, section.sideMm)} />;
    case 'strip':
    case 'patterned':
      return <Box size={fitted(section.widthMm, section.thicknessMm)} />;
    case 'half-round':
    case 'd':
    case 'triangle':
    case 'oval':
      return <Shaped form={section.form} size={fitted(section.widthMm, section.heightMm)} />;
    case 'square-tube': {
      const outside = fitted(section.outsideMm, section.outsideMm)[0];
      const bore = outside * (1 - (2 * section.wallMm) / section.outsideMm);
      return (
        <>
          <Box size={[outside, outside]} />
          {bore > 0 && <g fill="var(--page)">{<Box size={[bore, bore]} />}</g>}
        </>
      );
    }
    case 'grain':
      return [0, 1, 2].map((index) => <circle key={index} cx={MIDDLE.x - 9 + index * 9} cy={MIDDLE.y + 4} r={4} />);
    case 'sheet':
      // Sheet continues beyond the glyph, so its ends are open.
      return <OpenBox thickness={fitted(0, section.thicknessMm)[1]} />;
    case 'tube': {
      const outside = fitted(section.outsideMm, section.outsideMm)[0] / 2;
      const bore = outside * (1 - (2 * section.wallMm) / section.outsideMm);
      return (
        <>
          <circle cx={MIDDLE.x} cy={MIDDLE.y} r={outside} />
          {bore > 0 && <circle cx={MIDDLE.x} cy={MIDDLE.y} r={bore} fill="var(--page)" />}
        </>
      );
    }
  }
}

// Flat side down.
function Shaped({ form, size }: { form: 'half-round' | 'd' | 'triangle' | 'oval'; size: readonly [number, number] }) {
  const [width, height] = size;
  const [left, right] = [MIDDLE.x - width / 2, MIDDLE.x + width / 2];
  const [top, foot] = [MIDDLE.y - height / 2, MIDDLE.y + height / 2];
  if (form === 'oval') return <ellipse cx={MIDDLE.x} cy={MIDDLE.y} rx={width / 2} ry={height / 2} />;
  if (form === 'triangle')
    return <path d={`M${String(left)} ${String(foot)}H${String(right)}L${String(MIDDLE.x)} ${String(top)}Z`} />;
  const radius = form === 'd' ? width / 2 : (width ** 2 / 4 + height ** 2) / (2 * height);
  const shoulder = form === 'd' ? top + width / 2 : foot;
  return (
    <path
      d={`M${String(left)} ${String(foot)}V${String(shoulder)}A${String(radius)} ${String(radius)} 0 0 1 ${String(right)} ${String(shoulder)}V${String(foot)}Z`}
    />
  );
}

function Box({ size: [width, height] }: { size: readonly [number, number] }) {
  return <rect x={MIDDLE.x - width / 2} y={MIDDLE.y - height / 2} width={width} height={height} />;
}

function OpenBox({ thickness }: { thickness: number }) {
  const top = MIDDLE.y - thickness / 2;
  return (
    <>
      <rect x={0} y={top} width={WIDTH} height={thickness} stroke="none" />
      <path d={`M0 ${String(top)}H${String(WIDTH)}M0 ${String(top + thickness)}H${String(WIDTH)}`} />
    </>
  );
}

function fitted(widthMm: number, heightMm: number): [number, number] {
  const scale = Math.min(PX_PER_MM, (WIDTH - 2) / Math.max(widthMm, 0.01), (HEIGHT - 2) / Math.max(heightMm, 0.01));
  return [Math.max(widthMm * scale, 1), Math.max(heightMm * scale, 1)];
}
