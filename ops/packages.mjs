// @ts-check
/** Brings what the machine lacks: npm packages by the lock file, Debian packages by apt. */
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Failure, failureFrom } from './failure.mjs';
import { ROOT } from './paths.mjs';
import { isInstalled } from './processes.mjs';

/** What npm wrote at the end of its last installation, whoever started it. */
const INSTALLED = join(ROOT, 'node_modules', '.package-lock.json');

/** @typedef {{ version?: string, integrity?: string, optional?: boolean, devOptional?: boolean, link?: boolean }} Locked */
/** @typedef {{ packages: Record<string, Locked> }} Lock */

/**
 * Whether what is installed is what the lock file asks for. Optional packages are for other platforms where they are not
 * there.
 * @param {Lock} lock
 * @param {Lock} installed
 */
export function isAsLocked(lock, installed) {
  return Object.entries(lock.packages).every(([path, wanted]) => {
    if (!path.startsWith('node_modules/') && !path.includes('/node_modules/')) return true;
    const found = installed.packages[path];
    if (!found) return wanted.optional === true || wanted.devOptional === true;
    return found.version === wanted.version && found.integrity === wanted.integrity;
  });
}

/** `npm ci` when what is installed differs from the lock file. @returns what was done */
export function ensureNodePackages() {
  const read = (/** @type {string} */ file) => /** @type {Lock} */ (JSON.parse(readFileSync(file, 'utf8')));
  if (existsSync(INSTALLED) && isAsLocked(read(join(ROOT, 'package-lock.json')), read(INSTALLED))) return 'unchanged';
  const { status, stdout, stderr } = spawnSync('npm', ['ci', '--no-fund', '--no-audit'], {
    cwd: ROOT,
    encoding: 'utf8',
  });
  if (status !== 0) throw failureFrom('npm ci', `${stdout}\n${stderr}`, ROOT);
  return 'installed';
}

/**
 * How this account installs Debian packages: as root, by sudo, or not at all.
 * @param {{ uid: number, hasSudo: boolean, hasApt: boolean }} machine
 * @param {string[]} packages
 */
export function installer({ uid, hasSudo, hasApt }, packages) {
  const command = `apt-get install ${packages.join(' ')}`;
  if (!hasApt)
    throw new Failure(
      `Needed and not found: ${packages.join(', ')}. This is no Debian system; install ${packages.length > 1 ? 'them' : 'it'} by its own means.`,
    );
  if (uid === 0) return [];
  if (hasSudo) return ['sudo'];
  throw new Failure(
    `Needed and not found: ${packages.join(', ')}. This account cannot install (no sudo): ask an administrator to run “${command}”.`,
  );
}

/** @param {string[]} packages @param {() => boolean} present @returns what was done */
function ensureDebianPackages(packages, present) {
  if (present()) return 'present';
  const prefix = installer(
    { uid: process.getuid?.() ?? 1, hasSudo: isInstalled('sudo'), hasApt: isInstalled('apt-get') },
    packages,
  );
  const run = (/** @type {string[]} */ words) => {
    const [program, ...rest] = [...prefix, 'env', 'DEBIAN_FRONTEND=noninteractive', ...words];
    return spawnSync(/** @type {string} */ (program), rest, { encoding: 'utf8', stdio: ['inherit', 'pipe', 'pipe'] });
  };
  if (packages.includes('postgresql')) keepDebianFromStartingACluster(prefix);
  const install = ['apt-get', 'install', '-y', '--no-install-recommends', ...packages];
  let done = run(install);
  if (done.status !== 0) {
    run(['apt-get', 'update']);
    done = run(install);
  }
  if (done.status !== 0 || !present())
    throw failureFrom(`apt-get install ${packages.join(' ')}`, `${done.stdout}\n${done.stderr}`, '/usr');
  return 'installed';
}

/** Debian's package would make and start a cluster of its own; ours is the only one wanted. @param {string[]} prefix */
function keepDebianFromStartingACluster(prefix) {
  const folder = '/etc/postgresql-common/createcluster.d';
  if (existsSync('/usr/share/postgresql-common')) return;
  const write = `mkdir -p ${folder} && echo 'create_main_cluster = false' > ${folder}/yellow-relay.conf`;
  const [program, ...rest] = [...prefix, 'sh', '-c', write];
  spawnSync(/** @type {string} */ (program), rest, { stdio: ['inherit', 'ignore', 'ignore'] });
}

/** Folder of PostgreSQL's programs of the newest version installed, `null` when there is none. */
export function postgresPrograms(base = '/usr/lib/postgresql') {
  if (!existsSync(base)) return null;
  const versions = readdirSync(base)
    .filter((name) => existsSync(join(base, name, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a));
  return versions[0] ? join(base, versions[0], 'bin') : null;
}

export function ensurePostgres() {
  return ensureDebianPackages(['postgresql'], () => postgresPrograms() !== null);
}

export function ensureChromium() {
  return ensureDebianPackages(['chromium'], () => existsSync('/usr/bin/chromium'));
}
