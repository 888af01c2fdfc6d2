/** Bodies of requests as bytes, within a size: who parses them is another matter. */
import type { Context } from 'koa';
import { NotTaken, TooLarge, Unreadable } from '../errors';

const FIRST_BYTES = 64 * 1024;

/** The whole body, in memory of its own. @throws TooLarge as soon as it is; NotTaken for a compressed one */
export async function bodyBytes(ctx: Context, most: number): Promise<Uint8Array> {
  const encoding = ctx.get('content-encoding').toLowerCase();
  if (encoding !== '' && encoding !== 'identity')
    throw new NotTaken(`Found a body in “${encoding.slice(0, 40)}”, expected one that is not compressed.`);
  const said = Number(ctx.get('content-length'));
  if (said > most) throw new TooLarge(most);
  // Where the size is said, the body is written where it is to stand, and is not held twice.
  let whole = Buffer.allocUnsafeSlow(Number.isInteger(said) && said > 0 ? said : FIRST_BYTES);
  let size = 0;
  for await (const chunk of ctx.req as AsyncIterable<Buffer>) {
    if (size + chunk.length > most) throw new TooLarge(most);
    if (size + chunk.length > whole.length) {
      const larger = Buffer.allocUnsafeSlow(Math.min(most, Math.max(2 * whole.length, size + chunk.length)));
      whole.copy(larger, 0, 0, size);
      whole = larger;
    }
    chunk.copy(whole, size);
    size += chunk.length;
  }
  return size === whole.length ? whole : new Uint8Array(whole.buffer, 0, size);
}

/** The same for a body that says that it is JSON. @throws NotTaken for one that does not */
export function jsonBytes(ctx: Context, most: number): Promise<Uint8Array> {
  if (!ctx.is('json', '+json'))
    throw new NotTaken(
      `Found “${ctx.get('content-type').slice(0, 80) || 'no content type'}”, expected application/json.`,
    );
  return bodyBytes(ctx, most);
}

/** Small bodies are parsed where they arrive. */
const MOST_SMALL = 1024 * 1024;

/** A small body of JSON. @throws Unreadable, TooLarge, NotTaken */
export async function smallJson(ctx: Context): Promise<unknown> {
  const text = new TextDecoder().decode(await jsonBytes(ctx, MOST_SMALL));
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    throw new Unreadable(error instanceof Error ? error.message : String(error));
  }
}
