// The lanes of the plan: makers above, stations below, with their heights.
export const HEAD = 46;
export const LANE = 40;
export const STATION = 26;

export interface Lane {
  readonly kind: 'maker' | 'station';
  readonly id: string;
  readonly name: string;
}

export interface Tops {
  readonly of: ReadonlyMap<string, number>;
  readonly height: number;
}

export function topsOf(lanes: readonly Lane[]): Tops {
  const of = new Map<string, number>();
  let top = 0;
  for (const lane of lanes) {
    of.set(`${lane.kind} ${lane.id}`, top);
    top += lane.kind === 'maker' ? LANE : STATION;
  }
  return { of, height: top };
}
