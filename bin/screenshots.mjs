// npm run screenshots: the pictures of the README, from a fresh sample workshop.
import { join } from 'node:path';
import { ensureBuilt, ensureDebian, ensureInstalled, root, run } from './setup.mjs';

ensureInstalled();
await ensureDebian('chromium');
ensureBuilt();
run(process.execPath, [join(root, 'node_modules/tsx/dist/cli.mjs'), 'e2e/screenshots.ts']);
