/** Lists of sites: look, import, forget; and what is near. */
import Router from '@koa/router';
import type { Context } from 'koa';
import { COLUMN_FIELDS } from '@relay/core/registries/lists';
import { CORRECTABLE, type CorrectableField, CORRECTIONS } from '@relay/core/lists/corrections';
import { LISTED_MODES, type ColumnField, type ListedSite } from '@relay/core/lists/types';
import type { Directory, SiteFilter, TripQuery } from '../directory/directory';
import { type ListReader, readList } from '../directory/reader';
import { withProgress } from '../http/progress';
import { CORRECTION_BODY, HELD_BODY, TRIP_BODY } from '../http/schemas';
import { bodyChecker } from '../http/validate';
import { InvalidRequest, NotFound, TooLarge } from '../errors';

const correctionBody = bodyChecker<{ field: CorrectableField; text: string; who: string; why: string }>(
  CORRECTION_BODY,
);
const heldBody = bodyChecker<{ sites: Pick<ListedSite, 'callSign' | 'module' | 'txHz'>[] }>(HELD_BODY);
const tripBody = bodyChecker<TripQuery>(TRIP_BODY);

const MOST_BYTES = 64 * 1024 * 1024;
const MOST_OF_LIST = 100_000;
const STATUSES = ['on the air', 'off the air', 'not said'] as const;
const MOST_NEAR = 200;
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

async function bodyBytes(ctx: Context): Promise<Uint8Array> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of ctx.req as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > MOST_BYTES) throw new TooLarge(MOST_BYTES);
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

function text(ctx: Context, name: string, most: number): string {
  const value = ctx.query[name] ?? '';
  if (typeof value !== 'string' || value.length > most || /[\u0000-\u001f]/.test(value))
    throw new InvalidRequest([
      { pointer: `/${name}`, found: String(value).slice(0, 80), expected: `one line of at most ${most} characters` },
    ]);
  return value.trim();
}

function numberBetween(ctx: Context, name: string, low: number, high: number, fallback?: number): number {
  const found = ctx.query[name];
  if (found === undefined && fallback !== undefined) return fallback;
  const value = typeof found === 'string' && found.trim() !== '' ? Number(found) : NaN;
  if (!(value >= low && value <= high))
    throw new InvalidRequest([
      { pointer: `/${name}`, found: String(found), expected: `a number from ${low} to ${high}` },
    ]);
  return value;
}

/** The columns as the user chose them, in order; `null` where nothing was chosen. */
function fieldsOf(ctx: Context): ColumnField[] | null {
  const asked = text(ctx, 'fields', 4000);
  if (asked === '') return null;
  const fields = asked.split(',');
  const unknown = fields.find((field) => !COLUMN_FIELDS.includes(field as ColumnField));
  if (unknown !== undefined)
    throw new InvalidRequest([{ pointer: '/fields', found: unknown, expected: COLUMN_FIELDS.join(', ') }]);
  return fields as ColumnField[];
}

/** Reads the body as a list, and ends the reading whatever becomes of it. */
async function withReader<T>(ctx: Context, directory: Directory, act: (reader: ListReader) => Promise<T>): Promise<T> {
  const fields = fieldsOf(ctx);
  const reader = readList({ bytes: await bodyBytes(ctx), fields, recipes: fields ? {} : await directory.recipes() });
  try {
    return await act(reader);
  } finally {
    await reader.close();
  }
}

function oneOf<T extends string>(ctx: Context, name: string, known: readonly T[]): T | null {
  const found = text(ctx, name, 40);
  if (found !== '' && !known.includes(found as T))
    throw new InvalidRequest([{ pointer: `/${name}`, found, expected: known.join(', ') }]);
  return found === '' ? null : (found as T);
}

/** Bounds of what the sites send on, Hz: both or none. */
function sendsOf(ctx: Context): SiteFilter['sends'] {
  const [lowHz, highHz] = [text(ctx, 'lowHz', 20), text(ctx, 'highHz', 20)];
  if (lowHz === '' && highHz === '') return null;
  const sends = { lowHz: Number(lowHz), highHz: Number(highHz) };
  if (lowHz === '' || highHz === '' || !(sends.lowHz >= 0 && sends.lowHz <= sends.highHz))
    throw new InvalidRequest([
      {
        pointer: '/lowHz',
        found: `${lowHz || 'nothing'} to ${highHz || 'nothing'}`,
        expected: 'two frequencies in Hz, the lower first',
      },
    ]);
  return sends;
}

/** Which sites are asked for. */
function filterOf(ctx: Context): SiteFilter {
  return {
    mode: oneOf(ctx, 'mode', LISTED_MODES),
    sends: sendsOf(ctx),
    network: text(ctx, 'network', 100) || null,
    status: oneOf(ctx, 'status', STATUSES),
  };
}

