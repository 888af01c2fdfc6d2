/** What is asked of the lists that are there: whole, near, along a trip, with corrections. */
import { describe, expect, it } from 'vitest';
import { legBetween } from '@relay/core/units/geo/geodesic';
import type { FiledSite, ListSummary, SiteMap, Trip } from '@relay/core/lists/filed';
import {
  CORRECTIONS_SCHEMA,
  FILED_SCHEMA,
  HELD_SCHEMA,
  MAP_SCHEMA,
  NEAR_SCHEMA,
  TRIP_SCHEMA,
} from '../src/http/list-schemas';
import { ask } from './harness';
import { holds, list, listServer } from './lists';

const server = listServer();
const { add, lists, near, send } = server;
const HASK = { lat: 46.71, lon: -33.42 };
const at = `lat=${HASK.lat}&lon=${HASK.lon}`;

describe('a whole list', () => {
  it('is given in its order, as corrected, and to a map as columns of numbers', async () => {
    const { body } = await add('Isles club', list('isles-club.csv'), '&issuedOn=2026-11-02');
    const sites = await ask<FiledSite[]>(server.url, 'GET', `/api/v1/lists/${body.list.id}/sites?limit=4`);
    holds({ type: 'array', items: FILED_SCHEMA }, sites.body);
    expect(sites.body.map((site) => site.line)).toEqual([2, 3, 4, 5]);
    expect(sites.body[0]).toMatchObject({ callSign: 'QO1HSK', listIssuedOn: '2026-11-02' });
    const map = await ask<SiteMap>(server.url, 'GET', '/api/v1/sites/map');
    holds(MAP_SCHEMA, map.body);
    expect(map.body.lists).toEqual([body.list.id]);
    expect(
      new Set(
        Object.entries(map.body)
          .filter(([column]) => column !== 'lists' && column !== 'places')
          .map(([, column]) => (column as unknown[]).length),
      ),
    ).toEqual(new Set([10]));
    expect([map.body.line[0], map.body.lat[0], map.body.lon[0], map.body.txHz[0], map.body.modes[0]]).toEqual([
      2, 46.7132, -33.4185, 439_425_000, 2,
    ]);
    expect([map.body.callSign[0], map.body.name[0], map.body.places[map.body.place[0]!]]).toEqual([
      'QO1HSK',
      'Hask Head',
      'Hask',
    ]);
  });
});

