import { defineConfig } from '@playwright/test';
import { LAUNCH } from './launch';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  fullyParallel: false,
  workers: 2,
  forbidOnly: true,
  retries: 0,
  // Limits that only end what hangs: a busy machine takes several times as long.
  timeout: 180_000,
  expect: { timeout: 60_000 },
  reporter: [['json'], ['line']],
  globalSetup: './cluster.ts',
  use: {
    browserName: 'chromium',
    viewport: { width: 1280, height: 800 },
    permissions: ['clipboard-read', 'clipboard-write'],
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: LAUNCH,
  },
});
