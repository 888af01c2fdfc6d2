// @ts-check
/** Backup and restore with the database's own tools. */
import { closeSync, copyFileSync, existsSync, openSync, chmodSync, renameSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { dump, ensureDatabase, ensureKey, restoreDump, runningCluster, startCluster, stopCluster } from './cluster.mjs';
import { Failure } from './failure.mjs';
import { withLock } from './lock.mjs';
import { ensureNodePackages, ensurePostgres } from './packages.mjs';
import { clusterFolder, home } from './paths.mjs';

const DATABASE = 'relay';

/** @param {string | undefined} word */
function fileFrom(word) {
  if (!word || word.startsWith('--')) throw new Failure('Expected a file: ./relay backup FILE, ./relay restore FILE.');
  return resolve(word);
}

/**
 * Has the cluster running for a while, and leaves it as it was.
 * @template T
 * @param {(cluster: import('./cluster.mjs').Cluster) => T | Promise<T>} act
 */
async function withCluster(act) {
  const folder = clusterFolder();
  const wasRunning = runningCluster(folder) !== null;
  const cluster = await startCluster(folder);
  try {
    await ensureDatabase(cluster, DATABASE);
    return await act(cluster);
  } finally {
    if (!wasRunning) stopCluster(folder);
  }
}

/** The server may go on running: the dump is of one moment. @param {string[]} words */
export async function backup([word]) {
  const file = fileFrom(word);
  ensureNodePackages();
  ensurePostgres();
  const draft = `${file}.part`;
  await withCluster((cluster) => {
    const handle = openSync(draft, 'w', 0o600);
    try {
      dump(cluster, DATABASE, handle);
    } catch (error) {
      rmSync(draft, { force: true });
      throw error;
    } finally {
      closeSync(handle);
    }
    renameSync(draft, file);
    copyFileSync(ensureKey(cluster.folder), `${file}.key`);
    chmodSync(`${file}.key`, 0o600);
  });
  console.log(`Written: ${file}\nIts key:  ${file}.key   (opens the passwords in it: keep it apart from the file)`);
}

/** @param {string[]} words @param {() => boolean} isServing whether a server uses the database */
export async function restore([word], isServing) {
  const file = fileFrom(word);
  if (!existsSync(file)) throw new Failure(`There is no file ${file}.`);
  ensureNodePackages();
  ensurePostgres();
  await withLock(home(), async () => {
    if (isServing()) throw new Failure('The server is running: stop it first with ./relay stop.');
    await withCluster(async (cluster) => {
      const handle = openSync(file, 'r');
      try {
        const before = await restoreDump(cluster, DATABASE, handle);
        if (existsSync(`${file}.key`)) {
          const key = ensureKey(cluster.folder);
          renameSync(key, join(cluster.folder, 'key.before'));
          copyFileSync(`${file}.key`, key);
          chmodSync(key, 0o600);
        } else console.log(`There is no ${file}.key: passwords in plans cannot be opened without it.`);
        console.log(`Restored. What was there is kept in the database ${before} until the next restore.`);
      } finally {
        closeSync(handle);
      }
    });
  });
}
