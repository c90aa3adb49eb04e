// npm run -s noon -- <command>: the book's sums for scripts.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuilt, ensureInstalled, root } from './setup.mjs';

ensureInstalled();
ensureBuilt();
const args = [join(root, 'dist/server/noon.js'), ...process.argv.slice(2)];
process.exit(spawnSync(process.execPath, args, { stdio: 'inherit' }).status ?? 1);
