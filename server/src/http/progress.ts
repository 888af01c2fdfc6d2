/** Long work that tells how far it is: a line of JSON after each step, the last one the answer or the problem (RFC 9457). */
import { PassThrough } from 'node:stream';
import type { Context } from 'koa';
import { describeProblem } from './problems';
import { whileAsked } from './while-asked';

const LINES = 'application/x-ndjson';

export type Tell = (done: number, of: number) => void;

/**
 * Whoever accepts lines is told of the progress; others get the answer alone, with `status`.
 * The work ends when whoever asked goes away.
 */
export async function withProgress(
  ctx: Context,
  status: number,
  work: (signal: AbortSignal, tell: Tell) => Promise<object>,
): Promise<void> {
  if (ctx.accepts('json', LINES) !== LINES) {
    const answer = await whileAsked(ctx, (signal) => work(signal, () => undefined));
    if (!answer) return;
    ctx.body = answer;
    ctx.status = status;
    return;
  }
  const lines = new PassThrough();
  ctx.status = 200;
  ctx.type = LINES;
  ctx.body = lines;
  const write = (line: object) => void lines.write(`${JSON.stringify(line)}\n`);
  // Not waited for: the head of the answer leaves now, and each line as it comes.
  void whileAsked(ctx, (signal) => work(signal, (done, of) => write({ done, of })))
    .then((answer) => answer && write({ answer }))
    .catch((error: unknown) => write({ problem: describeProblem(ctx, error) }))
    .finally(() => lines.end());
}
