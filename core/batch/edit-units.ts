// Changes to the units of a line that are measured one by one.
import type { BatchUnit } from './batch.ts';

/** Most units of a line. */
export const MOST_UNITS = 200;

/** Adds units without measures of their own, up to the most a line holds. */
export function withUnits(units: readonly BatchUnit[], count: number, newId: () => string): BatchUnit[] {
  const more = Math.max(0, Math.min(count, MOST_UNITS - units.length));
  return [...units, ...Array.from({ length: more }, () => ({ id: newId(), name: '', values: {} }))];
}

/** Where a block of cells is put: column 0 is the name, the parameters follow. */
export interface UnitCell {
  readonly row: number;
  readonly column: number;
}

/**
 * Puts a block of cells, a column of measures for example, into the table from a cell downwards; units are added as
 * needed.
 * @param parameters  ids of the parameters in the order of the columns
 */
export function withBlock(
  units: readonly BatchUnit[],
  parameters: readonly string[],
  { row, column }: UnitCell,
  cells: readonly (readonly string[])[],
  newId: () => string,
): BatchUnit[] {
  return withUnits(units, row + cells.length - units.length, newId).map((unit, index) => {
    const line = cells[index - row];
    if (!line) return unit;
    const put = { ...unit, values: { ...unit.values } };
    line.forEach((text, offset) => {
      const at = column + offset;
      const parameter = parameters[at - 1];
      if (at === 0) put.name = text.trim().slice(0, 120);
      else if (parameter) put.values[parameter] = text.trim().slice(0, 60);
    });
    return put;
  });
}
