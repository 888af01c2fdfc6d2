import Router from '@koa/router';
import type { Context } from 'koa';
import { smallJson } from '../http/body';
import { PROBE_BODY } from '../http/schemas';
import { bodyChecker } from '../http/validate';
import { whileAsked } from '../http/while-asked';
import type { Line } from '../prober/line';
import { measureDelay } from '../prober/prober';

const probeBody = bodyChecker<{ host: string }>(PROBE_BODY);

/** Measures the delay of one server. Who goes away ends the measurement. */
export function probeRoutes(line: Line): Router {
  const router = new Router({ prefix: '/api/v1/probes' });
  router.post('/', async (ctx: Context) => {
    const { host } = probeBody(await smallJson(ctx));
    const answer = await whileAsked(ctx, async (signal) => ({ host, delay: await measureDelay(line, host, signal) }));
    if (answer) ctx.body = answer;
  });
  return router;
}
