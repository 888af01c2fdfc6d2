/** Tests for the mutation run, which is started by hand (docs/architecture.md): those beside what is mutated. */
import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: [
      'core/src/plan/{merge,profiles,sites}.test.ts',
      'core/src/path/{cross-mode,describe,world}.test.ts',
      'core/src/modes/*/{login,links,machine,rooms}.test.ts',
      'core/src/registries/situations.test.ts',
    ],
    testTimeout: 60_000,
  },
});
