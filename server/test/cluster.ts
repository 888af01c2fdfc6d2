/** A real PostgreSQL for the server tests: a cluster of its own, kept between runs, with a fresh database for each. */
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const { startCluster, ensureDatabase, dropDatabase, stopCluster } =
    (await import('../../ops/cluster.mjs')) as typeof import('../../ops/cluster.mjs');
  const { clusterFolder, home } = (await import('../../ops/paths.mjs')) as typeof import('../../ops/paths.mjs');
  const { ensureBuild } = (await import('../../ops/build.mjs')) as typeof import('../../ops/build.mjs');
  // Lists are read in a thread that is a bundle of its own.
  ensureBuild();
  const folder = clusterFolder(join(home(), 'test'));
  const cluster = await startCluster(folder);
  const name = `server_${Date.now()}`;
  const url = await ensureDatabase(cluster, name);
  project.provide('databaseUrl', url);
  return async () => {
    await dropDatabase(cluster, name);
    if (cluster.done !== 'was running') stopCluster(folder);
  };
}
