import { defineConfig } from 'vite';

/** Bundles the benchmarks for Node; packages stay outside. */
export default defineConfig({
  build: {
    ssr: true,
    rolldownOptions: {
      input: [
        'list-page',
        'language',
        'ways',
        'filter',
        'registers',
        'scopes',
        'look-ups',
        'lists',
        'scrolling',
        'sign-off',
        'filling-in',
        'backup',
        'scaling',
        'spreadsheet',
        'read-spreadsheet',
      ]
        .map((name) => `bench/${name}.ts`)
        // The thread in which spreadsheets are gone through is a program of its own.
        .concat('server/import-worker.ts'),
    },
    outDir: 'dist/bench',
    emptyOutDir: true,
    target: 'node20',
  },
});
