// The noon command, which loads only what its words need: JSON out on standard output; errors in one line on standard error, with exit 2.
import { existsSync, readFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';
import type { z } from 'zod';
import type { CommandBasis } from './command/ledger-basis.ts';
import { loadAsk } from './command/load-ask.ts';

const USAGE =
  'Usage: npm run -s noon -- ask "18 ga sterling round 120 mm" (ask - answers one question a line from standard input), check piece.json (check - reads standard input) [--country GB], route piece.json, price pieces.json [--studio studio.json] [--fix fix.json], cut bars.json [--seconds 10], nest sheets.json [--seconds 10], schedule problem.json [--seconds 10] [--seed 1], backup FILE, restore FILE, verify FILE (verify - checks the ledger), export FILE.zip, import FILE.zip, or salvage NEWFILE (saves what can be read of a damaged ledger).';

/** s that a plan may take by default. */
const SECONDS = 10;

const commands: Readonly<Record<string, (words: readonly string[]) => Promise<void>>> = {
  ask,
  check,
  price,
  route,
  cut,
  nest,
  schedule,
  backup,
  restore,
  verify,
  export: exportAll,
  import: importAll,
  salvage,
};
const [command = '', ...words] = process.argv.slice(2);
const run = commands[command];
if (!run || words.length === 0) stop(USAGE);
await run(words);

async function ask(asked: readonly string[]): Promise<void> {
  const { alloysWith, outcomeOf, outputOf, setStudioFormat } = await loadAsk(import.meta.dirname);
  const own = existsSync(ledgerPath()) ? await basisHere() : { alloys: alloysWith([]), fix: null, country: '' };
  if (own.country) setStudioFormat(own.country);
  if (asked.length === 1 && asked[0] === '-') {
    const { createInterface } = await import('node:readline');
    for await (const line of createInterface({ input: process.stdin })) console.log(outputOf(outcomeOf(line, own)));
    return;
  }
  const outcome = outcomeOf(asked.join(' '), own);
  if ('error' in outcome) stop(outcome.error);
  console.log(outputOf(outcome));
}

async function check([path = '-', ...options]: readonly string[]): Promise<void> {
  const { checkOutcome } = await import('./command/check.ts');
  const { alloys, country } = await basisHere();
  const named = options[0] === '--country' ? options[1] : undefined;
  if (options.length > 0 && named === undefined) stop(USAGE);
  const outcome = checkOutcome(await read(path), alloys, named ?? country);
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome.pieces));
}

async function route([path = '-', ...options]: readonly string[]): Promise<void> {
  if (options.length > 0) stop(USAGE);
  const { routeOutcome } = await import('./command/route.ts');
  const outcome = routeOutcome(await read(path), (await basisHere()).alloys);
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome.routes));
}

async function price([path = '-', ...options]: readonly string[]): Promise<void> {
  const named = new Map<string, string>();
  for (let at = 0; at < options.length; at += 2) {
    const [name = '', file] = options.slice(at, at + 2);
    if (!['--studio', '--fix'].includes(name) || file === undefined) stop(USAGE);
    named.set(name, file);
  }
  const [{ priceOutcome }, { readRates }, { studioSchema }, { newFixSchema }] = await Promise.all([
    import('./command/price.ts'),
    import('../core/studio/rates.ts'),
    import('../core/studio/studio.ts'),
    import('../core/metal/fix.ts'),
  ]);
  const basis = await basisHere();
  const studioFile = named.get('--studio');
  const fixFile = named.get('--fix');
  const studio = studioFile === undefined ? null : await readAs(studioFile, studioSchema);
  const fix = fixFile === undefined ? basis.fix : { ...(await readAs(fixFile, newFixSchema)), id: 0, at: '' };
  const rates = studio ? readRates(studio, 0) : basis.rates;
  if (!rates) stop('There is no ledger with settings. Name a settings file with --studio.');
  const outcome = priceOutcome(await read(path), rates, fix);
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome.pieces));
}

async function cut(words: readonly string[]): Promise<void> {
  const { path, seconds } = readPlanning(words);
  const text = await read(path);
  const [{ cutOutcome }, { solveWith }, { default: loadHighs }] = await Promise.all([
    import('./command/cut.ts'),
    import('../solver/highs.ts'),
    import('highs'),
  ]);
  const solve = solveWith(await loadHighs());
  // Loading the solver is not planning.
  const started = performance.now();
  const outcome = cutOutcome(text, solve, seconds, () => (performance.now() - started) / 1000);
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome));
}

