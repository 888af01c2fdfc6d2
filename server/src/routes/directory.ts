/** Lists of sites: look, import, forget; and what is near. */
import Router from '@koa/router';
import type { Context } from 'koa';
import { COLUMN_FIELDS } from '@relay/core/registries/lists';
import { CORRECTABLE, type CorrectableField, CORRECTIONS } from '@relay/core/lists/corrections';
import { readDate } from '@relay/core/lists/dates';
import { LISTED_MODES, type ColumnField, type ListedSite } from '@relay/core/lists/types';
import type { Directory } from '../directory/directory';
import { type ListReader, readList } from '../directory/reader';
import type { SiteFilter, TripQuery } from '../directory/reads';
import type { ReadAnswer, ReadOperations } from '../directory/reads-worker';
import { bodyBytes, smallJson } from '../http/body';
import { withProgress } from '../http/progress';
import { CORRECTION_BODY, HELD_BODY, TRIP_BODY } from '../http/list-schemas';
import { bodyChecker } from '../http/validate';
import { InvalidRequest, NotFound, Overloaded } from '../errors';
import type { Thread } from '../threads/thread';
import { whileAsked } from '../http/while-asked';

const correctionBody = bodyChecker<{ field: CorrectableField; text: string; who: string; why: string }>(
  CORRECTION_BODY,
);
const heldBody = bodyChecker<{ sites: Pick<ListedSite, 'callSign' | 'module' | 'txHz'>[] }>(HELD_BODY);
const tripBody = bodyChecker<TripQuery>(TRIP_BODY);

const MOST_BYTES = 64 * 1024 * 1024;
const MOST_OF_LIST = 100_000;
const STATUSES = ['on the air', 'off the air', 'not said'] as const;
const MOST_NEAR = 1000;
const MOST_WORDS = 8;
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

function text(ctx: Context, name: string, most: number): string {
  const value = ctx.query[name] ?? '';
  if (typeof value !== 'string' || value.length > most || /[\u0000-\u001f\u007f]|\p{Surrogate}/u.test(value))
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

/** Lists that are read at one time: each has a thread and its memory. */
const MOST_READING = 2;
let reading = 0;

/** Reads the body as a list, and ends the reading whatever becomes of it, at once when whoever asked goes away. */
async function withReader<T>(
  ctx: Context,
  directory: Directory,
  { signal, isLook }: { signal: AbortSignal; isLook: boolean },
  act: (reader: ListReader) => Promise<T>,
): Promise<T> {
  const fields = fieldsOf(ctx);
  const bytes = await bodyBytes(ctx, MOST_BYTES);
  if (reading >= MOST_READING) throw new Overloaded(`${reading} lists are being read`);
  reading += 1;
  try {
    const reader = readList({ bytes, fields, recipes: fields ? {} : await directory.recipes(), isLook });
    const leave = () => void reader.close();
    signal.addEventListener('abort', leave);
    try {
      signal.throwIfAborted();
      return await act(reader);
    } finally {
      signal.removeEventListener('abort', leave);
      await reader.close();
    }
  } finally {
    reading -= 1;
  }
}

/** Passes on what the searching thread answers. */
function sendAnswer(ctx: Context, answer: ReadAnswer): void {
  if ('tooLarge' in answer)
    throw new InvalidRequest([
      { pointer: '/widthM', found: answer.tooLarge, expected: 'a shorter trip, or a narrower strip beside it' },
    ]);
  if ('away' in answer) throw new Overloaded('the database does not answer');
  ctx.type = 'application/json';
  ctx.body = answer.json;
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
  if (lowHz === '' || highHz === '' || !(sends.lowHz >= 0 && sends.lowHz <= sends.highHz && sends.highHz <= 1e15))
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
    country: text(ctx, 'country', 60) || null,
  };
}

function dateOf(ctx: Context): string | null {
  const value = text(ctx, 'issuedOn', 10);
  if (value !== '' && (!/^\d{4}-\d{2}-\d{2}$/.test(value) || readDate(value) === null))
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
  if (!Number.isInteger(line) || line < 1 || line > 2_147_483_647) throw new NotFound('The site');
  return line;
}

