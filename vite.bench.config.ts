import { defineConfig } from 'vite';

/** Bundles the benchmarks for Node; packages stay outside. */
export default defineConfig({
  build: {
    ssr: true,
    rolldownOptions: { input: ['bench/list-page.ts', 'bench/language.ts', 'bench/filter.ts', 'bench/registers.ts'] },
    outDir: 'dist/bench',
    emptyOutDir: true,
    target: 'node20',
  },
});
