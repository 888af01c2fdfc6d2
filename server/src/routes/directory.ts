/** Lists of sites: look, import, forget; and what is near. */
import Router from '@koa/router';
import type { Context } from 'koa';
import { asColumn, COLUMN_FIELDS, guessColumns } from '@relay/core/lists/columns';
import { CORRECTABLE, type CorrectableField, CORRECTIONS } from '@relay/core/lists/corrections';
import { readRaw } from '@relay/core/lists/raw';
import { readSites, type ReadSites } from '@relay/core/lists/read-sites';
import { LISTED_MODES, type Column, type ColumnField, type ListedMode, type RawList } from '@relay/core/lists/types';
import type { Directory, TripQuery } from '../directory/directory';
import { CORRECTION_BODY, TRIP_BODY } from '../http/schemas';
import { bodyChecker } from '../http/validate';
import { InvalidRequest, NotFound, TooLarge } from '../errors';
import { whileAsked } from '../http/while-asked';

const correctionBody = bodyChecker<{ field: CorrectableField; text: string; who: string; why: string }>(CORRECTION_BODY);
const tripBody = bodyChecker<TripQuery>(TRIP_BODY);

const MOST_BYTES = 64 * 1024 * 1024;
const SAMPLE_ROWS = 6;
const MOST_FINDINGS = 100;
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
  if (typeof value !== 'string' || value.length > most || /[\u0000-\u001f]/.test(value)) throw new InvalidRequest([{ pointer: `/${name}`, found: String(value).slice(0, 80), expected: `one line of at most ${most} characters` }]);
  return value.trim();
}

function numberBetween(ctx: Context, name: string, low: number, high: number, fallback?: number): number {
  const found = ctx.query[name];
  if (found === undefined && fallback !== undefined) return fallback;
  const value = typeof found === 'string' && found.trim() !== '' ? Number(found) : NaN;
  if (!(value >= low && value <= high)) throw new InvalidRequest([{ pointer: `/${name}`, found: String(found), expected: `a number from ${low} to ${high}` }]);
  return value;
}

/** The columns as the user chose them, in order; guessed where nothing was chosen. */
function columnsOf(ctx: Context, raw: RawList): Column[] {
  const asked = text(ctx, 'fields', 4000);
  if (asked === '') return guessColumns(raw);
  const fields = asked.split(',');
  const unknown = fields.find((field) => !COLUMN_FIELDS.includes(field as ColumnField));
  if (unknown !== undefined) throw new InvalidRequest([{ pointer: '/fields', found: unknown, expected: COLUMN_FIELDS.join(', ') }]);
  const guessed = guessColumns(raw);
  return fields.map((field, at) => (guessed[at]?.field === field ? guessed[at] : asColumn(raw, at, field as ColumnField)));
}

function counts({ sites, rejected }: ReadSites) {
  const doubts = sites.flatMap((one) => one.doubts);
  return { good: sites.length, doubtful: sites.filter((one) => one.doubts.length > 0).length, rejected: rejected.length, findings: [...rejected.map((one) => one.finding), ...doubts].slice(0, MOST_FINDINGS) };
}

function dateOf(ctx: Context): string | null {
  const value = text(ctx, 'issuedOn', 10);
  if (value !== '' && (!/^\d{4}-\d{2}-\d{2}$/.test(value) || Number.isNaN(Date.parse(value)))) throw new InvalidRequest([{ pointer: '/issuedOn', found: value, expected: 'a date such as 2026-11-02' }]);
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
    const raw = readRaw(await bodyBytes(ctx));
    const columns = columnsOf(ctx, raw);
    const read = readSites(raw, columns);
    const difference = await directory.difference(text(ctx, 'name', 100), read.sites);
    ctx.body = { layout: raw.layout, headed: raw.header !== null, columns, sample: raw.rows.slice(0, SAMPLE_ROWS).map((row) => row.cells), difference, ...counts(read) };
  });
  router.post('/lists', async (ctx) => {
    const list = { name: text(ctx, 'name', 100), source: text(ctx, 'source', 200), licence: text(ctx, 'licence', 200), issuedOn: dateOf(ctx) };
    if (list.name === '') throw new InvalidRequest([{ pointer: '/name', found: 'nothing', expected: 'a name for the list' }]);
    const raw = readRaw(await bodyBytes(ctx));
    const read = readSites(raw, columnsOf(ctx, raw));
    if (read.sites.length === 0) throw new InvalidRequest([{ pointer: '', found: `${raw.rows.length} lines, none with a call sign and a frequency`, expected: 'a list of sites' }]);
    const added = await whileAsked(ctx, (signal) => directory.add({ ...list, layout: raw.layout }, read.sites, signal));
    if (!added) return;
    ctx.body = { list: added, ...counts(read) };
    ctx.status = 201;
  });
  router.delete('/lists/:id', async (ctx) => {
    await directory.remove(listId(ctx));
    ctx.status = 204;
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
    const mode = text(ctx, 'mode', 10);
    if (mode !== '' && !LISTED_MODES.includes(mode as ListedMode)) throw new InvalidRequest([{ pointer: '/mode', found: mode, expected: LISTED_MODES.join(', ') }]);
    const from = { lat: numberBetween(ctx, 'lat', -90, 90), lon: numberBetween(ctx, 'lon', -180, 180) };
    ctx.body = await directory.near({ from, limit: numberBetween(ctx, 'limit', 1, MOST_NEAR, 20), mode: mode === '' ? null : (mode as ListedMode), withinM: numberBetween(ctx, 'withinM', 1, 21_000_000, 21_000_000) });
  });
  router.post('/sites/along', async (ctx) => {
    ctx.body = await directory.along(tripBody((ctx.request as unknown as { body: unknown }).body ?? {}));
  });
  return router;
}
