/** Sites sought by words, wherever they are and also where nobody has said where. */
import { Ajv2020 } from 'ajv/dist/2020.js';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { FoundSites } from '@relay/core/lists/filed';
import { FOUND_SCHEMA } from '../src/http/list-schemas';
import { ask, ownDatabase, type Running, startServer } from './harness';

let server: Running;
const LIST = `Call sign;Name;Town;Output MHz;Mode;Lat;Lon
QO1AAA;Hask Head;Hask;439.1250;DMR;46.70;-33.40
QO2BBB;Merrin 100% Ridge;Merrin;438.8000;FM;46.90;-33.80
QO3CCC;Port Ellery;Ellery;145.6000;FM;;
QO4DDD;Far Hask;Sound;439.0125;DMR;10.00;20.00
`;

beforeAll(async () => {
  server = await startServer();
  const database = new pg.Client({ connectionString: ownDatabase() });
  await database.connect();
  await database.query('TRUNCATE directory_list CASCADE');
  await database.query('UPDATE directory_stamp SET stamp = stamp + 1');
  await database.end();
  const response = await fetch(`${server.url}/api/v1/lists?name=Isles`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream' },
    body: LIST,
  });
  expect(response.status).toBe(201);
  await response.text();
});
afterAll(() => server.stop());

const isFound = new Ajv2020({ strict: false }).compile(FOUND_SCHEMA);

async function find(query: Record<string, string>): Promise<[total: number, callSigns: string[]]> {
  const { status, body } = await ask<FoundSites>(
    server.url,
    'GET',
    `/api/v1/sites/find?${new URLSearchParams(query).toString()}`,
  );
  expect(status).toBe(200);
  expect(isFound(body), JSON.stringify(isFound.errors)).toBe(true);
  return [body.total, body.sites.map((site) => site.callSign)];
}

describe('sites are found', () => {
  const here = { lat: '46.71', lon: '-33.42' };
  it.each([
    ['part of a call sign', { words: 'o3c' }, ['QO3CCC']],
    ['part of a name, the nearest first', { words: 'hask', ...here }, ['QO1AAA', 'QO4DDD']],
    ['a town', { words: 'merrin' }, ['QO2BBB']],
    ['the beginning of a frequency, point or comma', { words: '439,1' }, ['QO1AAA']],
    ['every word', { words: 'hask 439.0' }, ['QO4DDD']],
    ['a sign that a pattern would take', { words: '100%' }, ['QO2BBB']],
    ['what is no pattern', { words: '%' }, ['QO2BBB']],
    ['no place said', { placed: 'false' }, ['QO3CCC']],
    ['a mode', { words: 'qo', mode: 'FM', ...here }, ['QO2BBB', 'QO3CCC']],
    ['a band', { lowHz: '144000000', highHz: '146000000' }, ['QO3CCC']],
    ['nothing that is there', { words: 'nowhere' }, []],
  ])('by %s', async (_, query, callSigns) => {
    expect(await find(query as Record<string, string>)).toEqual([callSigns.length, callSigns]);
  });

  it('a page at a time, and all are counted', async () => {
    expect(await find({ words: 'qo', limit: '1', ...here })).toEqual([4, ['QO1AAA']]);
  });
});
