import { defineConfig } from 'vite';

/** Bundles the server, the demonstration's loader and the benchmarks for Node; packages stay outside. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: {
      input: { main: 'server/main.ts', demo: 'demo/main.ts' },
      output: { entryFileNames: '[name].js' },
    },
  },
});
