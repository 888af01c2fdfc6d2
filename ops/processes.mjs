// @ts-check
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:net';

/**
 * Whether a process runs and its command line holds `mark`: a pid alone may by now belong to something else.
 * @param {number | undefined} pid
 * @param {string} mark
 */
export function runs(pid, mark) {
  if (!pid) return false;
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ').includes(mark);
  } catch {
    return false;
  }
}

/** When a process was started, in ticks since the machine was; `null` for one that does not run. @param {number} pid */
export function startedAt(pid) {
  try {
    // The program's name, in brackets, may hold spaces.
    return (
      readFileSync(`/proc/${pid}/stat`, 'utf8')
        .replace(/^.*\) /s, '')
        .split(' ')[19] ?? null
    );
  } catch {
    return null;
  }
}

/**
 * @param {number} port
 * @returns {Promise<boolean>}
 */
export function portIsFree(port, host = '127.0.0.1') {
  return new Promise((done) => {
    const probe = createServer();
    probe.once('error', () => done(false));
    probe.listen(port, host, () => probe.close(() => done(true)));
  });
}

/** @returns {Promise<number>} */
export function freePort() {
  return new Promise((done, fail) => {
    const probe = createServer();
    probe.once('error', fail);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

/** @param {string} program */
export function isInstalled(program) {
  return spawnSync('sh', ['-c', `command -v ${program}`], { stdio: 'ignore' }).status === 0;
}

/**
 * Waits until `ask` says yes.
 * @param {() => boolean | Promise<boolean>} ask
 * @param {number} limitMs
 */
export async function until(ask, limitMs, everyMs = 50) {
  for (const end = Date.now() + limitMs; Date.now() < end;) {
    if (await ask()) return true;
    await new Promise((go) => setTimeout(go, everyMs));
  }
  return false;
}
