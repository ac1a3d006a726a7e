import { defineConfig } from 'vitest/config';

const journeys = { testTimeout: 180_000, hookTimeout: 240_000 };

export default defineConfig({
  test: {
    bail: 1,
    reporters: ['default', ['json', { outputFile: '.tmp/e2e.json' }]],
    projects: [
      // How soon it starts again is measured there: it has the machine to itself.
      {
        test: {
          ...journeys,
          name: 'alone',
          include: ['e2e/journeys/near-miss.test.ts'],
          sequence: { groupOrder: 0 },
        },
      },
      // Each has an Iolite and a database of its own, so two go side by side.
      {
        test: {
          ...journeys,
          name: 'side by side',
          globalSetup: ['e2e/prepared.ts'],
          include: ['e2e/journeys/**/*.test.ts'],
          exclude: ['e2e/journeys/near-miss.test.ts'],
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
        },
      },
    ],
  },
});