/** One question to the lists. */
const READ_MS = 8_000;

export function directoryRoutes(directory: Directory, reads: Thread<ReadOperations>): Router {
  const router = new Router({ prefix: '/api/v1' });
  router.get('/lists', async (ctx) => {
    ctx.body = await directory.lists(ctx.query['forgotten'] === 'true');
  });
  router.post('/lists/preview', async (ctx) => {
    const name = text(ctx, 'name', 100);
    const answer = await whileAsked(ctx, (signal) =>
      withReader(ctx, directory, { signal, isLook: true }, async (reader) => {
        const { layout, headed, header, columns, sample, unread } = await reader.head();
        await reader.rest();
        const { counts, rejected } = await reader.end();
        const difference = await directory.difference(name, reader);
        const alike = difference ? null : await directory.alike(name, await reader.someSites());
        return {
          layout,
          headed,
          header,
          columns,
          sample,
          unread,
          difference,
          alike,
          rejectedLines: rejected,
          ...counts,
        };
      }),
    );
    if (answer) ctx.body = answer;
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
      withReader(ctx, directory, { signal, isLook: false }, async (reader) => {
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
    await directory.setForgotten(listId(ctx), true);
    ctx.status = 204;
  });
  router.post('/lists/:id/restore', async (ctx) => {
    await directory.setForgotten(listId(ctx), false);
    ctx.status = 204;
  });
  router.get('/lists/:id/use', async (ctx) => {
    ctx.body = await directory.use(listId(ctx));
  });
  router.get('/lists/:id/sites', async (ctx) => {
    const asked = { listId: listId(ctx), limit: numberBetween(ctx, 'limit', 1, MOST_OF_LIST, 1000) };
    await directory.check(asked.listId);
    sendAnswer(ctx, await reads.call('sitesOfList', asked, READ_MS));
  });
  router.post('/lists/:id/held', async (ctx) => {
    const { sites } = heldBody(await smallJson(ctx));
    ctx.body = { held: await directory.held(listId(ctx), sites) };
  });
  router.get('/lists/:id/corrections', async (ctx) => {
    const id = listId(ctx);
    await directory.check(id);
    ctx.body = await directory.corrections(id);
  });
  router.put('/lists/:id/sites/:line/corrections', async (ctx) => {
    const { field, text: typed, who, why } = correctionBody(await smallJson(ctx));
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
    const asked = {
      from,
      limit: numberBetween(ctx, 'limit', 1, MOST_NEAR, 20),
      ...filterOf(ctx),
      withinM: numberBetween(ctx, 'withinM', 1, 21_000_000, 21_000_000),
    };
    sendAnswer(ctx, await reads.call('near', asked, READ_MS));
  });
  router.get('/sites/find', async (ctx) => {
    const [lat, lon] = [text(ctx, 'lat', 20), text(ctx, 'lon', 20)];
    const from =
      lat === '' && lon === ''
        ? null
        : { lat: numberBetween(ctx, 'lat', -90, 90), lon: numberBetween(ctx, 'lon', -180, 180) };
    const asked = {
      words: text(ctx, 'words', 100).split(/\s+/).filter(Boolean).slice(0, MOST_WORDS),
      placed: text(ctx, 'placed', 5) === 'false' ? (false as const) : null,
      from,
      limit: numberBetween(ctx, 'limit', 1, MOST_NEAR, 20),
      ...filterOf(ctx),
    };
    sendAnswer(ctx, await reads.call('find', asked, READ_MS));
  });
  router.get('/sites/map', async (ctx) => {
    sendAnswer(ctx, await reads.call('map', undefined as never, READ_MS));
  });
  router.post('/sites/along', async (ctx) => {
    sendAnswer(ctx, await reads.call('along', tripBody(await smallJson(ctx)), READ_MS));
  });
  return router;
}
