import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { afterAll, afterEach, beforeAll, describe, expect, inject, it } from 'vitest';
import { legBetween } from '@relay/core/geo/geodesic';
import { openDatabase } from '../src/db/data-source';
import type { ListSummary, NearSite, Trip } from '@relay/core/lists/filed';
import { Directory } from '../src/directory/directory';
import { CORRECTIONS_SCHEMA, IMPORTED_SCHEMA, LIST_SCHEMA, NEAR_SCHEMA, PREVIEW_SCHEMA, TRIP_SCHEMA } from '../src/http/schemas';
import { ask, type Running, startServer } from './harness';

let server: Running;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const list = (name: string) => readFileSync(new URL(`../../demo/lists/${name}`, import.meta.url));
const HASK = { lat: 46.71, lon: -33.42 };

interface Counts {
  good: number;
  doubtful: number;
  rejected: number;
  findings: { line: number; place: string }[];
}

async function send<T>(path: string, body: Uint8Array | string): Promise<{ status: number; body: T }> {
  const response = await fetch(`${server.url}/api/v1${path}`, { method: 'POST', headers: { 'Content-Type': 'application/octet-stream' }, body: body as never });
  return { status: response.status, body: (await response.json()) as T };
}
const add = (name: string, body: Uint8Array | string, more = '') => send<{ list: ListSummary } & Counts>(`/lists?name=${encodeURIComponent(name)}${more}`, body);
const near = (query: string) => ask<NearSite[]>(server.url, 'GET', `/api/v1/sites/near?${query}`);
const at = `lat=${HASK.lat}&lon=${HASK.lon}`;
const lists = async () => (await ask<ListSummary[]>(server.url, 'GET', '/api/v1/lists')).body;

afterEach(async () => {
  for (const one of await lists()) await fetch(`${server.url}/api/v1/lists/${one.id}`, { method: 'DELETE' });
});

function holds(schema: object, value: unknown): void {
  const ajv = new Ajv2020({ strict: false });
  expect(ajv.validate(schema, value), ajv.errorsText()).toBe(true);
}

describe('lists', () => {
  it('are looked at without being stored, and imported as they were seen', async () => {
    const preview = await send<Counts & { layout: string; columns: { field: string }[] }>('/lists/preview', list('isles-club.csv'));
    holds(PREVIEW_SCHEMA, preview.body);
    expect(preview.body).toMatchObject({ layout: 'ISO-8859-1, semicolons', good: 10, doubtful: 0, rejected: 0 });
    expect(await lists()).toEqual([]);
    const { status, body } = await add('Isles club', list('isles-club.csv'), '&source=Club%20book&licence=free%20to%20use&issuedOn=2026-11-02');
    expect(status).toBe(201);
    holds(IMPORTED_SCHEMA, body);
    holds({ type: 'array', items: LIST_SCHEMA }, await lists());
    expect(await lists()).toMatchObject([{ name: 'Isles club', source: 'Club book', licence: 'free to use', issuedOn: '2026-11-02', sites: 10 }]);
  });

  it('take the columns that the user chose, and refuse what they do not know', async () => {
    const chosen = await add('Boat', list('boat-notes.csv'), '&fields=callSign,output,input,place,tone');
    expect(chosen.body).toMatchObject({ good: 3, list: { layout: 'UTF-8, tabs' } });
    expect((await add('Boat', list('boat-notes.csv'), '&fields=callSign,colour')).status).toBe(422);
    expect((await add('', list('boat-notes.csv'))).status).toBe(422);
    expect((await add('x', list('boat-notes.csv'), '&issuedOn=soon')).status).toBe(422);
    expect((await add('Nothing', 'a,b\nc,d\n')).status).toBe(422);
    expect(await lists()).toHaveLength(1);
  });

  it('import what can be read and say the line of what cannot', async () => {
    const { body } = await add('Mixed', 'call,output\nQO1AA,145.6\nnobody,145.7\nQO1AC,145.8\n');
    expect(body).toMatchObject({ good: 2, rejected: 1, findings: [{ line: 3, place: 'call' }] });
  });

  it('leave nothing behind when the import is ended half way', async () => {
    const source = await openDatabase(inject('databaseUrl'));
    const sites = Array.from({ length: 5000 }, (_, n) => ({ line: n + 1, doubts: [], site: { callSign: `QO${n % 10}AAA`, module: '', name: '', place: '', lat: 46 + n / 10_000, lon: -33, txHz: 439_000_000, rxHz: null, modes: ['DMR' as const], colorCode: 1, groups: [{ slot: 1 as const, number: 417 }], ctcssHz: null, dcs: null, status: 'not said' as const, confirmedOn: null, notes: '' } }));
    const ended = new AbortController();
    let asked = 0;
    const signal = { throwIfAborted: () => { asked += 1; if (asked === 3) ended.abort(); ended.signal.throwIfAborted(); } } as AbortSignal;
    const directory = new Directory(source);
    const newList = { name: 'Half', source: '', licence: '', issuedOn: null, layout: '' };
    await expect(directory.add(newList, sites, signal)).rejects.toThrow(/abort/i);
    expect(asked).toBe(3);
    expect(await source.query('SELECT (SELECT count(*)::int FROM directory_list) AS lists, (SELECT count(*)::int FROM directory_site) AS sites, (SELECT count(*)::int FROM directory_group) AS groups')).toEqual([{ lists: 0, sites: 0, groups: 0 }]);
    expect((await directory.add({ ...newList, name: 'Whole' }, sites, new AbortController().signal)).sites).toBe(5000);
    await source.destroy();
  });
});

