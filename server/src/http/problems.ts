/** One table from error to status; every answer that is no success is a problem document (RFC 9457). */
import type { Context, Next } from 'koa';
import type { Logger } from 'pino';
import { InvalidPlan, InvalidRequest, NotFound, StaleVersion, TooLarge } from '../errors';

interface Problem {
  type: string;
  title: string;
  status: number;
  detail?: string;
  [more: string]: unknown;
}

const about = (name: string) => `urn:yellow-relay:problem:${name}`;

const TABLE: readonly [new (...args: never[]) => Error, (error: never) => Problem][] = [
  [
    NotFound,
    (error: NotFound) => ({ type: about('not-found'), title: 'Not found', status: 404, detail: error.message }),
  ],
  [
    TooLarge,
    (error: TooLarge) => ({
      type: about('too-large'),
      title: 'The request is too large',
      status: 413,
      detail: error.message,
    }),
  ],
  [
    StaleVersion,
    (error: StaleVersion) => ({
      type: about('stale-version'),
      title: 'Edited meanwhile',
      status: 409,
      detail: error.message,
      version: error.version,
      since: error.since,
    }),
  ],
  [
    InvalidPlan,
    (error: InvalidPlan) => ({
      type: about('invalid-plan'),
      title: 'The plan would not be sound',
      status: 422,
      detail: error.message,
      problems: error.problems,
    }),
  ],
  [
    InvalidRequest,
    (error: InvalidRequest) => ({
      type: about('invalid-request'),
      title: 'The request does not fit',
      status: 422,
      detail: error.message,
      problems: error.problems,
    }),
  ],
];

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
  return entry ? entry[1](error as never) : fromHttp(error);
}

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
  ctx.body = JSON.stringify(documentOf(ctx, problem));
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
      if (!problem) log.error({ err: error, requestId: ctx.state['requestId'] as string }, 'unexpected error');
      sendProblem(ctx, problem ?? UNEXPECTED);
    }
  };
}
