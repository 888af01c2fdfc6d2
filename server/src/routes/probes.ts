import Router from '@koa/router';
import type { Context } from 'koa';
import { PROBE_BODY } from '../http/schemas';
import { bodyChecker } from '../http/validate';
import type { Line } from '../prober/line';
import { measureDelay } from '../prober/prober';

const probeBody = bodyChecker<{ host: string }>(PROBE_BODY);

/** Measures the delay of one server. Who goes away ends the measurement. */
export function probeRoutes(line: Line): Router {
  const router = new Router({ prefix: '/api/v1/probes' });
  router.post('/', async (ctx: Context) => {
    const { host } = probeBody((ctx.request as unknown as { body: unknown }).body ?? {});
    const gone = new AbortController();
    ctx.res.once('close', () => gone.abort());
    try {
      ctx.body = { host, delay: await measureDelay(line, host, gone.signal) };
    } catch (error) {
      // Nobody is left to be answered.
      if (!gone.signal.aborted) throw error;
      ctx.status = 499;
    }
  });
  return router;
}
