// Outlines of stones and blanks: perimeter and area.

/** An outline in mm. A teardrop is an arc of `diameterMm` and the two tangents that meet at its point. */
export type Outline =
  | { readonly shape: 'round'; readonly diameterMm: number }
  | { readonly shape: 'oval'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly shape: 'rectangle'; readonly lengthMm: number; readonly widthMm: number }
  | { readonly shape: 'cushion'; readonly lengthMm: number; readonly widthMm: number; readonly cornerMm: number }
  | { readonly shape: 'teardrop'; readonly diameterMm: number; readonly lengthMm: number }
  | { readonly shape: 'polygon'; readonly points: readonly Corner[] };
/** A corner, mm. */
export type Corner = readonly [xMm: number, yMm: number];

/**
 * Perimeter of an ellipse.
 * @returns mm; Ramanujan's second approximation, within 2 parts in 10⁵ up to an axis ratio of 10
 * @source S. Ramanujan, Quart. J. Math. 45 (1914) 350
 */
export function ellipsePerimeterMm(lengthMm: number, widthMm: number): number {
  const [a, b] = [lengthMm / 2, widthMm / 2];
  const h = ((a - b) / (a + b)) ** 2;
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/**
 * Perimeter of an outline. @returns mm @throws RangeError when the shape is impossible (a corner larger than half the
 * width, a teardrop too short)
 */
export function perimeterMm(outline: Outline): number {
  switch (outline.shape) {
    case 'round':
      return Math.PI * outline.diameterMm;
    case 'oval':
      return ellipsePerimeterMm(outline.lengthMm, outline.widthMm);
    case 'rectangle':
      return 2 * (outline.lengthMm + outline.widthMm);
    case 'cushion':
      return 2 * (outline.lengthMm + outline.widthMm) - (8 - 2 * Math.PI) * checkedCorner(outline);
    case 'teardrop':
      return teardrop(outline).perimeterMm;
    case 'polygon':
      return sides(outline.points).reduce((sum, [from, to]) => sum + Math.hypot(to[0] - from[0], to[1] - from[1]), 0);
  }
}

/** Area of an outline. @returns mm² @throws RangeError as `perimeterMm` */
export function outlineAreaMm2(outline: Outline): number {
  switch (outline.shape) {
    case 'round':
      return (Math.PI / 4) * outline.diameterMm ** 2;
    case 'oval':
      return (Math.PI / 4) * outline.lengthMm * outline.widthMm;
    case 'rectangle':
      return outline.lengthMm * outline.widthMm;
    case 'cushion':
      return outline.lengthMm * outline.widthMm - (4 - Math.PI) * checkedCorner(outline) ** 2;
    case 'teardrop':
      return teardrop(outline).areaMm2;
    case 'polygon':
      // Shoelace formula: half the sum of the cross products.
      return (
        Math.abs(sides(outline.points).reduce((sum, [from, to]) => sum + from[0] * to[1] - to[0] * from[1], 0)) / 2
      );
  }
}

function checkedCorner({ lengthMm, widthMm, cornerMm }: Extract<Outline, { shape: 'cushion' }>): number {
  const most = Math.min(lengthMm, widthMm) / 2;
  if (cornerMm > most) throw new RangeError('The corner is rounder than the outline is wide. Give a smaller radius.');
  return cornerMm;
}

function teardrop({ diameterMm, lengthMm }: Extract<Outline, { shape: 'teardrop' }>) {
  if (!(lengthMm > diameterMm)) throw new RangeError('A teardrop is longer than it is wide. Give its length over all.');
  const radius = diameterMm / 2;
  const toPoint = lengthMm - radius;
  const tangent = Math.sqrt(toPoint ** 2 - radius ** 2);
  const arc = 2 * Math.PI - 2 * Math.acos(radius / toPoint);
  return { perimeterMm: radius * arc + 2 * tangent, areaMm2: (radius ** 2 * arc) / 2 + radius * tangent };
}

function sides(points: readonly Corner[]): (readonly [Corner, Corner])[] {
  return points.map((point, index) => [point, points[(index + 1) % points.length] ?? point]);
}
