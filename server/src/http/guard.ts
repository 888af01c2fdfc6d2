/** Who may talk to us: only by a name we know (no rebound names), and no writes from other origins. */
import type { Context, Next } from 'koa';
import { sendProblem } from './problems';

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

/** `localhost`, `127.0.0.1`, `[::1]` at any port, and the names given by the owner. */
export function hostAllowed(host: string | undefined, names: readonly string[]): boolean {
  if (!host) return false;
  const name = host.replace(/:\d+$/, '').toLowerCase();
  return ['localhost', '127.0.0.1', '[::1]', ...names].includes(name);
}

export function guard(names: readonly string[]) {
  return async (ctx: Context, next: Next): Promise<void> => {
    if (!hostAllowed(ctx.get('host'), names)) {
      return sendProblem(ctx, {
        type: 'about:blank',
        title: 'Unknown host name',
        status: 421,
        detail: 'This server answers only by the names it was told (RELAY_HOSTS).',
      });
    }
    const origin = ctx.get('origin');
    const site = ctx.get('sec-fetch-site');
    const foreign =
      (origin !== '' && origin !== `http://${ctx.get('host')}` && origin !== `https://${ctx.get('host')}`) ||
      (site !== '' && site !== 'same-origin' && site !== 'none');
    if (!SAFE.has(ctx.method) && foreign) {
      return sendProblem(ctx, { type: 'about:blank', title: 'Writes from another origin are refused', status: 403 });
    }
    await next();
  };
}
