// npm run torture: kills, cut connections and bad requests against the built server; fifteen minutes at most, loopback only.
// MINUTES=3 npm run torture runs a shorter one; `-- kills` or another name runs one part.
import { join } from 'node:path';
import { ensureBuilt, ensureDebian, ensureInstalled, root, run } from './setup.mjs';

ensureInstalled();
await ensureDebian('chromium');
ensureBuilt();
run(process.execPath, [join(root, 'node_modules/tsx/dist/cli.mjs'), 'torture/run.ts', ...process.argv.slice(2)]);