describe('corrections', () => {
  const put = (id: string, line: number, body: object) =>
    ask<{ problems: { expected: string }[] }>(server.url, 'PUT', `/api/v1/lists/${id}/sites/${line}/corrections`, {
      who: 'QO3VES',
      why: 'heard it',
      ...body,
    });
  const nearest = async () => (await near(`${at}&limit=1&mode=FM`)).body[0]!;

  it('stand above the list, survive a newer version of it, and are taken back', async () => {
    const { body } = await add('Isles club', list('isles-club.csv'));
    const wrong = await nearest();
    expect(wrong).toMatchObject({ callSign: 'QO1ELY', tone: '110.9', corrections: [] });
    expect((await put(body.list.id, wrong.line, { field: 'tone', text: '107,2' })).status).toBe(204);
    expect((await put(body.list.id, wrong.line, { field: 'groups', text: '1: 417; 2: 588 591' })).status).toBe(204);
    expect(await nearest()).toMatchObject({
      tone: '107.2',
      groups: [
        { slot: 1, number: 417, static: true },
        { slot: 2, number: 588, static: true },
        { slot: 2, number: 591, static: true },
      ],
      corrections: [
        { field: 'groups', was: '' },
        { field: 'tone', was: '110.9', text: '107,2', who: 'QO3VES', why: 'heard it' },
      ],
    });

    // A newer version: one site gone, one new, one moved; its lines are others.
    const text = new TextDecoder('iso-8859-1').decode(list('isles-club.csv')).split('\r\n');
    const newer = [
      text[0],
      'QO1NEW B;New Hill;Hask;46,7000;-33,4000;439,0500;-7,6;;8;417;;active;1.11.2026',
      ...text.slice(2, 10).map((row) => row.replace('Merrin Tower', 'Merrin Mast')),
    ].join('\r\n');
    const preview = await send<{ difference: { fresh: number; changed: string[]; same: number; gone: string[] } }>(
      '/lists/preview?name=Isles%20club',
      newer,
    );
    expect(preview.body.difference).toEqual({ fresh: 1, changed: ['QO1MRN'], same: 7, gone: ['QO1HSK', 'QO1GLN'] });
    const again = await add('Isles club', newer);
    expect(again.body.list.id).toBe(body.list.id);
    expect(await lists()).toHaveLength(1);
    expect(await nearest()).toMatchObject({ callSign: 'QO1ELY', tone: '107.2' });
    const sheet = await ask<{ callSign: string }[]>(server.url, 'GET', `/api/v1/lists/${body.list.id}/corrections`);
    holds(CORRECTIONS_SCHEMA, sheet.body);
    expect(sheet.body.map((one) => one.callSign)).toEqual(['QO1ELY', 'QO1ELY']);
    const { line } = await nearest();
    expect(
      (await ask(server.url, 'DELETE', `/api/v1/lists/${body.list.id}/sites/${line}/corrections/tone`)).status,
    ).toBe(204);
    expect(await nearest()).toMatchObject({ tone: '110.9', corrections: [{ field: 'groups' }] });
  });

  it.each([
    ['tone', '110.0'],
    ['colorCode', '16'],
    ['groups', 'slot 3: 417'],
    ['input', 'soon'],
    ['status', 'maybe'],
  ])('of %s refuse %s and say what is expected', async (field, text) => {
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
    const trip = {
      points: [
        { lat: 46.55, lon: -33.63 },
        { lat: 46.69, lon: -33.47 },
        { lat: 46.92, lon: -33.14 },
      ],
      widthM: 4000,
      mode: null as string | null,
      sends: null as { lowHz: number; highHz: number } | null,
      network: null,
      status: null,
      country: null,
    };
    const along = async (body: object) => ask<Trip>(server.url, 'POST', '/api/v1/sites/along', body);
    const { status, body } = await along(trip);
    expect(status).toBe(200);
    holds(TRIP_SCHEMA, body);
    expect(body.sites[0]).toMatchObject({ callSign: 'QO2WHL', name: 'Whale Point' });
    expect(body.sites.at(-1)).toMatchObject({ callSign: 'QO2NRT' });
    expect(body.sites.map((site) => site.alongM)).toEqual(
      [...body.sites.map((site) => site.alongM)].sort((a, b) => a - b),
    );
    expect(body.sites.every((site) => site.offM <= 4000)).toBe(true);
    expect(body.empty.length).toBeGreaterThan(0);
    const back = await along({ ...trip, points: [...trip.points].reverse(), mode: 'DMR' });
    expect(back.body.sites[0]).toMatchObject({ callSign: 'QO2NRT' });
    expect(back.body.sites.every((site) => site.modes.includes('DMR'))).toBe(true);
    expect(
      (await along({ ...trip, sends: { lowHz: 144e6, highHz: 146e6 } })).body.sites.every((site) => site.txHz < 148e6),
    ).toBe(true);
    expect((await along({ ...trip, sends: { lowHz: 144e6 } })).status).toBe(422);
    expect((await along({ ...trip, points: trip.points.slice(0, 1) })).status).toBe(422);
    expect((await along({ ...trip, widthM: -1 })).status).toBe(422);
  });
});

describe('what a list still holds', () => {
  it('is said site by site, for what a plan took from it', async () => {
    const { body } = await add(
      'Isles club',
      'call,output,lat,lon\nQO1HSK B,439.425,46.7,-33.4\nQO1ELY,145.6875,46.7,-33.5\n',
    );
    const held = (id: string, sites: object[]) =>
      ask<{ held: boolean[] }>(server.url, 'POST', `/api/v1/lists/${id}/held`, { sites });
    const sites = [
      { callSign: 'QO1ELY', module: '', txHz: 145_687_500 },
      { callSign: 'QO1HSK', module: 'B', txHz: 439_425_000 },
      { callSign: 'QO1HSK', module: 'B', txHz: 439_450_000 },
      { callSign: 'QO1GON', module: '', txHz: 439_425_000 },
    ];
    const answer = await held(body.list.id, sites);
    expect([answer.status, answer.body.held]).toEqual([200, [true, true, false, false]]);
    holds(HELD_SCHEMA, answer.body);
    expect((await held(body.list.id, [])).body.held).toEqual([]);
    expect((await held(body.list.id, [{ callSign: 'QO1ELY' }])).status).toBe(422);
    expect((await held('0'.repeat(8) + '-0000-0000-0000-000000000000', sites)).status).toBe(404);
  });
});

