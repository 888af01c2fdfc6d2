/** Tells every open window of a plan that it has a new version, also when another process made it (LISTEN/NOTIFY). */
import { PassThrough } from 'node:stream';
import type { Context } from 'koa';
import pg from 'pg';
import type { Logger } from 'pino';
import { PLAN_CHANNEL } from './plans';

const HEARTBEAT_MS = 20_000;
const RETRY_MS = 1_000;

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

  async listen(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url });
    client.on('notification', ({ payload }) => {
      const { id, version } = JSON.parse(payload ?? '{}') as { id: string; version: number };
      for (const stream of this.streams.get(id) ?? []) stream.write(`event: version\ndata: ${version}\n\n`);
    });
    client.on('error', (error) => this.log.warn({ err: error }, 'listening connection lost'));
    client.on('end', () => {
      if (!this.closed)
        setTimeout(
          () => void this.listen().catch((error: unknown) => this.log.warn({ err: error }, 'cannot listen yet')),
          RETRY_MS,
        );
    });
    await client.connect();
    await client.query(`LISTEN ${PLAN_CHANNEL}`);
    this.client = client;
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
    await this.client?.end();
  }
}
