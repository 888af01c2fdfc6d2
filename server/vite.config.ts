import { defineConfig } from 'vite';

/** Bundles our own packages; npm packages stay outside and are read from node_modules. */
export default defineConfig({
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', emptyOutDir: true, minify: false },
  ssr: { noExternal: [/^@relay\//] },
});