describe('a list with countries', () => {
  it('names them, and its sites are asked for by them', async () => {
    const text =
      'Call,Country,Lat,Lon,Output,Input\nQO1HSK,Ostrey,46.71,-33.42,439.425,431.825\nQO1TRN,Ostrey,46.72,-33.40,439.450,431.850\n' +
      'QP2HAL,Hallin,46.75,-33.45,439.475,431.875\nQP2SAN,,46.76,-33.46,439.500,431.900\n';
    const { body } = await add('Two countries', new TextEncoder().encode(text));
    expect(body.list.countries).toEqual(['Hallin', 'Ostrey']);
    const calls = async (where: string) =>
      (await near(`lat=46.71&lon=-33.42&limit=10&country=${where}`)).body.map(({ callSign }) => callSign);
    expect(await calls('ostrey')).toEqual(['QO1HSK', 'QO1TRN']);
    expect(await calls('Hallin')).toEqual(['QP2HAL']);
    expect(await calls('')).toHaveLength(4);
    const found = await ask<{ sites: { country: string }[] }>(
      server.url,
      'GET',
      '/api/v1/sites/find?words=Q&country=Hallin',
    );
    expect(found.body.sites.map(({ country }) => country)).toEqual(['Hallin']);
  });
});

describe('near me', () => {
  it('is nearest first, with distance and bearing on the ellipsoid', async () => {
    await add('Isles club', list('isles-club.csv'));
    await add('Survey', list('survey.csv'));
    const { body } = await near(`${at}&limit=16`);
    holds({ type: 'array', items: NEAR_SCHEMA }, body);
    expect(body).toHaveLength(16);
    expect(body[0]).toMatchObject({
      callSign: 'QO1HSK',
      listName: 'Isles club',
      groups: [
        { slot: 1, number: 417, static: true },
        { slot: 2, number: 588, static: true },
        { slot: 2, number: 591, static: true },
      ],
    });
    for (const site of body)
      expect({ distanceM: site.distanceM, bearingDeg: site.bearingDeg }).toEqual(
        legBetween(HASK, { lat: site.lat!, lon: site.lon! }),
      );
    expect(body.map((site) => site.distanceM)).toEqual([...body.map((site) => site.distanceM)].sort((a, b) => a - b));
  });

  it('keeps to a mode and a distance, and follows lists that come and go', async () => {
    const { body } = await add('Isles club', list('isles-club.csv'));
    expect((await near(`${at}&mode=FM`)).body.every((site) => site.modes.includes('FM'))).toBe(true);
    expect(
      new Set((await near(`${at}&lowHz=144000000&highHz=146000000`)).body.map((site) => site.txHz < 148e6)),
    ).toEqual(new Set([true]));
    expect((await near(`${at}&status=off%20the%20air`)).body.map((site) => site.callSign)).toEqual(['QO1DNS']);
    await add('Linked', 'call,output,lat,lon,network,linked\nQO1LNK,439.1,46.7,-33.4,"Lantern, Causeway",LNK001 C\n');
    for (const [network, found] of [
      ['lantern', 1],
      ['lnk', 1],
      ['nowhere', 0],
    ] as const)
      expect((await near(`${at}&network=${network}`)).body).toHaveLength(found);
    expect((await near(`${at}&withinM=5000`)).body.every((site) => site.distanceM <= 5000)).toBe(true);
    const of = (path = '') => `/api/v1/lists/${body.list.id}${path}`;
    expect((await ask(server.url, 'DELETE', of())).status).toBe(204);
    expect((await ask(server.url, 'DELETE', of())).status).toBe(404);
    expect((await near(at)).body).toHaveLength(1);
    // It comes back whole, once.
    expect((await ask<ListSummary[]>(server.url, 'GET', '/api/v1/lists?forgotten=true')).body).toHaveLength(1);
    expect((await ask(server.url, 'POST', of('/restore'))).status).toBe(204);
    expect((await ask(server.url, 'POST', of('/restore'))).status).toBe(404);
    expect((await near(at)).body.length).toBeGreaterThan(5);
    expect((await ask(server.url, 'GET', of('/use'))).body).toEqual({ plans: [], corrections: 0 });
    await ask(server.url, 'DELETE', of());
    expect((await near(at)).body.map((site) => site.callSign)).toEqual(['QO1LNK']);
  });

  it.each([
    'lat=91&lon=0',
    'lat=46',
    'lat=46&lon=x',
    `${at}&mode=CB`,
    `${at}&lowHz=144000000`,
    `${at}&lowHz=146000000&highHz=144000000`,
    `${at}&lowHz=x&highHz=144000000`,
    `${at}&status=perhaps`,
    `${at}&limit=0`,
  ])('refuses %s', async (query) => expect((await near(query)).status).toBe(422));
});
