// Jars, and what is sent to refiners and settled.
import { randomUUID } from 'node:crypto';
import type { Consignment, Jar, JarsPage, SendToRefiner, Settlement } from '../../contract/account.ts';
import type { Balance } from '../../core/account/balance.ts';
import {
  type FineMetal,
  fineMetals,
  type MetalEntry,
  type MetalLine,
  mgOf,
  move,
  sumOf,
} from '../../core/account/entry.ts';
import { jarAt, type Place } from '../../core/account/place.ts';
import { jarSettlement, type LearnedTerms, learnTerms } from '../../core/account/refining.ts';
import { dayAfter } from '../../core/measure/days.ts';
import type { Issue } from '../../core/measure/issue.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { readGrams } from '../../core/measure/read/read-number.ts';
import { NotAcceptable, NotThere } from '../store/refusals.ts';
import type { Stores } from '../store/stores.ts';
import { currentBasis } from './basis.ts';
import { refuseIssues } from './refuse.ts';
import { entryOf, today } from './stockroom.ts';

/** Months over which the rate of a jar is taken. */
const MONTHS = 12;

/** Jars, and consignments from the latest. */
export function jarsPage(stores: Stores): JarsPage {
  const came = stores.account.intoJars(dayAfter(today(stores), -365));
  const all = stores.account.balances('jar/');
  const jars = [...new Set(all.map(({ place }) => place))].flatMap((place): Jar[] => {
    const jar = jarAt(place);
    if (!jar) return [];
    const { mg, fine } = sumOf(all.filter((one) => one.place === place));
    return [{ place, ...jar, mg, fine, mgPerMonth: Math.max(0, came.get(place) ?? 0) / MONTHS }];
  });
  const consigned = consignments(stores);
  return { jars: jars.sort((a, b) => b.mg - a.mg), consignments: consigned, learned: learnedFrom(consigned) };
}

function consignments({ account }: Stores): Consignment[] {
  const refined = account.refined();
  return refined
    .filter(({ kind }) => kind === 'sent')
    .map((sent): Consignment => {
      const id = sent.detail.consignment ?? '';
      const settled = refined.find(({ kind, detail }) => kind === 'settled' && detail.consignment === id);
      const { mg, fine } = sumOf(sent.lines.filter(({ place }) => place.startsWith('refiner/')));
      return {
        id,
        refiner: sent.detail.refiner ?? '',
        on: sent.on,
        mg,
        fine,
        currency: sent.currency,
        expectedMinor: sent.detail.expectedMinor ?? 0,
        estimateMinor: sent.detail.estimateMinor ?? sent.detail.expectedMinor ?? 0,
        entryId: sent.id,
        settled: settled
          ? {
              on: settled.on,
              settledMinor: settled.detail.settledMinor ?? 0,
              chargeMinor: settled.detail.chargeMinor ?? 0,
              isCredit: settled.detail.isCredit ?? false,
              fine: sumOf(settled.lines.filter(({ place }) => place === 'settled')).fine,
              entryId: settled.id,
            }
          : null,
      };
    })
    .toReversed();
}

/** What jars should bring by the studio's terms, before the charge, minor units; what has no price brings nothing. */
function estimateMinor(stores: Stores, jars: readonly Balance[]): number {
  const { rates, fix } = currentBasis(stores);
  if (!fix) return 0;
  return jars.reduce((sum, { place, fine }) => {
    const kind = jarAt(place)?.kind ?? 'mixed';
    return sum + (jarSettlement({ kind, fine }, rates.scrap, fix)?.value ?? 0);
  }, 0);
}

/** What settlements taught, against what the terms alone had said. */
function learnedFrom(consigned: readonly Consignment[]): LearnedTerms {
  return learnTerms(
    consigned.flatMap(({ estimateMinor: expectedMinor, settled }) =>
      settled ? [{ expectedMinor, actualMinor: settled.settledMinor }] : [],
    ),
  );
}

