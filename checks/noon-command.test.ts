// The noon command as a script would call it.
import { spawnSync } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, vi } from 'vitest';

// Each case starts a process of its own.
vi.setConfig({ testTimeout: 120_000 });

const env = { ...process.env, NOON_LEDGER: join(tmpdir(), 'no-ledger-here.sqlite') };
const noon = (args: string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'server/noon.ts', ...args], { input, env, encoding: 'utf8' });

test('answers a question in JSON', () => {
  const { status, stdout } = noon(['ask', '54 g', 'in ozt']);
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toMatchObject([{ label: 'in ozt', unit: 'ozt', how: '54 ÷ 31.103' }]);
});

test('answers one question a line in one process, errors in their place', () => {
  const { status, stdout } = noon(['ask', '-'], '18 ga\nunicorn\nring 7 us, 1.5 mm\n');
  const lines = stdout
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as unknown);
  expect(status).toBe(0);
  expect(lines).toMatchObject([
    [{ unit: 'mm' }, {}],
    { error: expect.stringContaining('None of these words') as string },
    [{ unit: 'mm' }, {}],
  ]);
});

test.each([[['ask', 'unicorn']], [['sing']]])('%j: one line on standard error and exit 2', (args) => {
  const { status, stdout, stderr } = noon(args);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr.trim().split('\n')).toHaveLength(1);
});
