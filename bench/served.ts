/**
 * `./relay start` as a process of its own, with a home of its own, on loopback: what the soak attacks and the browser
 * opens.
 */
import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Patch } from '@relay/core/plan/patches';
import type { Plan } from '@relay/core/plan/types';
import { freePort, until } from '../ops/processes.mjs';
import { clusterFolder, ROOT } from '../ops/paths.mjs';
import { runningCluster } from '../ops/cluster.mjs';
import type { LoopReport } from '../server/src/http/monitor';

export interface Answer<T> {
  status: number;
  body: T;
}

interface Opened {
  version: number;
  document: Plan;
  recent: { label: string }[];
}

export interface Edited {
  version: number;
}

export class Served {
  private constructor(
    readonly url: string,
    private readonly home: string,
    private readonly launcher: ChildProcess,
  ) {}

  static async start(): Promise<Served> {
    const home = mkdtempSync(join(tmpdir(), 'relay-bench-'));
    const port = await freePort();
    const launcher = spawn(process.execPath, [join(ROOT, 'relay'), 'start', '--port', String(port)], {
      env: { ...process.env, RELAY_HOME: home, RELAY_LOG_LEVEL: 'warn' },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const said = { text: '' };
    for (const stream of [launcher.stdout!, launcher.stderr!])
      stream.on('data', (chunk) => (said.text += String(chunk)));
    const served = new Served(`http://127.0.0.1:${port}/api/v1`, home, launcher);
    if (!(await until(() => served.isReady(), 180_000))) throw new Error(`The server did not come up:\n${said.text}`);
    return served;
  }

  async isReady(): Promise<boolean> {
    return (await fetch(`${this.url}/ready`).catch(() => null))?.ok === true;
  }

  /** @throws Error when nobody answers */
  async call<T>(method: string, path: string, body?: unknown): Promise<Answer<T>> {
    const response = await fetch(this.url + path, {
      method,
      ...(body === undefined
        ? {}
        : {
            headers: { 'Content-Type': 'application/json' },
            body: typeof body === 'string' ? body : JSON.stringify(body),
          }),
    });
    const text = await response.text();
    return { status: response.status, body: (text === '' ? null : JSON.parse(text)) as T };
  }

  async create(document: Plan): Promise<string> {
    const made = await this.call<{ id: string }>('POST', '/plans', { document });
    if (made.status !== 201) throw new Error(`The plan was not taken: ${JSON.stringify(made.body).slice(0, 300)}`);
    return made.body.id;
  }

  edit(id: string, version: number, patches: Patch[], editId: string = crypto.randomUUID()): Promise<Answer<Edited>> {
    return this.call('PATCH', `/plans/${id}`, {
      version,
      edits: [{ id: editId, kind: 'edit', target: null, label: 'soak', patches }],
    });
  }

  /** Opens a plan as a window does: a database that is just coming back is asked again. */
  async open(id: string): Promise<Opened> {
    for (;;) {
      const { status, body } = await this.call<Opened>('GET', `/plans/${id}`);
      if (status === 200) return body;
      if (status !== 503) throw new Error(`A plan did not open: ${status} ${JSON.stringify(body).slice(0, 200)}`);
      await new Promise((go) => setTimeout(go, 100));
    }
  }

  async loop(): Promise<LoopReport> {
    return (await this.call<{ eventLoop: LoopReport }>('GET', '/health')).body.eventLoop;
  }

  get serverPid(): number {
    return (JSON.parse(readFileSync(join(this.home, 'run.json'), 'utf8')) as { server: number }).server;
  }

  get databasePid(): number | null {
    return runningCluster(clusterFolder(this.home))?.pid ?? null;
  }

  /** Resident memory of the server process with its threads, MB: now, and at most since it was started. */
  memory(): { nowMb: number; mostMb: number } {
    const status = readFileSync(`/proc/${this.serverPid}/status`, 'utf8');
    const mb = (name: string) => Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status)?.[1] ?? 0) / 1024;
    return { nowMb: mb('VmRSS'), mostMb: mb('VmHWM') };
  }

  async stop(): Promise<void> {
    const ended = new Promise((done) => this.launcher.once('exit', done));
    this.launcher.kill('SIGTERM');
    await ended;
    execFileSync(process.execPath, [join(ROOT, 'relay'), 'reset', '--yes'], {
      env: { ...process.env, RELAY_HOME: this.home },
    });
    rmSync(this.home, { recursive: true, force: true });
  }
}
