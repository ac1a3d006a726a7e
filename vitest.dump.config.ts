import { defineConfig } from 'vitest/config';

/** `npm run keep-dump NAME`: see server/testing/upgrades. */
export default defineConfig({
  test: {
    include: ['server/testing/upgrades/keep.run.ts'],
    globalSetup: ['server/testing/cluster.ts'],
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
