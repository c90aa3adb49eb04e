import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // Only tests of the web replace globals. The others share their modules in a thread, which saves loading them anew.
    projects: [
      {
        extends: true,
        test: {
          name: 'core and server',
          include: ['{core,solver,contract,server,conformance,torture}/**/*.test.ts'],
          isolate: false,
        },
      },
      { extends: true, test: { name: 'web', include: ['web/**/*.test.ts'] } },
    ],
    pool: 'threads',
    // Machines are shared: a test that reckons long may be starved meanwhile.
    testTimeout: 60_000,
    hookTimeout: 60_000,
    reporters: ['default'],
    coverage: {
      provider: 'v8',
      include: [
        'core/**/*.ts',
        'server/**/*.ts',
        'contract/**/*.ts',
        'web/state/differences.ts',
        'web/state/drafts.ts',
      ],
      exclude: ['server/main.ts', 'server/noon.ts'],
      reporter: ['text-summary'],
      thresholds: { 'core/**': { lines: 95 }, 'server/**': { lines: 85 } },
    },
  },
});
