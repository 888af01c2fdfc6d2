import Router from '@koa/router';
import { type Access, SignIn } from '../http/access';

/** Signing in with the shared password, and out. */
export function sessionRoutes(access: Access | null): Router {
  const router = new Router({ prefix: '/api/v1/session' });
  const signIn = new SignIn(access);
  router.post('/', async (ctx) => {
    await signIn.in(ctx);
    ctx.status = 204;
  });
  router.delete('/', (ctx) => {
    signIn.out(ctx);
    ctx.status = 204;
  });
  return router;
}
