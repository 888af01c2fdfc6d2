/**
 * The directory on a real PostgreSQL: importing 60,000 lines, as a ratio to the same CSV library and one bulk insert
 * alone (goal: 1.5); the nearest 20 over HTTP (goal: under 20 ms), as a ratio to a request that does nothing.
 */
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import Papa from 'papaparse';
import type { DataSource } from 'typeorm';
import { createApp } from '../server/src/app';
import { openDatabase } from '../server/src/db/data-source';
import { Directory } from '../server/src/directory/directory';
import { insertSites } from '../server/src/directory/insert';
import { readList } from '../server/src/directory/reader';
import { PlanEvents } from '../server/src/events';
import { makeLog } from '../server/src/http/log';
import { LoopMonitor } from '../server/src/http/monitor';
import { simulatedLine } from '../server/src/prober/line';
import { generatedList } from './generated-list';
import { medianAsyncMs, medianEachAsyncMs } from './measure';

const SITES = 60_000;
const RUNS = 5;
const ALONE = '00000000-0000-0000-0000-000000000001';

/** The same rows into the same table by one statement, from text that is ready: the least an import can take. */
async function insertAlone(source: DataSource, sites: string, groups: string): Promise<void> {
  await source.transaction(async (manager) => {
    await manager.query(
      `INSERT INTO directory_list (id, name, source, licence, layout, site_count) VALUES ('${ALONE}', 'alone', '', '', '', 0)`,
    );
    await insertSites(manager, ALONE, { sites, groups });
  });
}

async function readWhole(bytes: Uint8Array): Promise<{ sites: string; groups: string }> {
  const reader = readList({ bytes: bytes.slice(), fields: null, recipes: {} });
  await reader.head();
  const sites: string[] = [];
  const groups: string[] = [];
  for (let chunk = await reader.next(); chunk !== null; chunk = await reader.next()) {
    sites.push(chunk.sites.slice(1, -1));
    groups.push(chunk.groups.slice(1, -1));
  }
  await reader.close();
  return { sites: `[${sites.join(',')}]`, groups: `[${groups.join(',')}]` };
}

export async function benchDirectory(): Promise<void> {
  const { startCluster, ensureDatabase, dropDatabase, stopCluster } =
    (await import('../ops/cluster.mjs')) as typeof import('../ops/cluster.mjs');
  const { clusterFolder, home } = (await import('../ops/paths.mjs')) as typeof import('../ops/paths.mjs');
  const { ensureBuild } = (await import('../ops/build.mjs')) as typeof import('../ops/build.mjs');
  ensureBuild();
  const folder = clusterFolder(join(home(), 'test'));
  const cluster = await startCluster(folder);
  const name = `bench_${Date.now()}`;
  const url = await ensureDatabase(cluster, name);
  const key = Buffer.alloc(32, 7);
  const source = await openDatabase(url, key);
  const text = generatedList(SITES);
  const bytes = new TextEncoder().encode(text);
  const ready = await readWhole(bytes);
  const cutMs = await medianAsyncMs(async () => Papa.parse(text, { delimiter: ';' }).data.length, RUNS);
  // Every run begins with empty tables: what a list replaces is no part of the comparison.
  const emptied = () => source.query('TRUNCATE directory_list CASCADE');
  const insertMs = await medianAsyncMs(() => insertAlone(source, ready.sites, ready.groups), RUNS, emptied);
  const directory = new Directory(source);
  const importMs = await medianAsyncMs(
    async () => {
      const reader = readList({ bytes: bytes.slice(), fields: null, recipes: {} });
      await directory.add(
        { name: 'long', source: '', licence: '', issuedOn: null },
        reader,
        new AbortController().signal,
      );
      await reader.close();
    },
    RUNS,
    emptied,
  );
  console.log(
    `\nimporting ${SITES.toLocaleString('en')} sites: ${importMs.toFixed(0)} ms, ${(importMs / (cutMs + insertMs)).toFixed(2)} × the CSV library (${cutMs.toFixed(0)} ms) and one bulk insert (${insertMs.toFixed(0)} ms) alone (goal 1.5)`,
  );

  const log = makeLog('silent');
  const monitor = new LoopMonitor();
  const events = new PlanEvents(url, log);
  const app = createApp({
    source,
    databaseUrl: url,
    key,
    events,
    log,
    monitor,
    hosts: [],
    access: null,
    webRoot: '.',
    line: simulatedLine(),
  });
  const answer = app.koa.callback();
  const server = createServer((request, response) => void answer(request, response));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/v1`;
  const get = async (path: string) => (await (await fetch(base + path)).text()).length;
  await get('/sites/near?lat=46.71&lon=-33.42&limit=20');
  const nearMs = await medianEachAsyncMs((call) =>
    get(`/sites/near?lat=${46 + call * 0.1}&lon=${-33 + call * 0.15}&limit=20`),
  );
  const healthMs = await medianEachAsyncMs(() => get('/health'));
  console.log(
    `nearest 20 of them over HTTP: ${nearMs.toFixed(1)} ms (goal 20), ${(nearMs / healthMs).toFixed(1)} × a request that does nothing`,
  );
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await app.close();
  await source.destroy();
  await dropDatabase(cluster, name);
  if (cluster.done !== 'was running') stopCluster(folder);
}
