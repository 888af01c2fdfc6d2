import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

/** Limits that only end what hangs: a busy machine takes several times as long. */
const LIMITS = { testTimeout: 120_000, hookTimeout: 120_000 };

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'unit',
          include: ['{core,demo,cli,ops}/**/*.test.{ts,mjs}'],
          environment: 'node',
          pool: 'threads',
          isolate: false,
          ...LIMITS,
        },
      },
      {
        plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } })],
        test: { name: 'web', include: ['web/src/**/*.test.ts'], environment: 'happy-dom', ...LIMITS },
      },
      {
        test: {
          name: 'server',
          include: ['server/test/**/*.test.ts'],
          environment: 'node',
          globalSetup: ['server/test/cluster.ts'],
          ...LIMITS,
        },
      },
    ],
  },
});
