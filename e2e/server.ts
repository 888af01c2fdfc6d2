/** The built server as a process of its own, so that tests can kill it. */
import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';
import { freePort, until } from '../ops/processes.mjs';
import { ROOT } from '../ops/paths.mjs';

export class ServerProcess {
  private child: ChildProcess | null = null;
  url = '';
  private port = 0;

  /** `database`: its URL and the key of its secrets; that of a worker of this run where none is said. */
  constructor(
    worker: number,
    private readonly database = {
      url: process.env[`E2E_DATABASE_URL_${worker}`]!,
      keyFile: process.env['E2E_KEY_FILE']!,
    },
    private readonly more: Record<string, string> = {},
  ) {}

  async start(): Promise<void> {
    this.port ||= await freePort();
    this.url = `http://127.0.0.1:${this.port}`;
    const env = {
      ...process.env,
      RELAY_DATABASE_URL: this.database.url,
      RELAY_PORT: String(this.port),
      RELAY_KEY_FILE: this.database.keyFile,
      RELAY_LOG_LEVEL: 'error',
      ...this.more,
    };
    this.child = spawn(process.execPath, [join(ROOT, 'server/dist/main.js')], {
      env,
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    const up = await until(
      async () => (await fetch(`${this.url}/api/v1/ready`).catch(() => null))?.ok === true,
      30_000,
    );
    if (!up) throw new Error('The server did not come up.');
  }

  /** Ends it at once, as a crash would. */
  async kill(signal: NodeJS.Signals = 'SIGKILL'): Promise<void> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return;
    const ended = new Promise((done) => child.once('exit', done));
    child.kill(signal);
    await ended;
  }
}
