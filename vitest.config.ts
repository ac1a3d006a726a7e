import { defineConfig } from 'vitest/config';

/** Files of a worker share its modules: reading them anew for each takes longer than most tests. */
const SHARED = {
  isolate: false,
  maxWorkers: 2,
  // All random cases take what they take.
  testTimeout: process.env.IOLITE_LONG === 'yes' ? 7_200_000 : 90_000,
  hookTimeout: 60_000,
  unstubGlobals: true,
};

export default defineConfig({
  test: {
    reporters: ['default', ['json', { outputFile: '.tmp/unit.json' }]],
    projects: [
      {
        test: {
          ...SHARED,
          name: 'computation',
          include: ['{core,contract,demo}/**/*.test.ts'],
          pool: 'threads',
          sequence: { groupOrder: 0 },
        },
      },
      {
        test: {
          ...SHARED,
          name: 'interface',
          include: ['web/**/*.test.{ts,tsx}'],
          environment: 'happy-dom',
          setupFiles: ['web/testing/each.ts'],
          pool: 'threads',
          sequence: { groupOrder: 0 },
        },
      },
      {
        test: {
          ...SHARED,
          name: 'server',
          include: ['{server,scripts}/**/*.test.ts'],
          globalSetup: ['server/testing/cluster.ts'],
          sequence: { groupOrder: 1 },
        },
      },
    ],
  },
});
