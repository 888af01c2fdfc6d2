// @ts-check
import { closeSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { Failure } from './failure.mjs';
import { runs, until } from './processes.mjs';

const WAIT_MS = 120_000;

/**
 * Runs `work` while no other command of this home does the same. A lock whose owner is gone is taken over.
 * @template T
 * @param {string} homeFolder
 * @param {() => Promise<T>} work
 */
export async function withLock(homeFolder, work) {
  const file = join(homeFolder, 'lock');
  const take = () => {
    try {
      const handle = openSync(file, 'wx');
      writeSync(handle, String(process.pid));
      closeSync(handle);
      return true;
    } catch (error) {
      if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error;
      const owner = Number(readFileSync(file, 'utf8'));
      if (owner && !runs(owner, 'relay')) rmSync(file, { force: true });
      return false;
    }
  };
  if (!(await until(take, WAIT_MS)))
    throw new Failure(`Another ./relay command is at work (see ${file}). Wait for it, or end it.`);
  try {
    return await work();
  } finally {
    rmSync(file, { force: true });
  }
}
