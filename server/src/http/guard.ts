/** Who may talk to us: only by a name we know (no rebound names), and no writes from other origins. */
import type { Context, Next } from 'koa';
import { sendProblem } from './problems';

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

const LOOPBACK_NAMES = ['localhost', '127.0.0.1', '[::1]'];

/** Whether an address of a socket is of this machine itself. */
export function isLoopback(address: string | undefined): boolean {
  const plain = (address ?? '').replace(/^::ffff:/, '');
  return plain === '::1' || plain.startsWith('127.');
}

/** Both ends of the connection that a request came on. */
export interface Ends {
  remoteAddress?: string | undefined;
  localAddress?: string | undefined;
}

/**
 * Names at any port: those given by the owner; the address that was called; and the names of this machine for itself,
 * which mean another machine to whoever calls from outside.
 */
export function hostAllowed(host: string | undefined, names: readonly string[], ends: Ends): boolean {
  if (!host) return false;
  const name = host.replace(/:\d+$/, '').toLowerCase();
  if (names.includes(name)) return true;
  if (isLoopback(ends.remoteAddress)) return LOOPBACK_NAMES.includes(name);
  const local = (ends.localAddress ?? '').replace(/^::ffff:/, '');
  return local !== '' && (name === local || name === `[${local}]`);
}

export function guard(names: readonly string[]) {
  return async (ctx: Context, next: Next): Promise<void> => {
    if (!hostAllowed(ctx.get('host'), names, ctx.req.socket)) {
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
