/** Lists of sites on a running server, for the tests of what is imported and of what is asked of it. */
import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import pg from 'pg';
import { afterAll, afterEach, beforeAll, expect } from 'vitest';
import type { ListSummary, NearSite } from '@relay/core/lists/filed';
import { ask, ownDatabase, type Running, startServer } from './harness';

export interface Counts {
  good: number;
  doubtful: number;
  rejected: number;
  findings: { line: number; place: string }[];
}

/** A list of the demo. */
export const list = (name: string) => readFileSync(new URL(`../../demo/lists/${name}`, import.meta.url));

/** A long list, the same in every run. */
export function generated(sites: number): Uint8Array {
  return new TextEncoder().encode(
    [
      'call;freq;lat;lon;cc;ts1',
      ...Array.from(
        { length: sites },
        (_, n) =>
          `QO${n % 10}${[676, 26, 1].map((of) => String.fromCharCode(65 + (Math.floor(n / 10 / of) % 26))).join('')};439,0125;${(46 + (n % 5000) / 10_000).toFixed(4).replace('.', ',')};-33,4;1;417`,
      ),
    ].join('\n'),
  );
}

export function holds(schema: object, value: unknown): void {
  const ajv = new Ajv2020({ strict: false });
  expect(ajv.validate(schema, value), ajv.errorsText()).toBe(true);
}

async function withoutLists(): Promise<void> {
  const database = new pg.Client({ connectionString: ownDatabase() });
  await database.connect();
  await database.query('TRUNCATE directory_list CASCADE');
  await database.query('UPDATE directory_stamp SET stamp = stamp + 1');
  await database.end();
}

/** A server for the tests of a file, without lists before each of them. */
export function listServer() {
  let server: Running;
  beforeAll(async () => {
    server = await startServer();
  });
  afterAll(() => server.stop());
  beforeAll(withoutLists);
  afterEach(withoutLists);

  async function send<T>(path: string, body: Uint8Array | string): Promise<{ status: number; body: T }> {
    const response = await fetch(`${server.url}/api/v1${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: body as never,
    });
    return { status: response.status, body: (await response.json()) as T };
  }

  return {
    get url() {
      return server.url;
    },
    send,
    add: (name: string, body: Uint8Array | string, more = '') =>
      send<{ list: ListSummary } & Counts>(`/lists?name=${encodeURIComponent(name)}${more}`, body),
    near: (query: string) => ask<NearSite[]>(server.url, 'GET', `/api/v1/sites/near?${query}`),
    lists: async () => (await ask<ListSummary[]>(server.url, 'GET', '/api/v1/lists')).body,
  };
}
