import { defineConfig } from 'vite';

/** Bundles the benchmarks for Node; packages stay outside. */
export default defineConfig({
  build: { ssr: 'bench/list-page.ts', outDir: 'dist/bench', emptyOutDir: true, target: 'node20' },
});
