import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,contract,server,web,demo,scripts}/**/*.test.ts'],
    globalSetup: ['server/testing/cluster.ts'],
    testTimeout: 90_000,
    hookTimeout: 60_000,
    reporters: ['default', ['json', { outputFile: '.tmp/unit.json' }]],
  },
});
