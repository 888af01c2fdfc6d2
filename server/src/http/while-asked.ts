import type { Context } from 'koa';

/** The asker went away before the answer: nobody reads this status. */
const GONE = 499;

/** Does long work that ends when whoever asked goes away; what it had begun it takes back itself. */
export async function whileAsked<T>(ctx: Context, work: (signal: AbortSignal) => Promise<T>): Promise<T | undefined> {
  const gone = new AbortController();
  ctx.res.once('close', () => gone.abort());
  try {
    return await work(gone.signal);
  } catch (error) {
    if (!gone.signal.aborted) throw error;
    ctx.status = GONE;
    return undefined;
  }
}
