/** A real PostgreSQL with a fresh database for this run of the browser tests. */
import { join } from 'node:path';
import { ensureDatabase, startCluster, stopCluster } from '../ops/cluster.mjs';
import { clusterFolder, home } from '../ops/paths.mjs';

export default async function setup(): Promise<() => void> {
  const folder = clusterFolder(join(home(), 'test'));
  const cluster = await startCluster(folder);
  process.env['E2E_DATABASE_URL'] = await ensureDatabase(cluster, `browser_${Date.now()}`);
  return () => {
    if (cluster.done !== 'was running') stopCluster(folder);
  };
}
