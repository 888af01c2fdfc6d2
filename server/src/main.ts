/** The server process. Settings come by environment; `./relay` sets them. */
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pino } from 'pino';
import { DEMO_PLANS } from '../../demo/ostrey-isles';
import { createApp } from './app';
import { openDatabase } from './db/data-source';
import { PlanEvents } from './events';
import { Plans } from './plans';
import { simulatedLine } from './prober/line';

function setting(name: string, fallback?: string): string {
  const value = process.env[name] ?? fallback;
  if (value === undefined) throw new Error(`${name} is not set. Start the server with ./relay start.`);
  return value;
}

const GRACE_MS = 5_000;

async function main(): Promise<void> {
  const log = pino({ level: setting('RELAY_LOG_LEVEL', 'info') });
  const url = setting('RELAY_DATABASE_URL');
  const host = setting('RELAY_LISTEN', '127.0.0.1');
  const port = Number(setting('RELAY_PORT'));
  const source = await openDatabase(url);
  if (setting('RELAY_DEMO', '') === '1') await loadDemo(new Plans(source));
  const events = new PlanEvents(url, log);
  await events.listen();
  const hosts = setting('RELAY_HOSTS', '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
  const app = createApp({
    source,
    events,
    log,
    hosts,
    webRoot: setting('RELAY_WEB_ROOT', join(import.meta.dirname, '../../web/dist')),
    line: simulatedLine(),
  });
  const server = createServer((request, response) => void app.callback()(request, response));
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
    await source.destroy();
    process.exit(0);
  };
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop(signal));
}

/** Loads the demo plans when the database holds no plan at all, deleted ones included. */
async function loadDemo(plans: Plans): Promise<void> {
  if ((await plans.list(false)).length > 0 || (await plans.list(true)).length > 0) return;
  for (const make of Object.values(DEMO_PLANS)) await plans.create(make());
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
