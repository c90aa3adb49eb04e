// Jars, and what is sent to refiners and settled.
import { randomUUID } from 'node:crypto';
import type { Consignment, Jar, JarsPage, SendToRefiner, Settlement } from '../../contract/account.ts';
import type { Balance } from '../../core/account/balance.ts';
import { type Fine, fineMetals, type MetalEntry, move, sumOf } from '../../core/account/entry.ts';
import { jarAt, type Place } from '../../core/account/place.ts';
import { expectedSettlement, learnTerms, type RefinerTerms } from '../../core/account/refining.ts';
import { dayAfter } from '../../core/measure/days.ts';
import { readMoney } from '../../core/measure/read/read-money.ts';
import { finePrice } from '../../core/metal/fine-price.ts';
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
  return { jars: jars.sort((a, b) => b.mg - a.mg), consignments: consignments(stores) };
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
        entryId: sent.id,
        settled: settled
          ? {
              on: settled.on,
              settledMinor: settled.detail.settledMinor ?? 0,
              chargeMinor: settled.detail.chargeMinor ?? 0,
              isCredit: settled.detail.isCredit ?? false,
              entryId: settled.id,
            }
          : null,
      };
    })
    .toReversed();
}

/** What jars should bring by the studio's terms, before the charge, minor units; metal without a price brings nothing. */
function expectedMinor(stores: Stores, jars: readonly Balance[]): number {
  const { rates, fix } = currentBasis(stores);
  if (!fix) return 0;
  return jars.reduce((sum, { place, fine }) => {
    const kind = jarAt(place)?.kind ?? 'mixed';
    const paid = rates.scrap.share[kind === 'mixed' ? 'filings' : kind].value;
    const terms: RefinerTerms = { paid, loss: rates.scrap.assayLoss.value, chargeMinor: 0 };
    return sum + expectedSettlement(valuesOf(fine, fix), terms, rates.currency).value;
  }, 0);
}

/** What the settlements of a refiner taught: 0.97 where they came 3 % short. */
function learnedFactor(stores: Stores, refiner: string): number {
  const settled = consignments(stores).filter((one) => one.refiner === refiner && one.settled);
  return learnTerms(
    settled.map(({ expectedMinor: expected, settled: paid }) => {
      return { expectedMinor: expected, actualMinor: paid?.settledMinor ?? 0 };
    }),
  ).factor;
}

function valuesOf(fine: Fine, fix: Parameters<typeof finePrice>[0]) {
  return fineMetals.flatMap((metal) => {
    const perGram = finePrice(fix, metal);
    return perGram && fine[metal] > 0 ? [{ mg: fine[metal], perGram }] : [];
  });
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
  const to: Place = `refiner/${consignment}`;
  const lines = jars.flatMap((jar) => move(jar, { place: jar.place }, { place: to }));
  const detail = {
    consignment,
    refiner: refiner.trim(),
    expectedMinor: Math.round(expectedMinor(stores, jars) * learnedFactor(stores, refiner.trim())),
    chargeMinor: read?.ok ? Math.round(read.value) : 0,
  };
  return stores.account.add([entryOf(stores, { kind: 'sent', on, why, detail, lines })]);
}

/**
 * Records what a refiner paid. The metal leaves the account.
 * @throws NotThere; NotAcceptable when it was settled before, or an amount cannot be read
 */
export function settle(stores: Stores, id: string, { on, paid, charge, isCredit, why }: Settlement): MetalEntry[] {
  const held = stores.account.balances(`refiner/${id}`);
  if (held.length === 0) throw new NotThere('Nothing of this consignment is at a refiner.');
  const { currency } = currentBasis(stores).rates;
  const [money, cost] = [
    readMoney(paid, currency, 'amount'),
    charge.trim() ? readMoney(charge, currency, 'amount') : null,
  ];
  refuseIssues(
    [
      ...(money.ok ? [] : [{ path: 'paid', sentence: money.sentence }]),
      ...(cost === null || cost.ok ? [] : [{ path: 'charge', sentence: cost.sentence }]),
    ],
    'This can’t be booked yet.',
  );
  const lines = held.flatMap((one) => move(one, { place: one.place }, { place: 'settled' }));
  const detail = {
    consignment: id,
    settledMinor: money.ok ? Math.round(money.value) : 0,
    chargeMinor: cost?.ok ? Math.round(cost.value) : 0,
    isCredit,
  };
  return stores.account.add([entryOf(stores, { kind: 'settled', on, why, detail, lines })]);
}
