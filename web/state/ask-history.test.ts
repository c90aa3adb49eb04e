// Questions kept on this device: the latest first, none twice, and what cannot be read is no history.
import { beforeEach, expect, test, vi } from 'vitest';

const kept = new Map<string, string>();
vi.stubGlobal('localStorage', {
  getItem: (key: string) => kept.get(key) ?? null,
  setItem: (key: string, value: string) => void kept.set(key, value),
});

beforeEach(() => {
  kept.clear();
  vi.resetModules();
});

/** As after the page was loaded anew. */
const opened = () => import('./ask-history.ts');
const stored = () => JSON.parse(kept.get('noon-ask') ?? 'null') as { asked: string[]; pinned: string[] } | null;

test('the latest question comes first, a repeated one moves up, and blank ones are ignored', async () => {
  const { remember } = await opened();
  for (const line of ['18 ga sterling 120 mm', 'ring Q 6 mm', ' 18 ga sterling 120 mm ', '   ']) remember(line);
  expect(stored()?.asked).toEqual(['18 ga sterling 120 mm', 'ring Q 6 mm']);
});

test('the last sixty questions are stored', async () => {
  const { remember } = await opened();
  for (let index = 0; index < 75; index += 1) remember(`disc ${String(index)} mm`);
  expect(stored()?.asked).toHaveLength(60);
  expect(stored()?.asked[0]).toBe('disc 74 mm');
  expect(stored()?.asked.at(-1)).toBe('disc 15 mm');
});

test('pins stay when their question is dropped from the history, and can be removed', async () => {
  const { remember, togglePin, forgetAsked } = await opened();
  remember('20 ga in mm');
  togglePin('20 ga in mm');
  togglePin('1 ozt in g');
  forgetAsked();
  expect(stored()).toEqual({ asked: [], pinned: ['1 ozt in g', '20 ga in mm'] });
  togglePin('1 ozt in g');
  expect(stored()?.pinned).toEqual(['20 ga in mm']);
});

test('the history survives a reload, and an unreadable one is replaced by an empty one', async () => {
  kept.set('noon-ask', JSON.stringify({ asked: ['tube 4 x 3 mm'], pinned: [] }));
  (await opened()).remember('strip 6 x 1 mm');
  expect(stored()?.asked).toEqual(['strip 6 x 1 mm', 'tube 4 x 3 mm']);
  for (const broken of ['{', '{"asked":7}', '[]']) {
    vi.resetModules();
    kept.set('noon-ask', broken);
    (await opened()).remember('once more');
    expect(stored()).toEqual({ asked: ['once more'], pinned: [] });
  }
});
