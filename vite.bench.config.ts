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
      ].map((name) => `bench/${name}.ts`),
    },
    outDir: 'dist/bench',
    emptyOutDir: true,
    target: 'node20',
  },
});
