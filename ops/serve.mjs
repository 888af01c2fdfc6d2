// @ts-check
/** `demo`, `start`, `stop`, `status`, `reset`: bring everything up, stay in the foreground, take it down cleanly. */
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { ensureBuild } from './build.mjs';
import { accessFile, isLoopback } from './access.mjs';
import { databaseUrl, ensureDatabase, ensureKey, runningCluster, startCluster, stopCluster } from './cluster.mjs';
import { Failure } from './failure.mjs';
import { withLock } from './lock.mjs';
import { keepShort, openLog } from './logs.mjs';
import { ensureNodePackages, ensurePostgres } from './packages.mjs';
import { clusterFolder, home, ROOT } from './paths.mjs';
import { portIsFree, runs, until } from './processes.mjs';

const DEFAULT_PORT = 4417;
const START_LIMIT_MS = 60_000;
/** A server that ends this often before it has ever answered will not do better. */
const MOST_SHORT_LIVES = 6;
const RELAUNCH_MS = 500;
const SERVER = join(ROOT, 'server', 'dist', 'main.js');

/** How soon a database that went away is started again: at first, and at most. */
const DATABASE_RETRY_FIRST_MS = 500;
const DATABASE_RETRY_MOST_MS = 15_000;
const DATABASE_LOOK_MS = 500;

/** @typedef {{ launcher: number, server: number, port: number, host?: string }} Running */

/** The address to listen on. */
const listenOn = () => process.env['RELAY_LISTEN'] || '127.0.0.1';

/** Where this machine itself calls a server that listens on a host. @param {number} port @param {string} host */
function urlOf(port, host = '127.0.0.1') {
  const name = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host;
  return `http://${name.includes(':') ? `[${name}]` : name}:${port}`;
}

const stateFile = () => join(home(), 'run.json');

/**
 * What runs for this home now, `null` when nothing does: a record left by a crash counts as none.
 * @returns {Running | null}
 */
function running() {
  try {
    const state = /** @type {Running} */ (JSON.parse(readFileSync(stateFile(), 'utf8')));
    return runs(state.launcher, 'relay') || runs(state.server, SERVER) ? state : null;
  } catch (error) {
    // No record, or one that a full disk cut short. It is left for `start` and `stop`: a start at this moment may be
    // replacing it.
    if (error instanceof SyntaxError || /** @type {NodeJS.ErrnoException} */ (error).code === 'ENOENT') return null;
    throw error;
  }
}

/** Another command may read at any moment, so the record appears whole. @param {Running} state */
function record(state) {
  const draft = `${stateFile()}.${process.pid}`;
  writeFileSync(draft, JSON.stringify(state));
  renameSync(draft, stateFile());
}

/**
 * @template T
 * @param {string} name
 * @param {() => T | Promise<T>} work
 * @param {(result: T) => string} say
 */
async function step(name, work, say = String) {
  const start = performance.now();
  const result = await work();
  console.log(`${name.padEnd(12)}${say(result).padEnd(26)}${((performance.now() - start) / 1000).toFixed(2)} s`);
  return result;
}

/**
 * What a server says of itself: ready, waiting for its database, or nothing.
 * @param {string} url
 * @returns {Promise<'ready' | 'waits for its database' | 'does not answer'>}
 */
async function stateOf(url) {
  try {
    const { status } = await fetch(`${url}/api/v1/ready`, { signal: AbortSignal.timeout(4_000) });
    return status === 200 ? 'ready' : status === 503 ? 'waits for its database' : 'does not answer';
  } catch {
    return 'does not answer';
  }
}

/** @param {string[]} words */
function portFrom(words) {
  const at = words.indexOf('--port');
  const text = at >= 0 ? words[at + 1] : (process.env['RELAY_PORT'] ?? String(DEFAULT_PORT));
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Failure(`Found port “${text ?? ''}”, expected a number from 1 to 65535.`);
  return port;
}

function refuseIfRunning() {
  const already = running();
  if (already)
    throw new Failure(`Already running at ${urlOf(already.port, already.host)} (stop it with ./relay stop).`);
}

/**
 * Asks by taking the port for a moment: only under the lock, or two starts at once would refuse each other.
 * @param {number} port
 */
async function refuseIfTaken(port) {
  if (!(await portIsFree(port, listenOn())))
    throw new Failure(`Port ${port} is taken by another program: stop that, or choose another with --port.`);
}

/** @param {{ demo: boolean, words: string[] }} options */
export async function serve({ demo, words }) {
  const port = portFrom(words);
  refuseIfRunning();
  const host = listenOn();
  if (!isLoopback(host) && !existsSync(accessFile()))
    throw new Failure(
      `Listening on ${host} opens this server to the network: set a password first with ./relay access, then start it again.`,
    );
  const url = urlOf(port, host);
  // Until the server answers no other command may start or stop anything here.
  await withLock(home(), async () => {
    refuseIfRunning();
    await refuseIfTaken(port);
    await step('packages', ensureNodePackages);
    await step('PostgreSQL', ensurePostgres);
    await step('build', ensureBuild);
    const folder = clusterFolder();
    const cluster = await step(
      'database',
      () => startCluster(folder),
      ({ done }) => done,
    );
    const database = await ensureDatabase(cluster, 'relay');
    const log = join(home(), 'server.log');
    const server = supervise({ port, host, database, demo, log, folder });
    await step('server', async () => {
      if (!(await until(async () => (await stateOf(url)) === 'ready', START_LIMIT_MS))) {
        await server.stop(1);
        throw new Failure(`The server did not come up: see ${log}.`);
      }
      server.up();
      return 'ready';
    });
  });
  console.log(`\nYellow Relay is at ${url}   (Ctrl+C stops it)`);
  if (!isLoopback(host))
    console.log(`It is open to the network on ${host}, and asks for the password of ./relay access.`);
}

