// npm run dev: the sample workshop with pages and server that follow the source.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureInstalled, root } from './setup.mjs';

ensureInstalled();
const env = {
  ...process.env,
  NOON_LEDGER: join(root, 'data/dev.sqlite'),
  NOON_DEMO: '1',
  NOON_LOG: 'info',
  NOON_API_DOCS: '1',
  PORT: '4409',
};
const children = [
  spawn(process.execPath, [join(root, 'node_modules/tsx/dist/cli.mjs'), 'watch', 'server/main.ts'], {
    cwd: root,
    stdio: 'inherit',
    env,
  }),
  spawn(process.execPath, [join(root, 'node_modules/vite/bin/vite.js')], { cwd: root, stdio: 'inherit' }),
];
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => children.forEach((child) => child.kill(signal)));
for (const child of children) child.on('exit', () => process.exit());
