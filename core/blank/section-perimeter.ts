// Perimeter of a cross-section: what is filed, polished or plated along a length.
import { ellipsePerimeterMm } from '../geometry/outline.ts';
import type { LongSection } from '../stock/section.ts';

/** Outside perimeter of a section. @returns mm; an ellipse by Ramanujan's approximation */
export function perimeterOfSectionMm(section: LongSection): number {
  switch (section.form) {
    case 'round':
      return Math.PI * section.diameterMm;
    case 'square':
      return 4 * section.sideMm;
    case 'strip':
    case 'patterned':
      return 2 * (section.widthMm + section.thicknessMm);
    case 'half-round': {
      const radius = (section.widthMm ** 2 / 4 + section.heightMm ** 2) / (2 * section.heightMm);
      return section.widthMm + 2 * radius * Math.atan2(section.widthMm / 2, radius - section.heightMm);
    }
    case 'd':
      return section.widthMm + 2 * (section.heightMm - section.widthMm / 2) + (Math.PI / 2) * section.widthMm;
    case 'triangle':
      return section.widthMm + 2 * Math.hypot(section.widthMm / 2, section.heightMm);
    case 'oval':
      return ellipsePerimeterMm(section.widthMm, section.heightMm);
    case 'tube':
      return Math.PI * section.outsideMm;
    case 'square-tube':
      return 4 * section.outsideMm;
  }
}
