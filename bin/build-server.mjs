// Bundles the server into dist/server. Packages go in with it, since Node takes longer to find hundreds of small files
// than to run them; those stay outside that bring native code or find files beside their own.
import { copyFileSync, cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './setup.mjs';

const { build } = await import('esbuild');
const outdir = join(root, 'dist/server');
rmSync(outdir, { recursive: true, force: true });
await build({
  absWorkingDir: root,
  entryPoints: [
    'server/main.ts',
    'server/noon.ts',
    'server/documents/paper-thread.ts',
    'server/safekeeping/safekeeping-thread.ts',
    'solver/search-thread.ts',
    'solver/finder-child.ts',
  ],
  entryNames: '[name]',
  outdir,
  bundle: true,
  // A command loads only the parts it needs.
  splitting: true,
  chunkNames: 'part-[hash]',
  platform: 'node',
  target: 'node20',
  format: 'esm',
  external: ['better-sqlite3', 'sharp', '@fastify/swagger-ui', 'pdfkit', 'bwip-js', 'highs', 'selfsigned'],
  banner: {
    js: "import { createRequire as toRequire } from 'node:module'; const require = toRequire(import.meta.url); const __filename = import.meta.filename; const __dirname = import.meta.dirname;",
  },
  // Less to read when a command starts.
  minifyWhitespace: true,
  minifySyntax: true,
  sourcemap: true,
});
copyFileSync(join(root, 'solver/minizinc-child.mjs'), join(outdir, 'minizinc-child.mjs'));
cpSync(join(root, 'server/migrations'), join(outdir, 'migrations'), { recursive: true });
