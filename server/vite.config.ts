import { defineConfig } from 'vite';

/** Bundles our own packages; npm packages stay outside and are read from node_modules. */
export default defineConfig({
  build: {
    ssr: true,
    // Each thread is a file of its own, beside the server's.
    rollupOptions: {
      input: {
        main: 'src/main.ts',
        'read-worker': 'src/directory/read-worker.ts',
        'reads-worker': 'src/directory/reads-worker.ts',
        'desk-worker': 'src/plans/desk-worker.ts',
      },
    },
    outDir: 'dist',
    target: 'node20',
    emptyOutDir: true,
    minify: false,
  },
  ssr: { noExternal: [/^@relay\//] },
});
