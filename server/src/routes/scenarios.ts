import Router from '@koa/router';
import { jsonBytes } from '../http/body';
import type { Plans } from '../plans/plans';

const MOST_BYTES = 32 * 1024 * 1024;

/** Nothing is kept of a scenario: it is only said whether it can be rehearsed. */
export function scenarioRoutes(plans: Plans): Router {
  const router = new Router({ prefix: '/api/v1/scenarios' });
  router.post('/check', async (ctx) => {
    await plans.checkScenario(await jsonBytes(ctx, MOST_BYTES));
    ctx.status = 204;
  });
  return router;
}
