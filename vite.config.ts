import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const router = fileURLToPath(new URL('node_modules/react-router/dist/production/', import.meta.url));

export default defineConfig({
  root: 'web',
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      // The page registers it: its content policy allows no script in the page itself.
      injectRegister: null,
      // A new version waits until the maker takes it: never in the middle of typing.
      registerType: 'prompt',
      manifest: {
        id: '/',
        name: 'Noon Ledger',
        short_name: 'Noon Ledger',
        description: 'Costs and schedules batches of handmade metal pieces.',
        start_url: '/bench',
        display: 'standalone',
        background_color: '#dfe3e6',
        theme_color: '#dfe3e6',
        icons: [
          { src: '/icons/noon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icons/noon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icons/noon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg,png,wasm}'],
        // The solver of cutting plans is no work of the bench.
        globIgnores: ['**/highs*.wasm'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: null,
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        runtimeCaching: [
          {
            // The page itself: a new version of the program shows at once.
            urlPattern: ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
            handler: 'NetworkFirst',
            options: { cacheName: 'noon-pages', precacheFallback: { fallbackURL: '/index.html' } },
          },
          {
            // The plan is asked for at a minute: an older one is better than none.
            urlPattern: ({ url, sameOrigin }) => sameOrigin && url.pathname === '/api/plan',
            handler: 'NetworkFirst',
            options: {
              cacheName: 'noon-plan',
              networkTimeoutSeconds: 8,
              matchOptions: { ignoreSearch: true },
              expiration: { maxEntries: 5 },
            },
          },
          {
            // What the bench view reads. The ledger is asked first; its last answer stands in while it is away.
            urlPattern: ({ url, request, sameOrigin }) =>
              sameOrigin &&
              request.method === 'GET' &&
              /^\/api\/(?:batches|pieces|bench|studio|fixes|receipts|shelf|goods|quotes|fairs|prices|price-lists|made|account|jars|backups|trash|photos|hours|about|access\/me)(?:\/|$)/.test(
                url.pathname,
              ) &&
              !/\.(?:pdf|ics|csv|zip|svg|dxf)$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'noon-answers', networkTimeoutSeconds: 8, expiration: { maxEntries: 400 } },
          },
        ],
      },
    }),
  ],
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
    ],
  },
  server: { host: '127.0.0.1', port: 4408, strictPort: true, proxy: { '/api': 'http://127.0.0.1:4409' } },
});
