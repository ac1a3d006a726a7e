import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['e2e/journeys/**/*.test.ts'],
    testTimeout: 90_000,
    hookTimeout: 180_000,
    fileParallelism: false,
    bail: 1,
    reporters: ['default', ['json', { outputFile: '.tmp/e2e.json' }]],
  },
});
