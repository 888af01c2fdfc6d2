/**
 * The built pages. Any path without a file is the application itself; the index carries a fresh nonce for its styles.
 */
import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { send } from '@koa/send';
import type { Context, Next } from 'koa';

const YEAR_S = 31_536_000;

/** For answers that are no pages: nothing of them runs or is shown in another page. */
export const API_POLICY = "default-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

/**
 * A worker has the policy that its own script came with. The one that brings radios along loads its solver, which is
 * WebAssembly, from here; no other may run any.
 */
const SOLVER_POLICY = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; connect-src 'self'";
const SOLVER_WORKER = /^\/assets\/bring-worker-[\w-]+\.js$/;

/** Scripts only from here; styles from here and those that carry this answer's nonce (the sheet makes its own). */
function contentPolicy(nonce: string): string {
  return [
    "default-src 'none'",
    "script-src 'self'",
    `style-src 'self' 'nonce-${nonce}'`,
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export function pages(root: string) {
  return async (ctx: Context, next: Next): Promise<void> => {
    if (ctx.path.startsWith('/api/')) return next();
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') return next();
    if (/\.[a-z0-9]+$/i.test(ctx.path)) {
      if (SOLVER_WORKER.test(ctx.path)) ctx.set('Content-Security-Policy', SOLVER_POLICY);
      await send(ctx, ctx.path, {
        root,
        maxage: ctx.path.startsWith('/assets/') ? YEAR_S * 1000 : 0,
        immutable: ctx.path.startsWith('/assets/'),
      }).catch((error: { status?: number }) => {
        if (error.status !== 404) throw error;
      });
      return;
    }
    const nonce = randomBytes(16).toString('base64');
    const index = await readFile(join(root, 'index.html'), 'utf8');
    ctx.set('Content-Security-Policy', contentPolicy(nonce));
    ctx.set('Cache-Control', 'no-store');
    ctx.type = 'html';
    ctx.body = index.replaceAll('__NONCE__', nonce);
  };
}
