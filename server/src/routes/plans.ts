import Router from '@koa/router';
import type { Context } from 'koa';
import type { PlanEvents } from '../events';
import { InvalidRequest, NotFound } from '../errors';
import { jsonBytes, smallJson } from '../http/body';
import { DUPLICATE_BODY } from '../http/schemas';
import { bodyChecker } from '../http/validate';
import type { Plans } from '../plans/plans';

const duplicateBody = bodyChecker<{ name: string }>(DUPLICATE_BODY);

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const MOST_BYTES = 32 * 1024 * 1024;
const MOST_VERSION = 2_147_483_647;

function planId(ctx: unknown): string {
  const { id } = (ctx as { params: { id: string } }).params;
  if (!UUID.test(id)) throw new NotFound('The plan');
  return id;
}

/** An answer that is JSON already. */
function sendJson(ctx: Context, json: string): void {
  ctx.type = 'application/json';
  ctx.body = json;
}

function versionAfter(ctx: Context): number {
  const text = ctx.query['after'] ?? '0';
  const after = typeof text === 'string' && /^\d{1,10}$/.test(text) ? Number(text) : NaN;
  if (!(after <= MOST_VERSION))
    throw new InvalidRequest([{ pointer: '/after', found: String(text).slice(0, 80), expected: 'a version' }]);
  return after;
}

export function planRoutes(plans: Plans, events: PlanEvents): Router {
  const router = new Router({ prefix: '/api/v1/plans' });
  router.get('/', async (ctx) => {
    ctx.body = await plans.list(ctx.query['deleted'] === 'true');
  });
  router.post('/', async (ctx) => {
    ctx.body = await plans.create(await jsonBytes(ctx, MOST_BYTES));
    ctx.status = 201;
  });
  router.get('/:id', async (ctx) => sendJson(ctx, await plans.open(planId(ctx))));
  router.patch('/:id', async (ctx) => {
    const id = planId(ctx);
    sendJson(ctx, await plans.edit(id, await jsonBytes(ctx, MOST_BYTES)));
  });
  router.get('/:id/edits', async (ctx) => sendJson(ctx, await plans.editsAfter(planId(ctx), versionAfter(ctx))));
  router.get('/:id/events', async (ctx) => {
    const id = planId(ctx);
    await plans.check(id);
    events.stream(ctx, id);
  });
  router.post('/:id/duplicate', async (ctx) => {
    ctx.body = await plans.duplicate(planId(ctx), duplicateBody(await smallJson(ctx)).name);
    ctx.status = 201;
  });
  router.delete('/:id', async (ctx) => {
    ctx.body = await plans.setDeleted(planId(ctx), new Date());
  });
  router.post('/:id/restore', async (ctx) => {
    ctx.body = await plans.setDeleted(planId(ctx), null);
  });
  router.post('/:id/erase', async (ctx) => {
    await plans.erase(planId(ctx));
    ctx.status = 204;
  });
  return router;
}
