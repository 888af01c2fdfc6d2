// @ts-check
import { linkSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Failure } from './failure.mjs';
import { startedAt, until } from './processes.mjs';

const WAIT_MS = 120_000;
/** A lock that says nothing belongs to nobody, once whoever wrote it has had the time to. */
const EMPTY_MS = 2_000;

/**
 * Whether a lock's owner is gone: no such process, another one under its number, or nobody named.
 * @param {string} file
 */
function isStale(file) {
  try {
    const [pid, started] = readFileSync(file, 'utf8').split(' ');
    if (!Number(pid)) return Date.now() - statSync(file).mtimeMs > EMPTY_MS;
    const now = startedAt(Number(pid));
    return now === null || (started !== undefined && now !== started.trim());
  } catch {
    // Given back meanwhile.
    return false;
  }
}

/**
 * Runs `work` while no other command of this home does the same. A lock whose owner is gone is taken over.
 * @template T
 * @param {string} homeFolder
 * @param {() => Promise<T>} work
 */
export async function withLock(homeFolder, work) {
  const file = join(homeFolder, 'lock');
  const draft = `${file}.${process.pid}.${Math.random().toString(36).slice(2)}`;
  const take = () => {
    // Written first and named then, so that nobody ever sees it empty.
    writeFileSync(draft, `${process.pid} ${startedAt(process.pid) ?? ''}`, { mode: 0o600 });
    try {
      linkSync(draft, file);
      return true;
    } catch (error) {
      if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error;
      if (isStale(file)) rmSync(file, { force: true });
      return false;
    } finally {
      rmSync(draft, { force: true });
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
