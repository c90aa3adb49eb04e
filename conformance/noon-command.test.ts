// The noon command as a script calls it.
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

test('answers one question a line in one process, with errors in their places', () => {
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

test.each([[['ask', 'unicorn']], [['sing']]])('%j gives one line on standard error and exit code 2', (args) => {
  const { status, stdout, stderr } = noon(args);
  expect(status).toBe(2);
  expect(stdout).toBe('');
  expect(stderr.trim().split('\n')).toHaveLength(1);
});

test('plans a schedule, proves it, and gives one line for a problem without a plan', () => {
  const problem = {
    makers: [{ id: 'ann', skills: ['bench'], shifts: [[0, 240], [300, 540]] }],
    stations: [{ id: 'pickle', count: 1 }],
    jobs: ['a', 'b'].map((id) => ({
      id,
      due: 200,
      steps: [
        { id: 'saw', skill: 'bench', attended: 60, pausable: true },
        { id: 'pickle', after: ['saw'], station: 'pickle', unattended: 90 },
        { id: 'file', after: ['pickle'], skill: 'bench', attended: 30 },
      ],
    })),
  }; // prettier-ignore
  const { status, stdout } = noon(['schedule', '-', '--seconds', '30', '--seed', '3'], JSON.stringify(problem));
  expect(status).toBe(0);
  const plan = JSON.parse(stdout) as { objective: object; bound: object; steps: object[] };
  // One job is sawn while the other is in the acid, which holds one at a time: 60 + 90 + 90, and the filing after the
  // break.
  expect(plan.objective).toMatchObject({ overLag: 0, tardiness: 130, makespan: 330 });
  expect(plan.bound).toMatchObject({ tardiness: 130, makespan: 330 });
  expect(plan.steps).toHaveLength(6);
  const never = { ...problem, makers: [{ id: 'ann', skills: ['bench'], shifts: [[0, 30]] }] };
  const refused = noon(['schedule', '-'], JSON.stringify(never));
  expect([refused.status, refused.stderr.trim()]).toEqual([2, expect.stringMatching(/^There is no plan/) as string]);
  expect(noon(['schedule', '-', '--seed'], '{}').status).toBe(2);
});
