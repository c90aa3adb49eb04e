// Cut templates of a batch at true scale: a strip for each length, an outline for each blank of sheet.
import type { Cut } from '../../blank/cut.ts';
import { showNumber } from '../../format/numbers.ts';
import { convexHull } from '../../geometry/convex-polygon.ts';
import type { BatchCount } from '../count-batch.ts';
import { cornersOf } from '../cutting/cut-problem.ts';

/** A template with its label. */
export type Template = { readonly label: string } & (
  | { readonly kind: 'strip'; readonly lengthMm: number }
  | { readonly kind: 'disc'; readonly diameterMm: number; readonly holeMm: number }
  /** Corners in mm; their least x and y are 0. */
  | { readonly kind: 'outline'; readonly points: readonly (readonly [number, number])[] }
);

/** One template for each line of the cut list with a size; identical ones are joined. */
export function templatesOf({ cutList }: BatchCount): Template[] {
  const templates = cutList.flatMap(({ run, part, cut, count }): Template[] => {
    const label = `${run.name}: ${part.name || 'part'}, ${sizeOf(cut)}, ${String(count.value)} pcs`;
    switch (cut.kind) {
      case 'length':
        return [{ label, kind: 'strip', lengthMm: cut.length.value }];
      case 'disc':
        return [{ label, kind: 'disc', diameterMm: cut.diameter.value, holeMm: cut.hole?.value ?? 0 }];
      case 'rectangle': {
        const [w, h] = [cut.length.value, cut.width.value];
        return [
          {
            label,
            kind: 'outline',
            points: [
              [0, 0],
              [w, 0],
              [w, h],
              [0, h],
            ],
          },
        ];
      }
      case 'outline':
        return [{ label, kind: 'outline', points: atOrigin(cornersOf(cut.outline, cut.trim?.value ?? 0)) }];
      case 'weight':
        return [];
    }
  });
  const seen = new Set<string>();
  return templates.filter((template) => {
    const key = JSON.stringify(template);
    return !seen.has(key) && seen.add(key);
  });
}

function sizeOf(cut: Cut): string {
  const mm = (value: number) => showNumber(value, 2);
  switch (cut.kind) {
    case 'length':
      return `${mm(cut.length.value)} mm`;
    case 'disc':
      return `${mm(cut.diameter.value)} mm across`;
    case 'rectangle':
      return `${mm(cut.length.value)} × ${mm(cut.width.value)} mm`;
    case 'outline':
      return cut.sizes.map(({ value }) => mm(value)).join(' × ') + ' mm';
    case 'weight':
      return `${mm(cut.grams.value)} g`;
  }
}

function atOrigin(points: readonly (readonly [number, number])[]): [number, number][] {
  const [left, bottom] = [Math.min(...points.map(([x]) => x)), Math.min(...points.map(([, y]) => y))];
  return points.map(([x, y]) => [x - left, y - bottom]);
}

// Width of a letter of a label, mm, on average: 7.5 pt in the app's font.
const LETTER_MM = 1.45;

/** Room a template needs on paper with its label, mm. A label is as wide as its words. */
export function roomOf(template: Template): { readonly width: number; readonly height: number } {
  const LABEL = 6;
  const words = template.label.length * LETTER_MM;
  const at = (width: number, height: number) => ({ width: Math.max(width, words), height: height + LABEL });
  if (template.kind === 'strip') return at(template.lengthMm, 6);
  if (template.kind === 'disc') return at(template.diameterMm, template.diameterMm);
  const hull = convexHull(template.points.map(([x, y]) => ({ x, y })));
  return at(Math.max(...hull.map(({ x }) => x)), Math.max(...hull.map(({ y }) => y)));
}

/** A template and its upper left corner, mm from the upper left of all templates. */
export interface PlacedTemplate {
  readonly template: Template;
  readonly x: number;
  readonly y: number;
}

/** Places templates in rows, each as high as its highest template. @param width  of the paper, mm */
export function laidOut(templates: readonly Template[], width: number): { placed: PlacedTemplate[]; height: number } {
  const GAP = 5;
  let [x, y, rowHeight] = [0, 0, 0];
  const placed = templates.map((template): PlacedTemplate => {
    const room = roomOf(template);
    if (x > 0 && x + room.width > width) {
      x = 0;
      y += rowHeight + GAP;
      rowHeight = 0;
    }
    const at = { template, x, y };
    x += room.width + GAP;
    rowHeight = Math.max(rowHeight, room.height);
    return at;
  });
  return { placed, height: y + rowHeight };
}
