// Ten years of the metal account: every page of it at the server, 95th percentile.
import { type MetalLine, metalMass, move, type NewMetalEntry } from '../core/account/entry.ts';
import { jarKinds, type Place } from '../core/account/place.ts';
import { newLotSchema } from '../core/batch/stock/shelf.ts';
import { dayAfter } from '../core/measure/days.ts';
import { seeded } from '../core/measure/random.ts';
import { alloysWith } from '../core/metal/alloy.ts';
import { createApp } from '../server/app.ts';
import { setUpStudio } from '../server/services/set-up-studio.ts';
import { addLot } from '../server/services/stockroom.ts';
import { openLedger } from '../server/store/ledger.ts';
import { openStores } from '../server/store/stores.ts';
import { type Measured, quantileOf } from './measured.ts';

const ENTRIES = 200_000;
const FIRST_DAY = '2016-01-01';
const DAYS = 3650;
const LOTS = 300;
const ROUNDS = 40;
const BOUND_MS = 50;

/** @returns ms of each page, 95th percentile, beside its bound */
export async function account(): Promise<Measured[]> {
  const ledger = openLedger(':memory:', 'server/migrations', 'own');
  let now = `${FIRST_DAY}T10:00:00.000Z`;
  const stores = openStores(ledger, () => now);
  setUpStudio(stores, { name: 'Bench', country: 'GB', currency: 'GBP', units: 'mm', hourlyRate: '30' });
  fill(stores, (day) => (now = `${day}T10:00:00.000Z`));
  const app = await createApp(stores, { logLevel: 'silent' });
  const last = dayAfter(FIRST_DAY, DAYS);
  const [lot] = stores.account.lots();
  const pages = [
    ['stock', '/api/shelf'],
    ['jars', '/api/jars'],
    ['account of this year', `/api/account?from=${dayAfter(last, -365)}&until=${last}`],
    ['account of ten years', `/api/account?from=${FIRST_DAY}&until=${last}`],
    ['entries of a month', `/api/account/entries?from=${dayAfter(last, -30)}&until=${last}`],
    ['a lot', `/api/lots/${lot?.id ?? ''}`],
    ['orders', '/api/orders'],
  ] as const;
  const measured: Measured[] = [];
  for (const [what, url] of pages) {
    const times: number[] = [];
    for (let round = 0; round < ROUNDS; round += 1) {
      const began = performance.now();
      await app.inject({ method: 'GET', url, headers: { host: '127.0.0.1' } });
      // The book of costs is read once after a start.
      if (round > 0) times.push(performance.now() - began);
    }
    const measuredMs = quantileOf(times, 0.95);
    measured.push({
      what: `metal, ${String(ENTRIES)} entries: ${what}`,
      measured: measuredMs,
      bound: BOUND_MS,
      unit: 'ms',
    });
  }
  await app.close();
  ledger.close();
  return measured;
}

function fill(stores: ReturnType<typeof openStores>, onDay: (day: string) => void): void {
  const random = seeded(22);
  const pick = <One>(options: readonly One[]) => options[Math.floor(random() * options.length)] as One;
  const alloys = alloysWith([]);
  const metals = ['silver-925', 'silver-999', 'gold-14k-yellow', 'copper-c110', 'brass-c260'];
  for (let lot = 0; lot < LOTS; lot += 1) {
    onDay(dayAfter(FIRST_DAY, Math.floor((lot * DAYS) / LOTS)));
    const section = { form: 'round', diameter: `${String(1 + (lot % 9) / 10)} mm` };
    addLot(stores, newLotSchema.parse({ alloy: pick(metals), section, length: '2 m', count: '3', paid: '30' }));
  }
  const entry = (on: string, kind: NewMetalEntry['kind'], lines: readonly MetalLine[]): NewMetalEntry => {
    return { on, kind, batchId: null, why: '', corrects: null, currency: 'GBP', detail: {}, lines };
  };
  let batch: NewMetalEntry[] = [];
  for (let at = 0; at < ENTRIES; at += 1) {
    const day = dayAfter(FIRST_DAY, Math.floor((at * DAYS) / ENTRIES));
    const metal = pick(metals);
    const mass = metalMass(metal, alloys.get(metal), 1 + Math.floor(random() * 90_000));
    const work: Place = `work/b${String(Math.floor(at / 60))}`;
    const [from, to, kind]: readonly [Place, Place, NewMetalEntry['kind']] = pick([
      ['supplier', work, 'received'],
      [work, 'finished', 'returned'],
      [work, `jar/${pick(jarKinds.slice(0, 3))}/${metal}`, 'returned'],
      [work, 'loss', 'returned'],
    ] as const);
    batch.push(
      entry(day, kind, move(mass, { place: from, paidMinor: kind === 'received' ? 900 : null }, { place: to })),
    );
    if (batch.length === 2000) {
      onDay(day);
      stores.account.add(batch);
      batch = [];
    }
  }
  stores.account.add(batch);
  onDay(dayAfter(FIRST_DAY, DAYS));
}
