import { defineConfig } from 'vite';

/**
 * Bundles the server and the demonstration's loader for Node. Packages are bundled too: to find and read some
 * eight hundred small files takes a second of every start. What loads a program of its own stays outside, and so does
 * the compiler that a package would read settings with which nobody here writes.
 */
export default defineConfig({
  ssr: {
    noExternal: true,
    external: ['sharp', '@node-rs/argon2', 'typescript', 'pdfkit', 'fontkit', 'subset-font', 'exceljs', 'pino'],
  },
  build: {
    ssr: true,
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: {
      input: {
        main: 'server/main.ts',
        backup: 'server/backup.ts',
        'import-worker': 'server/import-worker.ts',
        'paper-worker': 'server/paper-worker.ts',
        demo: 'demo/main.ts',
      },
      output: { entryFileNames: '[name].js' },
    },
  },
});
