import { randomUUID } from 'node:crypto';
import type { Context, Next } from 'koa';
import type { Logger } from 'pino';

/** Gives each request an id, answers it, and writes one line of log. */
export function requestLog(log: Logger) {
  return async (ctx: Context, next: Next): Promise<void> => {
    const requestId = randomUUID();
    ctx.state['requestId'] = requestId;
    ctx.set('X-Request-Id', requestId);
    const start = performance.now();
    await next();
    log.info(
      { requestId, method: ctx.method, path: ctx.path, status: ctx.status, ms: Math.round(performance.now() - start) },
      'request',
    );
  };
}
