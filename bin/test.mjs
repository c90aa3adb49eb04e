// npm test: sets up what is missing, then everything CI runs, in order of how soon it can fail.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt, ensureDebian, ensureInstalled, root } from './setup.mjs';

const debian = ensureDebian('chromium', 'units', 'pdftoppm');
ensureInstalled();
const coverage = join(root, 'coverage');
rmSync(coverage, { recursive: true, force: true });
mkdirSync(coverage, { recursive: true });
const unitReport = join(coverage, 'vitest.json');
const browserReport = join(coverage, 'playwright.json');

const script = (path) => join(root, 'node_modules', path);
const folders = ['core', 'solver', 'contract', 'server', 'web', 'e2e', 'benchmarks', 'conformance', 'torture'];
const cache = 'node_modules/.cache';

// Two at a time where they do not get in each other's way: what reads the code beside what runs it. A browser is not
// steady beside anything, so the end-to-end tests come alone.
const reading = [
  ['format', script('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.'],
  ['types', script('typescript/bin/tsc'), '-p', '.', '--incremental', '--tsBuildInfoFile', `${cache}/tsc.json`],
  ['types of the core alone', script('typescript/bin/tsc'), '-p', 'core'],
  [
    'import rules',
    script('dependency-cruiser/bin/dependency-cruise.mjs'),
    '--config',
    'dependency-cruiser.mjs',
    ...folders,
  ],
  ['nothing unused', script('knip/bin/knip.js'), '--no-config-hints'],
  [
    'lint',
    script('eslint/bin/eslint.js'),
    '.',
    '--max-warnings',
    '0',
    '--cache',
    '--cache-location',
    `${cache}/eslint/`,
  ],
];
const running = [
  [
    'unit tests',
    script('vitest/vitest.mjs'),
    'run',
    '--coverage',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${unitReport}`,
  ],
];
const browsing = [['end-to-end tests', script('@playwright/test/cli.js'), 'test']];

const failed = [];
ensureBuilt();
await debian;
await Promise.all([inTurn(reading), inTurn(running)]);
if (failed.length === 0) await inTurn(browsing);

const unit = report(unitReport, (json) => [json.numPassedTests, json.numFailedTests]);
const browser = report(browserReport, ({ stats }) => [stats.expected + stats.flaky, stats.unexpected, stats.flaky]);
const [passed, notPassed] = [unit[0] + browser[0], unit[1] + browser[1]];
if (failed.length > 0) console.log(`\nStopped at: ${failed.join(', ')}`);
if (browser[2]) console.log(`\n${browser[2]} passed only the second time`);
console.log(`\n${passed} passed, ${notPassed} failed`);
process.exit(failed.length > 0 ? 1 : 0);

/** Runs steps one after the other, until one fails. */
async function inTurn(steps) {
  for (const [name, ...args] of steps) {
    const started = Date.now();
    const { code, output } = await runQuietly(args);
    const seconds = ((Date.now() - started) / 1000).toFixed(1);
    if (code !== 0) {
      failed.push(name);
      console.log(`\n${name}: failed, ${seconds} s\n${output}`);
      return;
    }
    console.log(`${name}: fine, ${seconds} s`);
  }
}

// What two steps print at once cannot be read: each is heard out, and shown only if it failed.
function runQuietly(args) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { cwd: root });
    let output = '';
    child.stdout.on('data', (chunk) => (output += chunk));
    child.stderr.on('data', (chunk) => (output += chunk));
    child.on('close', (code) => resolve({ code, output }));
  });
}

function report(file, read) {
  try {
    return read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    return [0, 0];
  }
}
