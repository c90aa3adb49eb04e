// Templates and their files, read back by their own measures.
import DxfParser, { type ICircleEntity, type IPolylineEntity, type ITextEntity } from 'dxf-parser';
import { expect, test } from 'vitest';
import { templatesDxf, templatesSvg } from './template-files.ts';
import { laidOut, roomOf, type Template } from './templates.ts';

const templates: readonly Template[] = [
  { label: 'Band <M>, 4', kind: 'strip', lengthMm: 57.25 },
  { label: 'Dial, 2', kind: 'disc', diameterMm: 24, holeMm: 6 },
  { label: 'Wing, 1', kind: 'outline', points: [[0, 0], [16, 0], [12, 5], [4, 5]] }, // prettier-ignore
];

test('templates lie side by side within the paper and do not overlap', () => {
  const { placed, height } = laidOut([...templates, ...templates, ...templates], 120);
  for (const [index, a] of placed.entries()) {
    expect(a.x === 0 || a.x + roomOf(a.template).width <= 120).toBe(true);
    for (const b of placed.slice(index + 1)) {
      const apart = b.x >= a.x + roomOf(a.template).width || b.y >= a.y + roomOf(a.template).height;
      expect(apart).toBe(true);
    }
  }
  expect(height).toBeGreaterThan(0);
});

test('the SVG is in millimetres and escapes its text', () => {
  const svg = templatesSvg(templates);
  expect(svg).toMatch(/width="300mm" height="[\d.]+mm" viewBox="0 0 300 /);
  expect(svg).toContain('width="57.25" height="5"');
  expect(svg).toContain('r="12"');
  expect(svg).toContain('Band &lt;M&gt;, 4');
  expect(svg).not.toContain('<M>');
});

// Read back by another program's parser (dxf-parser, of the package registry).
test('an independent DXF reader finds circles, closed lines and text in millimetres', () => {
  const read = new DxfParser().parseSync(templatesDxf(templates));
  expect(read?.header).toMatchObject({ $ACADVER: 'AC1009', $INSUNITS: 4 });
  const of = (type: string, layer: string) =>
    (read?.entities ?? []).filter((entity) => entity.type === type && entity.layer === layer);
  const circles = of('CIRCLE', 'CUT') as ICircleEntity[];
  expect(circles.map(({ radius }) => radius)).toEqual([12, 3]);
  expect(circles[0]?.center).toEqual(circles[1]?.center);
  const lines = of('POLYLINE', 'CUT') as IPolylineEntity[];
  expect(lines.map(({ shape }) => shape)).toEqual([true, true]);
  const [strip = [], wing = []] = lines.map(({ vertices }) => {
    const [first] = vertices;
    return vertices.map(({ x, y }) => [round(x - (first?.x ?? 0)), round(y - (first?.y ?? 0))]);
  });
  expect(strip).toEqual([[0, 0], [57.25, 0], [57.25, 5], [0, 5]]); // prettier-ignore
  expect(wing).toEqual([[0, 0], [16, 0], [12, 5], [4, 5]]); // prettier-ignore
  expect((of('TEXT', 'WORDS') as ITextEntity[]).map(({ text }) => text)).toEqual(templates.map(({ label }) => label));
});

test('no two shapes of the DXF overlap, however many there are', () => {
  const many = Array.from({ length: 30 }, (_, index): Template => {
    return { label: `disc ${String(index)}`, kind: 'disc', diameterMm: 4 + ((index * 7) % 31), holeMm: 0 };
  });
  const read = new DxfParser().parseSync(templatesDxf(many));
  const circles = (read?.entities ?? []).filter(({ type }) => type === 'CIRCLE') as ICircleEntity[];
  expect(circles).toHaveLength(many.length);
  circles.forEach((a, index) => {
    expect(a.center.y - a.radius).toBeGreaterThanOrEqual(0);
    for (const b of circles.slice(index + 1))
      expect(Math.hypot(a.center.x - b.center.x, a.center.y - b.center.y)).toBeGreaterThan(a.radius + b.radius);
  });
});

const round = (mm: number) => Math.round(mm * 1000) / 1000;
