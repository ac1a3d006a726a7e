import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,contract,server,web,demo,scripts}/**/*.test.ts'],
    globalSetup: ['server/testing/cluster.ts'],
    // Much of a test is waiting for PostgreSQL: one file alone leaves a core idle.
    maxWorkers: 2,
    testTimeout: 90_000,
    hookTimeout: 60_000,
    reporters: ['default', ['json', { outputFile: '.tmp/unit.json' }]],
  },
});
