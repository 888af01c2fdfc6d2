// @ts-check
/** Logs that never fill a disk: past a size the file is copied aside and begun anew, for its owner alone. */
import { chmodSync, copyFileSync, existsSync, openSync, statSync, truncateSync } from 'node:fs';

/** Two logs, each with the one before: at most 20 MB, with room for what comes between two looks. */
const MOST_BYTES = 4_500_000;
const LOOK_MS = 5_000;

/** Opens a log for writing at its end. @param {string} file */
export function openLog(file) {
  const handle = openSync(file, 'a', 0o600);
  chmodSync(file, 0o600);
  return handle;
}

/** Whoever writes goes on at the end of the file, which is its beginning then. @param {string} file */
export function rotate(file, most = MOST_BYTES) {
  if (!existsSync(file) || statSync(file).size <= most) return false;
  copyFileSync(file, `${file}.1`);
  chmodSync(`${file}.1`, 0o600);
  truncateSync(file);
  return true;
}

/** Looks after logs until the process ends. @param {string[]} files */
export function keepShort(files) {
  setInterval(() => files.forEach((file) => rotate(file)), LOOK_MS).unref();
}