describe('corrections', () => {
  const put = (id: string, line: number, body: object) => ask<{ problems: { expected: string }[] }>(server.url, 'PUT', `/api/v1/lists/${id}/sites/${line}/corrections`, { who: 'QO3VES', why: 'heard it', ...body });
  const nearest = async () => (await near(`${at}&limit=1&mode=FM`)).body[0]!;

  it('stand above the list, survive a newer version of it, and are taken back', async () => {
    const { body } = await add('Isles club', list('isles-club.csv'));
    const wrong = await nearest();
    expect(wrong).toMatchObject({ callSign: 'QO1ELY', ctcssHz: 110.9, corrections: [] });
    expect((await put(body.list.id, wrong.line, { field: 'tone', text: '107,2' })).status).toBe(204);
    expect((await put(body.list.id, wrong.line, { field: 'groups', text: '1: 417; 2: 588 591' })).status).toBe(204);
    expect(await nearest()).toMatchObject({ ctcssHz: 107.2, groups: [{ slot: 1, number: 417 }, { slot: 2, number: 588 }, { slot: 2, number: 591 }], corrections: [{ field: 'groups', was: '' }, { field: 'tone', was: '110.9', text: '107,2', who: 'QO3VES', why: 'heard it' }] });

    // A newer version: one site gone, one new, one moved; its lines are others.
    const text = new TextDecoder('iso-8859-1').decode(list('isles-club.csv')).split('\r\n');
    const newer = [text[0], 'QO1NEW B;New Hill;Hask;46,7000;-33,4000;439,0500;-7,6;;8;417;;active;1.11.2026', ...text.slice(2, 10).map((row) => row.replace('Merrin Tower', 'Merrin Mast'))].join('\r\n');
    const preview = await send<{ difference: { fresh: number; changed: string[]; same: number; gone: string[] } }>('/lists/preview?name=Isles%20club', newer);
    expect(preview.body.difference).toEqual({ fresh: 1, changed: ['QO1MRN'], same: 7, gone: ['QO1HSK', 'QO1GLN'] });
    const again = await add('Isles club', newer);
    expect(again.body.list.id).toBe(body.list.id);
    expect(await lists()).toHaveLength(1);
    expect(await nearest()).toMatchObject({ callSign: 'QO1ELY', ctcssHz: 107.2 });
    const sheet = await ask<{ callSign: string }[]>(server.url, 'GET', `/api/v1/lists/${body.list.id}/corrections`);
    holds(CORRECTIONS_SCHEMA, sheet.body);
    expect(sheet.body.map((one) => one.callSign)).toEqual(['QO1ELY', 'QO1ELY']);
    const { line } = await nearest();
    expect((await ask(server.url, 'DELETE', `/api/v1/lists/${body.list.id}/sites/${line}/corrections/tone`)).status).toBe(204);
    expect(await nearest()).toMatchObject({ ctcssHz: 110.9, corrections: [{ field: 'groups' }] });
  });

  it.each([['tone', '110.0'], ['colorCode', '16'], ['groups', 'slot 3: 417'], ['input', 'soon'], ['status', 'maybe']])('of %s refuse %s and say what is expected', async (field, text) => {
    const { body } = await add('Isles club', list('isles-club.csv'));
    const refused = await put(body.list.id, 2, { field, text });
    expect(refused.status).toBe(422);
    expect(refused.body.problems[0]!.expected.length).toBeGreaterThan(10);
    expect((await put(body.list.id, 999, { field: 'notes', text: 'x' })).status).toBe(404);
    expect((await put(body.list.id, 2, { field: 'callSign', text: 'QO1XX' })).status).toBe(422);
  });
});

