// @ts-check
/** Builds pages, server and command line when their sources changed. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { failureFrom } from './failure.mjs';
import { ROOT } from './paths.mjs';

const SOURCES = ['core/src', 'demo', 'server/src', 'server/vite.config.ts', 'cli', 'web', 'package-lock.json'];
const PARTS = ['web', 'server', 'cli'];
const STAMP = join(ROOT, 'server', 'dist', '.stamp');

/** @param {string} path @param {import('node:crypto').Hash} hash */
function addToHash(path, hash) {
  if (!existsSync(path)) return;
  if (statSync(path).isDirectory()) {
    for (const name of readdirSync(path).sort())
      if (!['dist', 'node_modules'].includes(name) && !name.includes('.test.')) addToHash(join(path, name), hash);
    return;
  }
  hash.update(path).update(readFileSync(path));
}

function sourceHash() {
  const hash = createHash('sha256');
  for (const source of SOURCES) addToHash(join(ROOT, source), hash);
  return hash.digest('hex');
}

/** @returns what was done */
export function ensureBuild() {
  const wanted = sourceHash();
  if (
    existsSync(STAMP) &&
    readFileSync(STAMP, 'utf8') === wanted &&
    PARTS.every((part) => existsSync(join(ROOT, part, 'dist')))
  )
    return 'unchanged';
  for (const part of PARTS) {
    const { status, stdout, stderr } = spawnSync(
      process.execPath,
      [join(ROOT, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'warn'],
      { cwd: join(ROOT, part), encoding: 'utf8' },
    );
    if (status !== 0) throw failureFrom(`Building ${part}`, `${stdout}\n${stderr}`, ROOT);
  }
  writeFileSync(STAMP, wanted);
  return 'built';
}
