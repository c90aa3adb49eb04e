// Templates and their files, read back by their own measures.
import { expect, test } from 'vitest';
import { laidOut, roomOf, type Template } from './templates.ts';
import { templatesDxf, templatesSvg } from './template-files.ts';

const templates: readonly Template[] = [
  { label: 'Band <M>, 4', kind: 'strip', lengthMm: 57.25 },
  { label: 'Dial, 2', kind: 'disc', diameterMm: 24, holeMm: 6 },
  { label: 'Wing, 1', kind: 'outline', points: [[0, 0], [16, 0], [12, 5], [4, 5]] }, // prettier-ignore
];

test('templates lie side by side as far as the paper is wide, and none on another', () => {
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

test('the SVG is in millimetres, and its words are escaped', () => {
  const svg = templatesSvg(templates);
  expect(svg).toMatch(/width="300mm" height="[\d.]+mm" viewBox="0 0 300 /);
  expect(svg).toContain('width="57.25" height="5"');
  expect(svg).toContain('r="12"');
  expect(svg).toContain('Band &lt;M&gt;, 4');
  expect(svg).not.toContain('<M>');
});

/** Pairs of a DXF file: a code on one line, its value on the next. */
function pairsOf(dxf: string): [number, string][] {
  const lines = dxf.trimEnd().split('\n');
  return Array.from({ length: lines.length / 2 }, (_, index) => [Number(lines[2 * index]), lines[2 * index + 1] ?? '']);
}

test('the DXF is pairs of code and value, and its shapes measure what they should', () => {
  const pairs = pairsOf(templatesDxf(templates));
  expect(pairs.every(([code]) => Number.isInteger(code))).toBe(true);
  expect(pairs.at(-1)).toEqual([0, 'EOF']);
  expect(pairs).toContainEqual([70, '4']);
  const radii = pairs.flatMap(([code, value], at) =>
    code === 0 && value === 'CIRCLE' ? pairs.slice(at + 1, at + 6).filter(([one]) => one === 40) : [],
  );
  expect(radii.map(([, value]) => Number(value))).toEqual([12, 3]);
  const corners = pairs.flatMap(([code, value], at) =>
    code === 0 && value === 'VERTEX' ? [[Number(pairs[at + 2]?.[1]), Number(pairs[at + 3]?.[1])] as const] : [],
  );
  expect(corners).toHaveLength(8);
  const strip = corners.slice(0, 4).map(([x]) => x);
  expect(Math.max(...strip) - Math.min(...strip)).toBeCloseTo(57.25, 3);
  const [wx = 0, wy = 0] = corners[4] ?? [];
  expect(corners.slice(4).map(([x, y]) => [x - wx, y - wy])).toEqual([[0, 0], [16, 0], [12, 5], [4, 5]]); // prettier-ignore
});
