import Router from '@koa/router';
import type { Context } from 'koa';
import { emptyPlan } from '@relay/core/plan/create';
import type { Plan } from '@relay/core/plan/types';
import { DEMO_PLANS } from '../../../demo/ostrey-isles';
import type { PlanEvents } from '../events';
import { InvalidRequest, NotFound } from '../errors';
import { CREATE_BODY, DUPLICATE_BODY, EDITS_BODY } from '../http/schemas';
import { bodyChecker } from '../http/validate';
import { type NewEdit, type Plans, soundPlan } from '../plans';

const createBody = bodyChecker<{ name?: string; demo?: string; document?: unknown }>(CREATE_BODY);
const editsBody = bodyChecker<{ version: number; edits: NewEdit[] }>(EDITS_BODY);
const duplicateBody = bodyChecker<{ name: string }>(DUPLICATE_BODY);

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

function planId(ctx: Context): string {
  const id = (ctx as unknown as { params: { id: string } }).params.id;
  if (!UUID.test(id)) throw new NotFound('The plan');
  return id;
}

function body(ctx: Context): unknown {
  return (ctx.request as unknown as { body: unknown }).body ?? {};
}

function newDocument({ name, demo, document }: { name?: string; demo?: string; document?: unknown }): Plan {
  if (demo !== undefined) {
    const make = DEMO_PLANS[demo];
    if (!make)
      throw new InvalidRequest([
        { pointer: '/demo', found: demo, expected: `one of ${Object.keys(DEMO_PLANS).join(', ')}` },
      ]);
    return make();
  }
  const plan = document === undefined ? emptyPlan(name ?? 'New plan') : soundPlan(document);
  return name === undefined ? plan : soundPlan({ ...plan, name });
}

export function planRoutes(plans: Plans, events: PlanEvents): Router {
  const router = new Router({ prefix: '/api/v1/plans' });
  router.get('/', async (ctx) => {
    ctx.body = await plans.list(ctx.query['deleted'] === 'true');
  });
  router.post('/', async (ctx) => {
    ctx.body = await plans.create(newDocument(createBody(body(ctx))));
    ctx.status = 201;
  });
  router.get('/:id', async (ctx) => {
    const { plan, recent } = await plans.open(planId(ctx));
    ctx.body = { id: plan.id, version: plan.version, document: plan.document, recent };
  });
  router.patch('/:id', async (ctx) => {
    const { version, edits } = editsBody(body(ctx));
    ctx.body = await plans.edit(planId(ctx), version, edits);
  });
  router.get('/:id/edits', async (ctx) => {
    const after = Number(ctx.query['after'] ?? 0);
    if (!Number.isInteger(after) || after < 0)
      throw new InvalidRequest([{ pointer: '/after', found: String(ctx.query['after']), expected: 'a version' }]);
    ctx.body = await plans.editsAfter(planId(ctx), after);
  });
  router.get('/:id/events', (ctx) => {
    events.stream(ctx, planId(ctx));
  });
  router.post('/:id/duplicate', async (ctx) => {
    ctx.body = await plans.duplicate(planId(ctx), duplicateBody(body(ctx)).name);
    ctx.status = 201;
  });
  router.delete('/:id', async (ctx) => {
    ctx.body = await plans.setDeleted(planId(ctx), new Date());
  });
  router.post('/:id/restore', async (ctx) => {
    ctx.body = await plans.setDeleted(planId(ctx), null);
  });
  return router;
}