/** Sends whole jars to a refiner. @throws NotAcceptable when a jar is empty */
export function sendToRefiner(stores: Stores, { on, refiner, places, charge, why }: SendToRefiner): MetalEntry[] {
  const { currency } = currentBasis(stores).rates;
  const read = charge.trim() ? readMoney(charge, currency, 'amount') : null;
  if (read && !read.ok) refuseIssues([{ path: 'charge', sentence: read.sentence }], 'This can’t be booked yet.');
  const jars = places.flatMap((place) => stores.account.balances(place));
  if (jars.length === 0 || places.some((place) => !place.startsWith('jar/')))
    throw new NotAcceptable('This jar is empty.', []);
  const consignment = randomUUID();
  const estimate = Math.round(estimateMinor(stores, jars));
  // Each refiner has habits of its own.
  const { factor } = learnedFrom(consignments(stores).filter((one) => one.refiner === refiner.trim()));
  const to: Place = `refiner/${consignment}`;
  const lines = jars.flatMap((jar) => move(jar, { place: jar.place }, { place: to }));
  const detail = {
    consignment,
    refiner: refiner.trim(),
    estimateMinor: estimate,
    expectedMinor: Math.round(estimate * factor),
    chargeMinor: read?.ok ? Math.round(read.value) : 0,
  };
  return stores.account.add([entryOf(stores, { kind: 'sent', on, why, detail, lines })]);
}

/**
 * Records what a refiner paid. The metal leaves the account.
 * @throws NotThere; NotAcceptable when it was settled before, or an amount cannot be read
 */
export function settle(
  stores: Stores,
  id: string,
  { on, paid, charge, assay, isCredit, why }: Settlement,
): MetalEntry[] {
  const held = stores.account.balances(`refiner/${id}`);
  if (held.length === 0) throw new NotThere('Nothing of this consignment is at a refiner.');
  const { currency } = currentBasis(stores).rates;
  const [money, cost] = [
    readMoney(paid, currency, 'amount'),
    charge.trim() ? readMoney(charge, currency, 'amount') : null,
  ];
  const assayed = readAssay(assay);
  refuseIssues(
    [
      ...assayed.issues,
      ...(money.ok ? [] : [{ path: 'paid', sentence: money.sentence }]),
      ...(cost === null || cost.ok ? [] : [{ path: 'charge', sentence: cost.sentence }]),
    ],
    'This can’t be booked yet.',
  );
  const lines = withAssay(
    held.flatMap((one) => move(one, { place: one.place }, { place: 'settled' })),
    assayed.fine,
  );
  const detail = {
    consignment: id,
    settledMinor: money.ok ? Math.round(money.value) : 0,
    chargeMinor: cost?.ok ? Math.round(cost.value) : 0,
    isCredit,
  };
  return stores.account.add([entryOf(stores, { kind: 'settled', on, why, detail, lines })]);
}

/** Fine metal by the assay, whole mg; metals that were not assayed are left out. */
function readAssay(typed: Settlement['assay']) {
  const fine: Partial<Record<FineMetal, number>> = {};
  const issues: Issue[] = [];
  for (const metal of fineMetals) {
    const text = typed[metal]?.trim() ?? '';
    if (!text) continue;
    const reading = readGrams(text);
    if (reading.ok) fine[metal] = mgOf(reading.value);
    else issues.push({ path: `assay.${metal}`, sentence: reading.sentence });
  }
  return { fine, issues };
}

/** The assay decides what fine metal was settled; what the account had more or less of is an assay difference. */
function withAssay(lines: readonly MetalLine[], assayed: Partial<Record<FineMetal, number>>): MetalLine[] {
  const [first] = lines.filter(({ place }) => place === 'settled');
  if (!first || Object.keys(assayed).length === 0) return [...lines];
  const booked = sumOf(lines.filter(({ place }) => place === 'settled')).fine;
  const more = (metal: FineMetal) => (assayed[metal] ?? booked[metal]) - booked[metal];
  const found = { alloy: first.alloy, mg: 0, fine: { Ag: more('Ag'), Au: more('Au'), Pt: more('Pt'), Pd: more('Pd') } };
  return [...lines, ...move(found, { place: 'assay' }, { place: 'settled' })];
}
