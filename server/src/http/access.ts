/**
 * One shared password for whoever calls from beyond this machine, until there are accounts. It is kept as an argon2id
 * hash (RFC 9106); who knows it gets a signed cookie. Pages are no secret, what they show is: only the API asks.
 */
import { createHmac } from 'node:crypto';
import { verify } from '@node-rs/argon2';
import type Koa from 'koa';
import type { Context, Next } from 'koa';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { NotFound, NotSignedIn, TooManyTries } from '../errors';
import { smallJson } from './body';
import { SESSION_BODY } from './schemas';
import { bodyChecker } from './validate';

export interface Access {
  /** The password's hash as argon2 writes it. */
  hash: string;
  /** Signs cookies: 32 bytes. */
  key: Uint8Array;
}

const COOKIE = 'relay_session';
const DAY_MS = 24 * 60 * 60 * 1000;
const SESSION_MS = 30 * DAY_MS;
const OPEN = new Set(['/api/v1/health', '/api/v1/ready', '/api/v1/session']);
/** Tries a minute, of one address and of all. */
const TRIES = 5;
const TRIES_OF_ALL = 60;

const sessionBody = bodyChecker<{ password: string }>(SESSION_BODY);

/** Cookies signed before the password was changed are worth nothing after. */
export function signCookies(koa: Koa, { hash, key }: Access): void {
  koa.keys = [createHmac('sha256', key).update(`session ${hash}`).digest('base64')];
}

function isSignedIn(ctx: Context): boolean {
  const until = Number(ctx.cookies.get(COOKIE, { signed: true }) ?? 0);
  return until > Date.now();
}

/** Signing in and out. `null`: this server asks nobody. */
export class SignIn {
  private readonly each = new RateLimiterMemory({ points: TRIES, duration: 60 });
  private readonly all = new RateLimiterMemory({ points: TRIES_OF_ALL, duration: 60 });

  constructor(private readonly access: Access | null) {}

  /** @throws NotFound where nobody is asked, NotSignedIn for another password, TooManyTries */
  async in(ctx: Context): Promise<void> {
    if (!this.access) throw new NotFound('A password');
    await this.count(ctx);
    const { password } = sessionBody(await smallJson(ctx));
    if (!(await verify(this.access.hash, password))) throw new NotSignedIn('This is not the password.');
    ctx.cookies.set(COOKIE, String(Date.now() + SESSION_MS), {
      signed: true,
      httpOnly: true,
      sameSite: 'strict',
      secure: ctx.secure,
      maxAge: SESSION_MS,
    });
  }

  out(ctx: Context): void {
    if (this.access) ctx.cookies.set(COOKIE, null, { signed: true, httpOnly: true, sameSite: 'strict' });
  }

  private async count(ctx: Context): Promise<void> {
    try {
      await this.all.consume('all');
      await this.each.consume(ctx.req.socket.remoteAddress ?? '');
    } catch (error) {
      if (error instanceof RateLimiterRes) throw new TooManyTries(Math.ceil(error.msBeforeNext / 1000));
      throw error;
    }
  }
}

/** Lets nobody at the API who has not signed in. */
export async function access(ctx: Context, next: Next): Promise<void> {
  if (ctx.path.startsWith('/api/') && !OPEN.has(ctx.path) && !isSignedIn(ctx))
    throw new NotSignedIn('This server asks for its password.');
  await next();
}
