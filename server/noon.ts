// The noon command: JSON out on standard output; errors in one line on standard error, with exit 2.
import { existsSync, readFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline';
import { text } from 'node:stream/consumers';
import { fileURLToPath } from 'node:url';
import type { AskBasis } from '../core/ask/ask.ts';
import { alloysWith } from '../core/metal/alloy.ts';
import { readRates } from '../core/studio/rates.ts';
import { outcomeOf, outputOf } from './command/ask.ts';
import { checkOutcome } from './command/check.ts';
import { Book } from './store/book.ts';
import { openLedger } from './store/ledger.ts';

const USAGE =
  'Usage: npm run -s noon -- ask "18 ga sterling round 120 mm" (ask - answers one question a line from standard input), or check piece.json (check - reads standard input) [--country GB].';

const commands: Readonly<Record<string, (words: readonly string[]) => Promise<void>>> = { ask, check };
const [command = '', ...words] = process.argv.slice(2);
const run = commands[command];
if (!run || words.length === 0) stop(USAGE);
await run(words);

async function ask(asked: readonly string[]): Promise<void> {
  const basis = basisOfLedger();
  if (asked.length === 1 && asked[0] === '-') {
    for await (const line of createInterface({ input: process.stdin })) console.log(outputOf(outcomeOf(line, basis)));
    return;
  }
  const outcome = outcomeOf(asked.join(' '), basis);
  if ('error' in outcome) stop(outcome.error);
  console.log(outputOf(outcome));
}

async function check([path = '-', ...options]: readonly string[]): Promise<void> {
  const { alloys, country } = basisOfLedger();
  const named = options[0] === '--country' ? options[1] : undefined;
  if (options.length > 0 && named === undefined) stop(USAGE);
  const outcome = checkOutcome(await read(path), alloys, named ?? country);
  if ('error' in outcome) stop(outcome.error);
  console.log(JSON.stringify(outcome.pieces));
}

async function read(path: string): Promise<string> {
  if (path === '-') return await text(process.stdin);
  try {
    return readFileSync(path, 'utf8');
  } catch {
    stop(`${path} could not be read.`);
  }
}

/** The maker's own alloys, fix and country when there is a ledger; else the built-in alloys and no prices. */
function basisOfLedger(): AskBasis & { readonly country: string } {
  const path = process.env['NOON_LEDGER'] ?? join(homedir(), 'noon-ledger', 'ledger.sqlite');
  if (!existsSync(path)) return { alloys: alloysWith([]), fix: null, country: '' };
  const here = dirname(fileURLToPath(import.meta.url));
  const migrations =
    [join(here, 'migrations'), join(here, '../../server/migrations')].find((dir) => existsSync(dir)) ?? '';
  const ledger = openLedger(path, migrations, process.env['NOON_DEMO'] ? 'demo' : 'own');
  try {
    const book = new Book(ledger);
    const [studio] = book.studio.list();
    const settings = studio && (studio.accepted ?? studio.body);
    return {
      alloys: settings ? readRates(settings, studio.revision).alloys : alloysWith([]),
      fix: book.fixes.list()[0] ?? null,
      country: settings?.country ?? '',
    };
  } finally {
    ledger.close();
  }
}

function stop(sentence: string): never {
  console.error(sentence);
  process.exit(2);
}