/**
 * Runs the server, starts it again when it dies, and takes everything down on Ctrl+C.
 * @param {{ port: number, host: string, database: string, demo: boolean, log: string, folder: string }} options
 */
function supervise({ port, host, database, demo, log, folder }) {
  const output = openLog(log);
  keepShort([log, join(folder, 'postgres.log')]);
  let stopping = false;
  let cameUp = false;
  let shortLives = 0;
  /** @type {import('node:child_process').ChildProcess} */
  let child;
  const launch = () => {
    const env = {
      ...process.env,
      RELAY_DATABASE_URL: database,
      RELAY_PORT: String(port),
      RELAY_LISTEN: host,
      RELAY_KEY_FILE: ensureKey(folder),
      RELAY_ACCESS_FILE: accessFile(),
      RELAY_DEMO: demo ? '1' : '',
      RELAY_WEB_ROOT: join(ROOT, 'web', 'dist'),
    };
    child = spawn(process.execPath, ['--enable-source-maps', SERVER], { env, stdio: ['ignore', output, output] });
    record({ launcher: process.pid, server: /** @type {number} */ (child.pid), port, host });
    child.once('exit', (code, signal) => {
      if (stopping) return;
      if (!cameUp) {
        console.error(`The server did not start: ${lastWords(log)} (see ${log}).`);
        void stop(1);
        return;
      }
      if (shortLives >= MOST_SHORT_LIVES) {
        console.error(`The server keeps ending (${signal ?? code}): see ${log}.`);
        void stop(1);
        return;
      }
      console.error(`The server ended (${signal ?? code}) and is started again; nothing saved was lost.`);
      setTimeout(() => !stopping && launch(), shortLives * RELAUNCH_MS);
      shortLives += 1;
    });
    const launched = child;
    void until(
      async () => launched.exitCode !== null || (await stateOf(urlOf(port, host))) === 'ready',
      START_LIMIT_MS,
      100,
    ).then((up) => {
      if (up && launched.exitCode === null && launched.signalCode === null) shortLives = 0;
    });
  };
  // A database that was killed, or gave up, is started again, sooner or later; the server waits for it meanwhile.
  let retryMs = DATABASE_RETRY_FIRST_MS;
  let nextTry = 0;
  const watch = setInterval(() => {
    if (stopping || !cameUp || Date.now() < nextTry || runningCluster(folder)) return;
    startCluster(folder).then(
      (cluster) => {
        console.error(`The database had ended and is started again (${cluster.done}); nothing saved was lost.`);
        retryMs = DATABASE_RETRY_FIRST_MS;
        const url = databaseUrl(cluster, 'relay');
        if (url === database) return;
        // On another port: the server is started again too.
        database = url;
        child.kill('SIGTERM');
      },
      (error) => {
        nextTry = Date.now() + retryMs;
        retryMs = Math.min(retryMs * 2, DATABASE_RETRY_MOST_MS);
        console.error(`The database cannot be started: ${error instanceof Error ? error.message : String(error)}`);
      },
    );
  }, DATABASE_LOOK_MS);
  const stop = async (exitCode = 0) => {
    if (stopping) return;
    stopping = true;
    clearInterval(watch);
    if (child.exitCode === null && child.signalCode === null) {
      const ended = new Promise((done) => child.once('exit', done));
      child.kill('SIGTERM');
      await ended;
    }
    stopCluster(folder);
    rmSync(stateFile(), { force: true });
    console.log('Stopped.');
    process.exit(exitCode);
  };
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP'])) process.on(signal, () => void stop());
  launch();
  return { stop, up: () => void (cameUp = true) };
}

/** The line of a log that says what went wrong. @param {string} log */
function lastWords(log) {
  const lines = readFileSync(log, 'utf8').trim().split('\n').slice(-40);
  return (lines.find((line) => /error/i.test(line)) ?? lines.at(-1) ?? 'no word').slice(0, 300);
}

/** Whether a server of this home runs. */
export const isServing = () => running() !== null;

export async function stopAll() {
  const state = running();
  const folder = clusterFolder();
  if (state && runs(state.launcher, 'relay')) {
    process.kill(state.launcher, 'SIGTERM');
    if (await until(() => !runs(state.launcher, 'relay'), 20_000)) return console.log('Stopped.');
  }
  if (state && runs(state.server, SERVER)) {
    process.kill(state.server, 'SIGTERM');
    await until(() => !runs(state.server, SERVER), 10_000);
  }
  rmSync(stateFile(), { force: true });
  console.log(stopCluster(folder) || state ? 'Stopped.' : 'Nothing was running.');
}

export async function status() {
  const state = running();
  const cluster = runningCluster(clusterFolder());
  if (state) {
    const url = urlOf(state.port, state.host);
    const now = await stateOf(url);
    console.log(`server    ${now === 'ready' ? `ready at ${url}` : `started at ${url}, ${now}`}`);
  } else console.log('server    stopped');
  console.log(`database  ${cluster ? `running on port ${cluster.port}` : 'stopped'}`);
  return state ? 0 : 3;
}

/** @param {string[]} words */
export async function reset(words) {
  const folder = clusterFolder();
  if (!words.includes('--yes')) {
    if (!process.stdin.isTTY)
      throw new Failure('This deletes all plans of this checkout. To go on without being asked, add --yes.');
    const ask = createInterface({ input: process.stdin, output: process.stdout });
    const answer = await ask.question(`This deletes all plans in ${folder}. Type yes to go on: `);
    ask.close();
    if (answer.trim() !== 'yes') return console.log('Nothing was deleted.');
  }
  await stopAll();
  rmSync(folder, { recursive: true, force: true });
  console.log('All plans were deleted.');
}
