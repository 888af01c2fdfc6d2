// @ts-check
import { createHash } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The checkout. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '..');

/** Where this checkout keeps what it makes: RELAY_HOME, else `.relay` inside it. */
export function home() {
  const folder = resolve(process.env['RELAY_HOME'] ?? join(ROOT, '.relay'));
  mkdirSync(folder, { recursive: true });
  return folder;
}

/**
 * The PostgreSQL cluster's folder. PostgreSQL refuses to run as root and its own user cannot enter every checkout,
 * so root's clusters live under /var/lib, named by a hash of the home folder.
 */
export function clusterFolder(homeFolder = home(), uid = process.getuid?.() ?? 1) {
  if (uid !== 0) return join(homeFolder, 'postgres');
  return join('/var/lib', `yellow-relay-${createHash('sha256').update(homeFolder).digest('hex').slice(0, 12)}`);
}
