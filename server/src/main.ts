/** The server process. Settings come by environment; `./relay` sets them. */
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { createApp } from './app';
import { openDatabase } from './db/data-source';
import { isDatabaseTrouble } from './db/trouble';
import { PlanEvents } from './events';
import { isLoopback } from './http/guard';
import { makeLog } from './http/log';
import { loadDemo } from './demo';
import { LoopMonitor } from './http/monitor';
import { simulatedLine } from './prober/line';

function setting(name: string, fallback?: string): string {
  const value = process.env[name] ?? fallback;
  if (value === undefined) throw new Error(`${name} is not set. Start the server with ./relay start.`);
  return value;
}

const GRACE_MS = 5_000;
const DATABASE_WAIT_MS = 120_000;
const DATABASE_RETRY_MS = 500;

async function main(): Promise<void> {
  const log = makeLog(setting('RELAY_LOG_LEVEL', 'info'));
  const url = setting('RELAY_DATABASE_URL');
  const host = setting('RELAY_LISTEN', '127.0.0.1');
  const port = Number(setting('RELAY_PORT'));
  const key = secretKey(setting('RELAY_KEY_FILE'));
  const hash = accessHash(setting('RELAY_ACCESS_FILE', ''));
  if (!isLoopback(host) && host !== 'localhost' && hash === null)
    throw new Error(
      `Listening on ${host} opens this server to the network: set a password first with ./relay access, then start it again.`,
    );
  const source = await patiently(() => openDatabase(url, key));
  const monitor = new LoopMonitor();
  const events = new PlanEvents(url, log);
  await events.listen();
  const hosts = setting('RELAY_HOSTS', '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
  const app = createApp({
    source,
    databaseUrl: url,
    key,
    events,
    log,
    monitor,
    hosts,
    access: hash === null ? null : { hash, key },
    webRoot: setting('RELAY_WEB_ROOT', join(import.meta.dirname, '../../web/dist')),
    line: simulatedLine(),
  });
  if (setting('RELAY_DEMO', '') === '1')
    await loadDemo(app.plans, app.directory, join(import.meta.dirname, '../../demo/lists'));
  const answer = app.koa.callback();
  const server = createServer((request, response) => void answer(request, response));
  await new Promise<void>((resolve, reject) => server.once('error', reject).listen(port, host, resolve));
  log.info({ host, port }, 'listening');

  let stopping = false;
  const stop = async (signal: string): Promise<void> => {
    if (stopping) return;
    stopping = true;
    log.info({ signal }, 'stopping');
    const force = setTimeout(() => server.closeAllConnections(), GRACE_MS);
    const closed = new Promise((resolve) => server.close(resolve));
    await events.close();
    server.closeIdleConnections();
    await closed;
    clearTimeout(force);
    await app.close();
    await source.destroy().catch(() => undefined);
    process.exit(0);
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop(signal));
}

/** The database may be starting, or away for a while: the server waits for it rather than end. */
async function patiently<T>(act: () => Promise<T>): Promise<T> {
  for (const end = Date.now() + DATABASE_WAIT_MS; ;) {
    try {
      return await act();
    } catch (error) {
      if (!isDatabaseTrouble(error) || Date.now() > end) throw error;
      await new Promise((go) => setTimeout(go, DATABASE_RETRY_MS));
    }
  }
}

/** The key of the secrets of plans: 32 bytes in hex. @throws Error for a file that holds anything else */
function secretKey(file: string): Uint8Array {
  const text = readFileSync(file, 'utf8').trim();
  if (!/^[0-9a-f]{64}$/.test(text)) throw new Error(`${file}: expected a key of 64 hex digits.`);
  return Buffer.from(text, 'hex');
}

/** The hash of the shared password, `null` where none was set. */
function accessHash(file: string): string | null {
  return file !== '' && existsSync(file) ? readFileSync(file, 'utf8').trim() : null;
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
