// Templates as files for cutters: SVG in millimetres, and DXF in the subset every cutter reads (docs/formats/templates.md).
import { laidOut, type PlacedTemplate, roomOf, type Template } from './templates.ts';

const SHEET_WIDTH_MM = 300;
const ROUND = 1000;

const mm = (value: number) => String(Math.round(value * ROUND) / ROUND);

/** SVG 1.1 with the millimetre as user unit. Lines to cut are hairlines, labels are not. */
export function templatesSvg(templates: readonly Template[]): string {
  const width = Math.max(SHEET_WIDTH_MM, ...templates.map((template) => roomOf(template).width));
  const { placed, height } = laidOut(templates, width);
  const shapes = placed.map(({ template, x, y }) => {
    const words = `<text x="${mm(x)}" y="${mm(y + roomOf(template).height - 1)}" font-size="3.2">${escaped(template.label)}</text>`;
    return `<g id="${escaped(template.label)}">${svgShape(template, x, y)}${words}</g>`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${mm(width)} ${mm(height)}">`,
    `<g fill="none" stroke="#000" stroke-width="0.1">${shapes.join('').replaceAll('<text', '<text fill="#000" stroke="none"')}</g>`,
    '</svg>',
    '',
  ].join('\n');
}

function svgShape(template: Template, x: number, y: number): string {
  if (template.kind === 'strip') return `<rect x="${mm(x)}" y="${mm(y)}" width="${mm(template.lengthMm)}" height="5"/>`;
  if (template.kind === 'disc') {
    const r = template.diameterMm / 2;
    const circle = (radius: number) => `<circle cx="${mm(x + r)}" cy="${mm(y + r)}" r="${mm(radius)}"/>`;
    return circle(r) + (template.holeMm > 0 ? circle(template.holeMm / 2) : '');
  }
  // Seen from above, as the template lies on the sheet.
  const top = Math.max(...template.points.map(([, py]) => py));
  return `<polygon points="${template.points.map(([px, py]) => `${mm(x + px)},${mm(y + top - py)}`).join(' ')}"/>`;
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

/** DXF of release 12: CIRCLE, closed POLYLINE and TEXT on the layers CUT and WORDS, 1 unit = 1 mm. */
export function templatesDxf(templates: readonly Template[]): string {
  const { placed, height } = laidOut(templates, SHEET_WIDTH_MM);
  const pairs = (...codes: (readonly [number, string])[]) => codes.map(([code, value]) => `${String(code)}\n${value}`);
  return [
    // $INSUNITS 4: millimetres.
    ...pairs([0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, '4'], [0, 'ENDSEC']),
    ...pairs([0, 'SECTION'], [2, 'ENTITIES']),
    ...placed.flatMap((one) => dxfEntities(one, height).flatMap((codes) => pairs(...codes))),
    ...pairs([0, 'ENDSEC'], [0, 'EOF']),
    '',
  ].join('\n');
}

type Codes = readonly (readonly [number, string])[];

// DXF counts upwards: the first row of the paper is the highest.
function dxfEntities({ template, x, y }: PlacedTemplate, height: number): Codes[] {
  const bottom = height - y - roomOf(template).height;
  const words: Codes = [[0, 'TEXT'], [8, 'WORDS'], [10, mm(x)], [20, mm(bottom + 1)], [40, '3'], [1, template.label]]; // prettier-ignore
  const foot = bottom + 6;
  if (template.kind === 'disc') {
    const r = template.diameterMm / 2;
    const circle = (radius: number): Codes => [[0, 'CIRCLE'], [8, 'CUT'], [10, mm(x + r)], [20, mm(foot + r)], [40, mm(radius)]]; // prettier-ignore
    return [circle(r), ...(template.holeMm > 0 ? [circle(template.holeMm / 2)] : []), words];
  }
  const points: readonly (readonly [number, number])[] =
    template.kind === 'strip'
      ? [[0, 0], [template.lengthMm, 0], [template.lengthMm, 5], [0, 5]] // prettier-ignore
      : template.points;
  const polyline: Codes = [
    [0, 'POLYLINE'],
    [8, 'CUT'],
    [66, '1'],
    [70, '1'],
  ];
  const corners = points.map(([px, py]): Codes => [
    [0, 'VERTEX'],
    [8, 'CUT'],
    [10, mm(x + px)],
    [20, mm(foot + py)],
  ]);
  return [
    polyline,
    ...corners,
    [
      [0, 'SEQEND'],
      [8, 'CUT'],
    ],
    words,
  ];
}