async function nest(words: readonly string[]): Promise<void> {
  const { path, seconds } = readPlanning(words);
  const text = await read(path);
  const { nestOutcome } = await import('./command/nest.ts');
  const started = performance.now();
  const outcome = nestOutcome(text, seconds, () => (performance.now() - started) / 1000);
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome));
}

async function schedule(words: readonly string[]): Promise<void> {
  const { path, seconds, seed } = readPlanning(words, ['--seconds', '--seed']);
  const text = await read(path);
  const [{ scheduleOutcome }, { ConstraintSolver }] = await Promise.all([
    import('./command/schedule.ts'),
    import('../solver/minizinc.ts'),
  ]);
  const solver = new ConstraintSolver();
  const outcome = await scheduleOutcome(text, solver, seconds, seed, () => performance.now());
  solver.stop();
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome));
}

async function backup([file = '', ...more]: readonly string[]): Promise<void> {
  if (more.length > 0) stop(USAGE);
  const { backupOutcome } = await import('./command/safekeeping.ts');
  report(await backupOutcome(ledgerPath(), file));
}

async function restore([file = '', ...more]: readonly string[]): Promise<void> {
  if (more.length > 0) stop(USAGE);
  const { restoreOutcome } = await import('./command/safekeeping.ts');
  report(await restoreOutcome(ledgerPath(), file));
}

/** Checks a file; `-` is the ledger. */
async function verify([file = '-', ...more]: readonly string[]): Promise<void> {
  if (more.length > 0) stop(USAGE);
  const { verifyOutcome } = await import('./command/safekeeping.ts');
  report(verifyOutcome(file === '-' ? ledgerPath() : file));
}

async function exportAll([file = '', ...more]: readonly string[]): Promise<void> {
  if (more.length > 0) stop(USAGE);
  const { exportOutcome } = await import('./command/safekeeping.ts');
  report(await exportOutcome(ledgerPath(), file));
}

async function importAll([file = '', ...more]: readonly string[]): Promise<void> {
  if (more.length > 0) stop(USAGE);
  const { importOutcome } = await import('./command/safekeeping.ts');
  report(await importOutcome(ledgerPath(), file));
}

async function salvage([file = '', ...more]: readonly string[]): Promise<void> {
  if (more.length > 0) stop(USAGE);
  const { salvageOutcome } = await import('./command/safekeeping.ts');
  report(await salvageOutcome(ledgerPath(), file));
}

function report(outcome: { readonly done: object } | { readonly error: string }): void {
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome.done));
}

function ledgerPath(): string {
  return process.env['NOON_LEDGER'] ?? join(homedir(), 'noon-ledger', 'ledger.sqlite');
}

/** `problem.json [--seconds 10] [--seed 1]`; `-` reads standard input. */
function readPlanning(
  [path = '-', ...options]: readonly string[],
  allowed: readonly string[] = ['--seconds'],
): { path: string; seconds: number; seed: number } {
  const given = new Map<string, number>();
  for (let at = 0; at < options.length; at += 2) {
    const [name = '', value] = options.slice(at, at + 2);
    const number = Number(value);
    if (!allowed.includes(name) || value === undefined || !(number >= 0)) stop(USAGE);
    given.set(name, number);
  }
  const seconds = given.get('--seconds') ?? SECONDS;
  if (!(seconds > 0)) stop(USAGE);
  return { path, seconds, seed: Math.floor(given.get('--seed') ?? 1) };
}

async function readAs<Value>(path: string, schema: z.ZodType<Value>): Promise<Value> {
  const { readJson } = await import('./command/piece-file.ts');
  const outcome = readJson(await read(path), schema);
  if ('error' in outcome) stop(`${path}: ${outcome.error}`);
  return outcome.value;
}

async function read(path: string): Promise<string> {
  if (path === '-') return await (await import('node:stream/consumers')).text(process.stdin);
  try {
    return readFileSync(path, 'utf8');
  } catch {
    stop(`${path} could not be read.`);
  }
}

async function basisHere(): Promise<CommandBasis> {
  const { basisOfLedger } = await import('./command/basis-of-ledger.ts');
  return await basisOfLedger(ledgerPath());
}

function stop(sentence: string): never {
  console.error(sentence);
  process.exit(2);
}