describe('along a trip', () => {
  it('is what lies on the way, in the order of travel, with the stretches that have nothing', async () => {
    await add('Isles club', list('isles-club.csv'));
    await add('Survey', list('survey.csv'));
    const trip = { points: [{ lat: 46.55, lon: -33.63 }, { lat: 46.69, lon: -33.47 }, { lat: 46.92, lon: -33.14 }], widthM: 4000, mode: null as string | null };
    const along = async (body: object) => ask<Trip>(server.url, 'POST', '/api/v1/sites/along', body);
    const { status, body } = await along(trip);
    expect(status).toBe(200);
    holds(TRIP_SCHEMA, body);
    expect(body.sites[0]).toMatchObject({ callSign: 'QO2WHL', name: 'Whale Point' });
    expect(body.sites.at(-1)).toMatchObject({ callSign: 'QO2NRT' });
    expect(body.sites.map((site) => site.alongM)).toEqual([...body.sites.map((site) => site.alongM)].sort((a, b) => a - b));
    expect(body.sites.every((site) => site.offM <= 4000)).toBe(true);
    expect(body.empty.length).toBeGreaterThan(0);
    const back = await along({ ...trip, points: [...trip.points].reverse(), mode: 'DMR' });
    expect(back.body.sites[0]).toMatchObject({ callSign: 'QO2NRT' });
    expect(back.body.sites.every((site) => site.modes.includes('DMR'))).toBe(true);
    expect((await along({ ...trip, points: trip.points.slice(0, 1) })).status).toBe(422);
    expect((await along({ ...trip, widthM: -1 })).status).toBe(422);
  });
});

describe('near me', () => {
  it('is nearest first, with distance and bearing on the ellipsoid', async () => {
    await add('Isles club', list('isles-club.csv'));
    await add('Survey', list('survey.csv'));
    const { body } = await near(`${at}&limit=16`);
    holds({ type: 'array', items: NEAR_SCHEMA }, body);
    expect(body).toHaveLength(16);
    expect(body[0]).toMatchObject({ callSign: 'QO1HSK', listName: 'Isles club', groups: [{ slot: 1, number: 417 }, { slot: 2, number: 588 }, { slot: 2, number: 591 }] });
    for (const site of body) expect({ distanceM: site.distanceM, bearingDeg: site.bearingDeg }).toEqual(legBetween(HASK, { lat: site.lat!, lon: site.lon! }));
    expect(body.map((site) => site.distanceM)).toEqual([...body.map((site) => site.distanceM)].sort((a, b) => a - b));
  });

  it('keeps to a mode and a distance, and follows lists that come and go', async () => {
    const { body } = await add('Isles club', list('isles-club.csv'));
    expect((await near(`${at}&mode=FM`)).body.every((site) => site.modes.includes('FM'))).toBe(true);
    expect((await near(`${at}&withinM=5000`)).body.every((site) => site.distanceM <= 5000)).toBe(true);
    expect((await ask(server.url, 'DELETE', `/api/v1/lists/${body.list.id}`)).status).toBe(204);
    expect((await ask(server.url, 'DELETE', `/api/v1/lists/${body.list.id}`)).status).toBe(404);
    expect((await near(at)).body).toEqual([]);
  });

  it.each(['lat=91&lon=0', 'lat=46', 'lat=46&lon=x', `${at}&mode=CB`, `${at}&limit=0`])('refuses %s', async (query) => expect((await near(query)).status).toBe(422));
});
