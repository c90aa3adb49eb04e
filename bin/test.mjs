// npm test: sets up what is missing, then everything CI runs, in order of how soon it can fail.
import { readFileSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureDebian, ensureInstalled, root, run } from './setup.mjs';

ensureInstalled();
ensureDebian('chromium', 'units', 'pdftoppm');
const coverage = join(root, 'coverage');
rmSync(coverage, { recursive: true, force: true });
mkdirSync(coverage, { recursive: true });
const unitReport = join(coverage, 'vitest.json');
const browserReport = join(coverage, 'playwright.json');

const node = (script, ...args) => run(process.execPath, [join(root, 'node_modules', script), ...args]);
const steps = [
  ['format', () => node('prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.')],
  [
    'types',
    () => node('typescript/bin/tsc', '-p', '.', '--incremental', '--tsBuildInfoFile', 'node_modules/.cache/tsc.json'),
  ],
  ['types of the core alone', () => node('typescript/bin/tsc', '-p', 'core')],
  [
    'import rules',
    () =>
      node(
        'dependency-cruiser/bin/dependency-cruise.mjs',
        '--config',
        'dependency-cruiser.mjs',
        'core',
        'solver',
        'contract',
        'server',
        'web',
        'e2e',
        'bench',
        'checks',
      ),
  ],
  ['nothing unused', () => node('knip/bin/knip.js', '--no-config-hints')],
  [
    'lint',
    () =>
      node(
        'eslint/bin/eslint.js',
        '.',
        '--max-warnings',
        '0',
        '--cache',
        '--cache-location',
        'node_modules/.cache/eslint/',
      ),
  ],
  [
    'unit tests',
    () =>
      node(
        'vitest/vitest.mjs',
        'run',
        '--coverage',
        '--reporter=dot',
        '--reporter=json',
        `--outputFile.json=${unitReport}`,
      ),
  ],
  ['build', () => ensureBuilt()],
  ['end-to-end tests', () => node('@playwright/test/cli.js', 'test')],
];

let failedStep = '';
for (const [name, step] of steps) {
  const started = Date.now();
  console.log(`\n${name}`);
  try {
    step();
  } catch {
    failedStep = name;
    break;
  }
  console.log(`${name}: fine, ${((Date.now() - started) / 1000).toFixed(1)} s`);
}

const unit = report(unitReport, (json) => [json.numPassedTests, json.numFailedTests]);
const browser = report(browserReport, ({ stats }) => [stats.expected + stats.flaky, stats.unexpected, stats.flaky]);
const [passed, failed] = [unit[0] + browser[0], unit[1] + browser[1]];
if (failedStep) console.log(`\nStopped at: ${failedStep}`);
if (browser[2]) console.log(`\n${browser[2]} passed only the second time`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failedStep ? 1 : 0);

function report(file, read) {
  try {
    return read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return [0, 0];
  }
}
