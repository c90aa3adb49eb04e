// Bundles the server into dist/server; packages stay in node_modules.
import { cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './setup.mjs';

const { build } = await import('esbuild');
const outdir = join(root, 'dist/server');
rmSync(outdir, { recursive: true, force: true });
await build({
  absWorkingDir: root,
  entryPoints: ['server/main.ts', 'server/noon.ts'],
  outdir,
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  sourcemap: true,
});
cpSync(join(root, 'server/migrations'), join(outdir, 'migrations'), { recursive: true });
