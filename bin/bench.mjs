// npm run bench: how fast the book answers, measured in Chromium on this machine, each against its bound.
import { join } from 'node:path';
import { ensureBuilt, ensureDebian, ensureInstalled, root, run } from './setup.mjs';

ensureInstalled();
await ensureDebian('chromium');
ensureBuilt();
run(process.execPath, [join(root, 'node_modules/tsx/dist/cli.mjs'), 'benchmarks/run.ts', ...process.argv.slice(2)]);
