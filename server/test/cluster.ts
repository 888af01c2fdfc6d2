/** A real PostgreSQL for the server tests: a cluster of its own, kept between runs, with a fresh database for each. */
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  interface ProvidedContext {
    /** One for each worker: files that run at one time do not meet. */
    databaseUrls: string[];
  }
}

const MOST_WORKERS = 8;

export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const { startCluster, ensureDatabase, dropDatabase, stopCluster } =
    (await import('../../ops/cluster.mjs')) as typeof import('../../ops/cluster.mjs');
  const { clusterFolder, home } = (await import('../../ops/paths.mjs')) as typeof import('../../ops/paths.mjs');
  const { ensureBuild } = (await import('../../ops/build.mjs')) as typeof import('../../ops/build.mjs');
  // Lists are read in a thread that is a bundle of its own.
  ensureBuild();
  const folder = clusterFolder(join(home(), 'test'));
  const cluster = await startCluster(folder);
  const run = Date.now();
  const names = Array.from({ length: MOST_WORKERS }, (_, worker) => `server_${run}_${worker}`);
  const urls: string[] = [];
  for (const name of names) urls.push(await ensureDatabase(cluster, name));
  project.provide('databaseUrls', urls);
  return async () => {
    for (const name of names) await dropDatabase(cluster, name);
    if (cluster.done !== 'was running') stopCluster(folder);
  };
}
