// The compiled bundle answers as the sources do.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { alloysWith } from '../../core/metal/alloy.ts';
import { outcomeOf, outputOf } from './ask.ts';
import { loadAsk, runBundle } from './load-ask.ts';

const folder = mkdtempSync(join(tmpdir(), 'noon-ask-'));
const basis = { alloys: alloysWith([]), fix: null };
const questions = ['18 ga sterling round 120 mm', '20 gauge vs 21 gauge', 'no such thing'];

beforeAll(async () => {
  await build({ entryPoints: ['server/command/ask-bundle.ts'], outfile: join(folder, 'ask.cjs'), bundle: true, platform: 'node', format: 'cjs' }); // prettier-ignore
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test.each(questions)('%s', async (question) => {
  const { bundle, script } = runBundle(folder);
  bundle.outcomeOf(question, basis);
  const code = script.createCachedData();
  expect(runBundle(folder, code).script.cachedDataRejected).toBe(false);
  writeFileSync(join(folder, 'ask.code'), code);
  const loaded = await loadAsk(folder);
  const answer = loaded.outputOf(loaded.outcomeOf(question, { ...basis, alloys: loaded.alloysWith([]) }));
  expect(answer).toBe(outputOf(outcomeOf(question, basis)));
});

test('code of another V8 is compiled again', () => {
  expect(runBundle(folder, Buffer.from('not code')).bundle.outputOf({ figures: [] })).toBe('[]');
});

test('without a build the sources answer', async () => {
  expect((await loadAsk(join(folder, 'nothing'))).outputOf({ figures: [] })).toBe('[]');
});
