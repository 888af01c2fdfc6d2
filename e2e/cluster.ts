/** A real PostgreSQL with a fresh database for each worker of this run: stories of two workers never meet in one. */
import { join } from 'node:path';
import type { FullConfig } from '@playwright/test';
import { ensureDatabase, ensureKey, startCluster, stopCluster } from '../ops/cluster.mjs';
import { clusterFolder, home } from '../ops/paths.mjs';

export default async function setup({ workers }: FullConfig): Promise<() => void> {
  const folder = clusterFolder(join(home(), 'test'));
  const cluster = await startCluster(folder);
  process.env['E2E_KEY_FILE'] = ensureKey(folder);
  const run = Date.now();
  for (let worker = 0; worker < workers; worker += 1)
    process.env[`E2E_DATABASE_URL_${worker}`] = await ensureDatabase(cluster, `browser_${run}_${worker}`);
  // The tour begins where a new user does: with nothing stored, then with the demo.
  process.env['E2E_DEMO_DATABASE_URL'] = await ensureDatabase(cluster, `browser_${run}_demo`);
  return () => {
    if (cluster.done !== 'was running') stopCluster(folder);
  };
}
