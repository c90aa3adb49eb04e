// Equal discs in rows: straight, or staggered with the columns at their least pitch or stretched over the whole width.

/** A middle, mm from the lower left corner of where middles may lie. */
export interface Middle {
  readonly x: number;
  readonly y: number;
}

const HAIR = 1e-9;

/**
 * @param width, height  of the area for middles, mm
 * @param apart          least distance of two middles, mm
 * @returns the most that rows hold
 */
export function discsInRows(width: number, height: number, apart: number): readonly Middle[] {
  const upright = rowsAcross(width, height, apart);
  const lying = rowsAcross(height, width, apart).map(({ x, y }) => ({ x: y, y: x }));
  return lying.length > upright.length ? lying : upright;
}

function rowsAcross(width: number, height: number, apart: number): Middle[] {
  if (width < -HAIR || height < -HAIR) return [];
  const most = Math.floor(width / apart + HAIR) + 1;
  let best = rows(height, { columns: most, pitch: apart, shift: 0, step: apart, shorter: 0 });
  for (const columns of [most, most - 1])
    for (const shorter of [0, 1]) {
      if (columns < 1 || columns - shorter < 0) continue;
      // Rows of the same number need half a pitch more.
      const pitches = columns - 1 + (shorter === 0 ? 0.5 : 0);
      const stretched = pitches > 0 ? width / pitches : width;
      for (const pitch of [apart, stretched]) {
        if (pitch < apart - HAIR || pitches * pitch > width + HAIR) continue;
        const step = Math.max(apart / 2, Math.sqrt(Math.max(0, apart ** 2 - (pitch / 2) ** 2)));
        const made = rows(height, { columns, pitch, shift: pitch / 2, step, shorter });
        if (made.length > best.length) best = made;
      }
    }
  return best;
}

interface Rows {
  readonly columns: number;
  readonly pitch: number;
  /** Of every second row. */
  readonly shift: number;
  readonly step: number;
  /** Discs fewer in every second row. */
  readonly shorter: number;
}

function rows(height: number, { columns, pitch, shift, step, shorter }: Rows): Middle[] {
  return Array.from({ length: Math.floor(height / step + HAIR) + 1 }, (_, row) => {
    const isOdd = row % 2 === 1;
    return Array.from({ length: isOdd ? columns - shorter : columns }, (_disc, column) => ({
      x: column * pitch + (isOdd ? shift : 0),
      y: row * step,
    }));
  }).flat();
}
