import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const router = fileURLToPath(new URL('node_modules/react-router/dist/production/', import.meta.url));

export default defineConfig({
  root: 'web',
  plugins: [react(), tailwindcss()],
  html: { cspNonce: '__CSP_NONCE__' },
  build: {
    outDir: '../dist/web',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    target: 'es2023',
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'react', test: /node_modules[\\/](react|react-dom|scheduler|react-router)[\\/]/ },
            { name: 'zod', test: /node_modules[\\/]zod[\\/]|web[\\/]shell[\\/]zod/ },
          ],
        },
      },
    },
  },
  worker: { format: 'es' },
  resolve: {
    alias: [
      // Sets zod up for the content security policy, in the page and in every worker.
      { find: /^zod$/, replacement: fileURLToPath(new URL('web/shell/zod.ts', import.meta.url)) },
      // The solver asks for this module only where there is no page.
      { find: 'node:module', replacement: fileURLToPath(new URL('web/workers/no-module.ts', import.meta.url)) },
      // The package names its development build alone.
      { find: /^react-router$/, replacement: `${router}index.mjs` },
      { find: /^react-router\/dom$/, replacement: `${router}dom-export.mjs` },
    ],
  },
  server: { host: '127.0.0.1', port: 4408, strictPort: true, proxy: { '/api': 'http://127.0.0.1:4409' } },
});
