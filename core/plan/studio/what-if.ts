// A changed studio for a trial: a maker away, a station out of service, an extra maker. Nothing is stored.
import { dayAfter } from '../../measure/days.ts';
import type { Bench } from '../../studio/bench.ts';
import type { Studio } from '../../studio/studio.ts';

/** First and last day, ISO. */
interface Span {
  readonly from: string;
  readonly to: string;
}

/** A change that is tried. */
export interface WhatIf {
  readonly away: (Span & { readonly maker: string }) | null;
  readonly out: (Span & { readonly station: string }) | null;
  readonly extra: (Span & { readonly name: string }) | null;
}

/** No change. */
export const nothingChanged: WhatIf = { away: null, out: null, extra: null };
const EXTRA_ID = 'extra-hands';
/** Before and after those days the extra maker is away. */
const [EARLIEST, LATEST] = ['2000-01-01', '2999-12-31'] as const;

/** @param week  hours of the studio, which the extra maker keeps */
export function benchIf(bench: Bench, { away, out, extra }: WhatIf, week: Bench['makers'][number]['week']): Bench {
  const makers = bench.makers.map((maker) =>
    maker.id === away?.maker ? { ...maker, away: [...maker.away, [away.from, away.to] as const] } : maker,
  );
  const stations = bench.stations.map((station) =>
    station.name === out?.station ? { ...station, out: [...station.out, [out.from, out.to] as const] } : station,
  );
  if (!extra) return { ...bench, makers, stations };
  const hands = {
    id: EXTRA_ID,
    name: extra.name,
    week,
    away: [
      [EARLIEST, dayAfter(extra.from, -1)],
      [dayAfter(extra.to, 1), LATEST],
    ] as const,
    does: null,
    prefers: [],
  };
  return { ...bench, makers: [...makers, hands], stations };
}

/** A studio without named makers has one maker, who has to be named once there are two. */
const onlyMaker = { id: 'maker', name: '', rate: '', hours: '', away: '', does: '', prefers: '' } as const;

/** The same change in the studio's settings, to be kept. @param newId  for the row of the extra maker */
export function studioIf(studio: Studio, { away, out, extra }: WhatIf, newId: string): Studio {
  const more = (before: string, { from, to }: Span) => [before.trim(), `${from} to ${to}`].filter(Boolean).join(', ');
  return {
    ...studio,
    makers: [
      ...(studio.makers.length > 0 ? studio.makers : [onlyMaker]).map((maker) =>
        maker.id === away?.maker ? { ...maker, away: more(maker.away, away) } : maker,
      ),
      ...(extra
        ? [
            {
              id: newId,
              name: extra.name,
              rate: '',
              hours: '',
              away: `${EARLIEST} to ${dayAfter(extra.from, -1)}, ${dayAfter(extra.to, 1)} to ${LATEST}`,
              does: '',
              prefers: '',
            },
          ]
        : []),
    ],
    stations: studio.stations.map((station) =>
      station.name.trim().toLowerCase() === out?.station ? { ...station, out: more(station.out, out) } : station,
    ),
  };
}
