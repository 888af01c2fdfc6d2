import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'unit', include: ['{core,demo,cli,ops}/**/*.test.{ts,mjs}'], environment: 'node', pool: 'threads', isolate: false } },
      { plugins: [vue()], test: { name: 'web', include: ['web/src/**/*.test.ts'], environment: 'happy-dom' } },
      { test: { name: 'server', include: ['server/test/**/*.test.ts'], environment: 'node', globalSetup: ['server/test/cluster.ts'], testTimeout: 30_000, hookTimeout: 60_000 } },
    ],
  },
});
