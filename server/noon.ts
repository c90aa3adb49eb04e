// The noon command: JSON out on standard output; errors in one line on standard error, with exit 2.
import { existsSync } from 'node:fs';
import { homedir } from 'node:os';
import { dirname, join } from 'node:path';
import { createInterface } from 'node:readline';
import { fileURLToPath } from 'node:url';
import type { AskBasis } from '../core/ask/ask.ts';
import { alloysWith } from '../core/metal/alloy.ts';
import { readRates } from '../core/studio/rates.ts';
import { outcomeOf, outputOf } from './command/ask.ts';
import { Book } from './store/book.ts';
import { openLedger } from './store/ledger.ts';

const USAGE =
  'Usage: npm run -s noon -- ask "18 ga sterling round 120 mm", or ask - to answer one question a line from standard input.';

const [command, ...words] = process.argv.slice(2);
if (command !== 'ask' || words.length === 0) stop(USAGE);
const basis = basisOfLedger();
if (words.length === 1 && words[0] === '-') {
  for await (const line of createInterface({ input: process.stdin })) console.log(outputOf(outcomeOf(line, basis)));
} else {
  const outcome = outcomeOf(words.join(' '), basis);
  if ('error' in outcome) stop(outcome.error);
  else console.log(outputOf(outcome));
}

/** The maker's own alloys and fix when there is a ledger; else the built-in alloys and no prices. */
function basisOfLedger(): AskBasis {
  const path = process.env['NOON_LEDGER'] ?? join(homedir(), 'noon-ledger', 'ledger.sqlite');
  if (!existsSync(path)) return { alloys: alloysWith([]), fix: null };
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
    };
  } finally {
    ledger.close();
  }
}

function stop(sentence: string): never {
  console.error(sentence);
  process.exit(2);
}
