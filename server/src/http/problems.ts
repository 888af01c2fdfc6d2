/** One table from error to status; every answer that is no success is a problem document (RFC 9457). */
import type { Context, Next } from 'koa';
import type { Logger } from 'pino';
import { isDatabaseTrouble } from '../db/trouble';
import {
  InvalidPlan,
  InvalidRequest,
  NotFound,
  NotSignedIn,
  NotTaken,
  Overloaded,
  Spoiled,
  StaleVersion,
  TooLarge,
  TooManyTries,
  Unreadable,
} from '../errors';

interface Problem {
  type: string;
  title: string;
  status: number;
  detail?: string;
  [more: string]: unknown;
}

const about = (name: string) => `urn:yellow-relay:problem:${name}`;

/** How soon to try again, seconds. */
const RETRY_S = 2;

const TABLE: readonly [new (...args: never[]) => Error, (error: never) => Problem][] = [
  [NotFound, (error: NotFound) => plain('not-found', 'Not found', 404, error)],
  [TooLarge, (error: TooLarge) => plain('too-large', 'The request is too large', 413, error)],
  [Unreadable, (error: Unreadable) => plain('unreadable', 'The request cannot be read', 400, error)],
  [NotTaken, (error: NotTaken) => plain('not-taken', 'The request cannot be read', 415, error)],
  [Spoiled, (error: Spoiled) => plain('spoiled', 'The plan cannot be read', 409, error)],
  [NotSignedIn, (error: NotSignedIn) => plain('not-signed-in', 'Not signed in', 401, error)],
  [
    TooManyTries,
    (error: TooManyTries) => ({ ...plain('too-many-tries', 'Too many tries', 429, error), retryAfter: error.seconds }),
  ],
  [
    Overloaded,
    (error: Overloaded) => ({ ...plain('overloaded', 'The server is busy', 503, error), retryAfter: RETRY_S }),
  ],
  [
    StaleVersion,
    (error: StaleVersion) => ({
      ...plain('stale-version', 'Edited meanwhile', 409, error),
      version: error.version,
      since: error.since === null ? null : new RawJson(error.since),
    }),
  ],
  [
    InvalidPlan,
    (error: InvalidPlan) => ({
      ...plain('invalid-plan', 'The plan would not be sound', 422, error),
      problems: error.problems,
    }),
  ],
  [
    InvalidRequest,
    (error: InvalidRequest) => ({
      ...plain('invalid-request', 'The request does not fit', 422, error),
      problems: error.problems,
    }),
  ],
];

const plain = (name: string, title: string, status: number, error: Error): Problem => ({
  type: about(name),
  title,
  status,
  detail: error.message,
});

/** A text that is JSON already; it is put into the answer as it is. */
class RawJson {
  constructor(readonly json: string) {}
}

/** Like `JSON.stringify`, but for what is JSON already. */
function jsonOf(value: object): string {
  const parts = Object.entries(value).flatMap(([key, part]: [string, unknown]) => {
    const text = part instanceof RawJson ? part.json : JSON.stringify(part);
    return text === undefined ? [] : [`${JSON.stringify(key)}:${text}`];
  });
  return `{${parts.join(',')}}`;
}

/** Errors of Koa's own middleware (body too large, malformed JSON) carry a status that may be shown. */
function fromHttp(error: unknown): Problem | null {
  const { status, expose, message } = error as { status?: number; expose?: boolean; message?: string };
  if (typeof status !== 'number' || status < 400 || status > 499 || expose === false) return null;
  return {
    type: 'about:blank',
    title: status === 413 ? 'The request is too large' : 'The request cannot be read',
    status,
    ...(message ? { detail: message } : {}),
  };
}

function problemOf(error: unknown): Problem | null {
  const entry = TABLE.find(([kind]) => error instanceof kind);
  if (entry) return entry[1](error as never);
  return isDatabaseTrouble(error) ? DATABASE_AWAY : fromHttp(error);
}

const DATABASE_AWAY: Problem = {
  type: about('database-away'),
  title: 'The database does not answer',
  status: 503,
  detail:
    'The database cannot do it now: it is stopped, starting, full or busy. Nothing was changed; try again in a moment.',
  retryAfter: RETRY_S,
};

const UNEXPECTED: Problem = {
  type: 'about:blank',
  title: 'Something went wrong on the server',
  status: 500,
  detail: 'It was logged under the request id. Nothing was changed.',
};

function documentOf(ctx: Context, problem: Problem): object {
  return { ...problem, instance: ctx.path, requestId: ctx.state['requestId'] as string };
}

/** The problem document of an error whose answer has begun already; what is unexpected is logged by the application. */
export function describeProblem(ctx: Context, error: unknown): object {
  const problem = problemOf(error);
  if (!problem) ctx.app.emit('error', error, ctx);
  return documentOf(ctx, problem ?? UNEXPECTED);
}

export function sendProblem(ctx: Context, problem: Problem): void {
  ctx.status = problem.status;
  if (typeof problem['retryAfter'] === 'number') ctx.set('Retry-After', String(problem['retryAfter']));
  ctx.body = jsonOf(documentOf(ctx, problem));
  ctx.type = 'application/problem+json';
}

export function problems(log: Logger) {
  return async (ctx: Context, next: Next): Promise<void> => {
    try {
      await next();
      if (ctx.status === 404 && ctx.body == null)
        sendProblem(ctx, { type: 'about:blank', title: 'Not found', status: 404 });
      if (ctx.status === 405 && ctx.body == null)
        sendProblem(ctx, { type: 'about:blank', title: 'Method not allowed', status: 405 });
    } catch (error) {
      const problem = problemOf(error);
      const requestId = ctx.state['requestId'] as string;
      if (!problem) log.error({ err: error, requestId }, 'unexpected error');
      else if (problem.status >= 500) log.warn({ err: error, requestId }, 'not now');
      sendProblem(ctx, problem ?? UNEXPECTED);
    }
  };
}