function dateOf(ctx: Context): string | null {
  const value = text(ctx, 'issuedOn', 10);
  if (value !== '' && (!/^\d{4}-\d{2}-\d{2}$/.test(value) || Number.isNaN(Date.parse(value))))
    throw new InvalidRequest([{ pointer: '/issuedOn', found: value, expected: 'a date such as 2026-11-02' }]);
  return value === '' ? null : value;
}

function listId(ctx: unknown): string {
  const { id } = (ctx as { params: { id: string } }).params;
  if (!UUID.test(id)) throw new NotFound('The list');
  return id;
}

function lineOf(ctx: unknown): number {
  const line = Number((ctx as { params: { line: string } }).params.line);
  if (!Number.isInteger(line) || line < 1) throw new NotFound('The site');
  return line;
}

export function directoryRoutes(directory: Directory): Router {
  const router = new Router({ prefix: '/api/v1' });
  router.get('/lists', async (ctx) => {
    ctx.body = await directory.lists();
  });
  router.post('/lists/preview', async (ctx) => {
    ctx.body = await withReader(ctx, directory, async (reader) => {
      const { layout, headed, header, columns, sample, unread } = await reader.head();
      while ((await reader.next()) !== null);
      const { counts, rejected, said } = await reader.end();
      return {
        layout,
        headed,
        header,
        columns,
        sample,
        unread,
        difference: await directory.difference(text(ctx, 'name', 100), said),
        rejectedLines: rejected,
        ...counts,
      };
    });
  });
  router.post('/lists', async (ctx) => {
    const list = {
      name: text(ctx, 'name', 100),
      source: text(ctx, 'source', 200),
      licence: text(ctx, 'licence', 200),
      issuedOn: dateOf(ctx),
    };
    if (list.name === '')
      throw new InvalidRequest([{ pointer: '/name', found: 'nothing', expected: 'a name for the list' }]);
    await withProgress(ctx, 201, (signal, progress) =>
      withReader(ctx, directory, async (reader) => {
        const { list: summary, counts } = await directory.add(list, reader, signal, progress);
        const { signature, columns } = await reader.head();
        await directory.remember(
          signature,
          columns.map((column) => column.field),
        );
        return { list: summary, ...counts };
      }),
    );
  });
  router.delete('/lists/:id', async (ctx) => {
    await directory.remove(listId(ctx));
    ctx.status = 204;
  });
  router.get('/lists/:id/sites', async (ctx) => {
    ctx.body = await directory.sitesOfList(listId(ctx), numberBetween(ctx, 'limit', 1, MOST_OF_LIST, 1000));
  });
  router.post('/lists/:id/held', async (ctx) => {
    const { sites } = heldBody((ctx.request as unknown as { body: unknown }).body ?? {});
    ctx.body = { held: await directory.held(listId(ctx), sites) };
  });
  router.get('/lists/:id/corrections', async (ctx) => {
    ctx.body = await directory.corrections(listId(ctx));
  });
  router.put('/lists/:id/sites/:line/corrections', async (ctx) => {
    const { field, text: typed, who, why } = correctionBody((ctx.request as unknown as { body: unknown }).body ?? {});
    const { read, expected } = CORRECTIONS[field];
    if (read(typed.trim()) === null) throw new InvalidRequest([{ pointer: '/text', found: typed, expected }]);
    await directory.correct(listId(ctx), lineOf(ctx), { field, text: typed.trim(), who, why });
    ctx.status = 204;
  });
  router.delete('/lists/:id/sites/:line/corrections/:field', async (ctx) => {
    const { field } = (ctx as unknown as { params: { field: string } }).params;
    if (!CORRECTABLE.includes(field as CorrectableField)) throw new NotFound('The field');
    await directory.uncorrect(listId(ctx), lineOf(ctx), field as CorrectableField);
    ctx.status = 204;
  });
  router.get('/sites/near', async (ctx) => {
    const from = { lat: numberBetween(ctx, 'lat', -90, 90), lon: numberBetween(ctx, 'lon', -180, 180) };
    ctx.body = await directory.near({
      from,
      limit: numberBetween(ctx, 'limit', 1, MOST_NEAR, 20),
      ...filterOf(ctx),
      withinM: numberBetween(ctx, 'withinM', 1, 21_000_000, 21_000_000),
    });
  });
  router.get('/sites/map', async (ctx) => {
    ctx.body = await directory.map();
  });
  router.post('/sites/along', async (ctx) => {
    ctx.body = await directory.along(tripBody((ctx.request as unknown as { body: unknown }).body ?? {}));
  });
  return router;
}
