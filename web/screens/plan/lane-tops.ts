// The lanes of the plan: makers above, stations below, with their heights.
export const HEAD = 46;
export const LANE = 40;
export const STATION = 26;
/** Rows of names below the bars of a maker, and their height. */
export const NAME_ROWS = 4;
export const NAME_ROW = 16;

export interface Lane {
  readonly kind: 'maker' | 'station';
  readonly id: string;
  readonly name: string;
}

export interface Tops {
  readonly of: ReadonlyMap<string, number>;
  readonly height: number;
  readonly hasNames: boolean;
}

/** @param hasNames  whether names stand below the bars of the makers */
export function topsOf(lanes: readonly Lane[], hasNames: boolean): Tops {
  const of = new Map<string, number>();
  let top = 0;
  for (const lane of lanes) {
    of.set(`${lane.kind} ${lane.id}`, top);
    top += heightOf(lane, hasNames);
  }
  return { of, height: top, hasNames };
}

export function heightOf({ kind }: Lane, hasNames: boolean): number {
  if (kind === 'station') return STATION;
  return hasNames ? LANE + NAME_ROWS * NAME_ROW : LANE;
}
