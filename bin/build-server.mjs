// Bundles the server into dist/server. Packages go in with it, since Node takes longer to find hundreds of small files
// than to run them; those stay outside that bring native code or find files beside their own.
import { copyFileSync, cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root, run } from './setup.mjs';

const { build } = await import('esbuild');
const outdir = join(root, 'dist/server');
rmSync(outdir, { recursive: true, force: true });
const usual = {
  absWorkingDir: root,
  bundle: true,
  platform: 'node',
  target: 'node20',
  external: ['better-sqlite3', 'sharp', '@fastify/swagger-ui', 'pdfkit', 'bwip-js', 'highs', 'selfsigned'],
  // Less to read when a command starts.
  minifyWhitespace: true,
  minifySyntax: true,
};
await build({
  ...usual,
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
  // A command loads only the parts it needs.
  splitting: true,
  chunkNames: 'part-[hash]',
  format: 'esm',
  banner: {
    js: "import { createRequire as toRequire } from 'node:module'; const require = toRequire(import.meta.url); const __filename = import.meta.filename; const __dirname = import.meta.dirname;",
  },
  sourcemap: true,
});
await build({
  ...usual,
  entryPoints: ['server/command/ask-bundle.ts'],
  outfile: join(outdir, 'ask.cjs'),
  format: 'cjs',
});
await build({ ...usual, entryPoints: ['server/command/compile-ask.ts'], outdir, format: 'esm' });
run(process.execPath, [join(outdir, 'compile-ask.js'), outdir]);
copyFileSync(join(root, 'solver/minizinc-child.mjs'), join(outdir, 'minizinc-child.mjs'));
cpSync(join(root, 'server/demo/drawings'), join(outdir, 'drawings'), {
  recursive: true,
  filter: (path) => !path.endsWith('.svg'),
});
cpSync(join(root, 'server/migrations'), join(outdir, 'migrations'), { recursive: true });
