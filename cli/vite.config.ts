import { defineConfig } from 'vite';

export default defineConfig({
  build: { ssr: 'main.ts', outDir: 'dist', target: 'node20', emptyOutDir: true, minify: false },
  ssr: { noExternal: [/^@relay\//] },
});
