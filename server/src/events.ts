/** Tells every open window of a plan that it has a new version, also when another process made it (LISTEN/NOTIFY). */
import { PassThrough } from 'node:stream';
import type { Context } from 'koa';
import pg from 'pg';
import type { Logger } from 'pino';
import { PLAN_CHANNEL } from './plans/plans';

const HEARTBEAT_MS = 20_000;
const RETRY_MS = 1_000;
const CONNECT_MS = 5_000;

export class PlanEvents {
  private readonly streams = new Map<string, Set<PassThrough>>();
  private client: pg.Client | null = null;
  private closed = false;
  private readonly heartbeat: NodeJS.Timeout;

  constructor(
    private readonly url: string,
    private readonly log: Logger,
  ) {
    this.heartbeat = setInterval(() => this.each((stream) => stream.write(': here\n\n')), HEARTBEAT_MS);
  }

  /** @throws Error while the database does not answer; once it has, a lost connection is made again until it is back */
  async listen(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url, connectionTimeoutMillis: CONNECT_MS });
    let lost = false;
    const again = () => {
      if (lost || this.closed || this.client !== client) return;
      lost = true;
      void this.listenAgain();
    };
    client.on('notification', ({ payload }) => {
      const { id, version } = JSON.parse(payload ?? '{}') as { id: string; version: number };
      this.tell(id, version);
    });
    client.on('error', again);
    client.on('end', again);
    await client.connect();
    await client.query(`LISTEN ${PLAN_CHANNEL}`);
    this.client = client;
  }

  private async listenAgain(): Promise<void> {
    this.log.warn('listening connection lost');
    while (!this.closed) {
      await new Promise((go) => setTimeout(go, RETRY_MS));
      try {
        await this.listen();
        await this.tellAll();
        this.log.info('listening again');
        return;
      } catch (error) {
        this.log.warn({ err: error }, 'cannot listen yet');
      }
    }
  }

  /** What was edited while nobody listened is told now. */
  private async tellAll(): Promise<void> {
    const { rows } = await this.client!.query<{ id: string; version: number }>(
      'SELECT id, version FROM plan WHERE id = ANY($1::uuid[])',
      [[...this.streams.keys()]],
    );
    for (const { id, version } of rows) this.tell(id, version);
  }

  private tell(id: string, version: number): void {
    for (const stream of this.streams.get(id) ?? []) stream.write(`event: version\ndata: ${version}\n\n`);
  }

  stream(ctx: Context, planId: string): void {
    const stream = new PassThrough();
    const streams = this.streams.get(planId) ?? new Set();
    this.streams.set(planId, streams.add(stream));
    stream.on('close', () => {
      streams.delete(stream);
      if (streams.size === 0) this.streams.delete(planId);
    });
    ctx.req.on('close', () => stream.destroy());
    ctx.status = 200;
    ctx.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    ctx.body = stream;
    stream.write('retry: 1000\n\n');
  }

  private each(visit: (stream: PassThrough) => void): void {
    for (const streams of this.streams.values()) for (const stream of streams) visit(stream);
  }

  async close(): Promise<void> {
    this.closed = true;
    clearInterval(this.heartbeat);
    this.each((stream) => stream.end());
    await this.client?.end().catch(() => undefined);
  }
}
