import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'web',
  plugins: [react(), tailwindcss()],
  // What the gate of the weight reads; the server gives out nothing whose name begins with a dot.
  build: { outDir: '../dist/web', emptyOutDir: true, target: 'es2023', chunkSizeWarningLimit: 900, manifest: true },
});
