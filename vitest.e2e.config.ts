import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    bail: 1,
    reporters: ['default', ['json', { outputFile: '.tmp/e2e.json' }]],
    // Each has an Iolite and a database of its own, so two go side by side.
    globalSetup: ['e2e/prepared.ts'],
    include: ['e2e/journeys/**/*.test.ts'],
    maxWorkers: 2,
    testTimeout: 180_000,
    hookTimeout: 240_000,
  },
});
