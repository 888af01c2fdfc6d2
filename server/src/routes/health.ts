import Router from '@koa/router';
import type { DataSource } from 'typeorm';
import type { LoopMonitor } from '../http/monitor';
import { openApi } from '../openapi';

/** `health`: the process answers. `ready`: the database answers too. */
export function healthRoutes(source: DataSource, monitor: LoopMonitor): Router {
  const router = new Router({ prefix: '/api/v1' });
  router.get('/health', (ctx) => {
    ctx.body = { status: 'ok', eventLoop: monitor.report() };
  });
  router.get('/ready', async (ctx) => {
    try {
      await source.query('SELECT 1');
      ctx.body = { status: 'ok' };
    } catch {
      ctx.status = 503;
      ctx.body = { status: 'database does not answer' };
    }
  });
  router.get('/openapi.json', (ctx) => {
    ctx.body = openApi;
  });
  return router;
}
