/** A real PostgreSQL for the server tests: a cluster of its own, kept between runs, with a fresh database for each. */
import { join } from 'node:path';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const { startCluster, ensureDatabase, stopCluster } = (await import('../../ops/cluster.mjs')) as typeof import('../../ops/cluster.mjs');
  const { clusterFolder, home } = (await import('../../ops/paths.mjs')) as typeof import('../../ops/paths.mjs');
  const folder = clusterFolder(join(home(), 'test'));
  const cluster = await startCluster(folder);
  const url = await ensureDatabase(cluster, `server_${Date.now()}`);
  project.provide('databaseUrl', url);
  return async () => {
    const { default: pg } = await import('pg');
    const name = new URL(url).pathname.slice(1);
    const client = new pg.Client({ connectionString: url.replace(`/${name}`, '/postgres') });
    await client.connect();
    await client.query(`DROP DATABASE IF EXISTS ${client.escapeIdentifier(name)} WITH (FORCE)`);
    await client.end();
    if (cluster.done !== 'was running') stopCluster(folder);
  };
}
