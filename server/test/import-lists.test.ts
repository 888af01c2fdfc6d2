/** Lists on their way in: looked at, imported with progress, given up, brought in again. */
import { setTimeout } from 'node:timers/promises';
import fc from 'fast-check';
import type { EntityManager } from 'typeorm';
import { describe, expect, it } from 'vitest';
import type { FiledSite, ListSummary } from '@relay/core/lists/filed';
import { openDatabase } from '../src/db/data-source';
import { Directory } from '../src/directory/directory';
import { readList } from '../src/directory/reader';
import { IMPORTED_SCHEMA, LIST_SCHEMA, PREVIEW_SCHEMA } from '../src/http/list-schemas';
import { ask, KEY, ownDatabase } from './harness';
import { type Counts, generated, holds, list, listServer } from './lists';

const server = listServer();
const { add, lists, send } = server;

describe('lists', () => {
  it('are looked at without being stored, and imported as they were seen', async () => {
    const preview = await send<Counts & { layout: string; columns: { field: string }[] }>(
      '/lists/preview',
      list('isles-club.csv'),
    );
    holds(PREVIEW_SCHEMA, preview.body);
    expect(preview.body).toMatchObject({ layout: 'ISO-8859-1, semicolons', good: 10, doubtful: 0, rejected: 0 });
    expect(await lists()).toEqual([]);
    const { status, body } = await add(
      'Isles club',
      list('isles-club.csv'),
      '&source=Club%20book&licence=free%20to%20use&issuedOn=2026-11-02',
    );
    expect(status).toBe(201);
    holds(IMPORTED_SCHEMA, body);
    holds({ type: 'array', items: LIST_SCHEMA }, await lists());
    expect(await lists()).toMatchObject([
      { name: 'Isles club', source: 'Club book', licence: 'free to use', issuedOn: '2026-11-02', sites: 10 },
    ]);
  });

  it('take the columns that the user chose, and refuse what they do not know', async () => {
    const chosen = await add('Boat', list('boat-notes.csv'), '&fields=callSign,output,input,place,tone,colorCode');
    expect(chosen.body).toMatchObject({ good: 3, list: { layout: 'UTF-8, tabs' } });
    expect((await add('Boat', list('boat-notes.csv'), '&fields=callSign,colour')).status).toBe(422);
    expect((await add('', list('boat-notes.csv'))).status).toBe(422);
    expect((await add('x', list('boat-notes.csv'), '&issuedOn=soon')).status).toBe(422);
    expect((await add('Nothing', 'a,b\nc,d\n')).status).toBe(422);
    expect(await lists()).toHaveLength(1);
  });

  it('of another name that hold the same sites are offered as what this is a newer version of; forgotten, corrections stay', async () => {
    const { body } = await add('Isles club', list('isles-club.csv'));
    const preview = async (name: string, bytes: Uint8Array | string) =>
      (await send<{ alike: { name: string; share: number } | null }>(`/lists/preview?name=${name}`, bytes)).body.alike;
    expect(await preview('isles-club-2027', list('isles-club.csv'))).toEqual({ name: 'Isles club', share: 1 });
    expect(await preview('boat', list('boat-notes.csv'))).toBeNull();
    const of = (path: string) => `/api/v1/lists/${body.list.id}${path}`;
    const [first] = (await ask<FiledSite[]>(server.url, 'GET', of('/sites'))).body;
    const correction = { field: 'status', text: 'off the air', who: 'Vesna', why: 'heard nothing' };
    await ask(server.url, 'PUT', of(`/sites/${first!.line}/corrections`), correction);
    await ask(server.url, 'DELETE', of(''));
    expect(await preview('isles-club-2027', list('isles-club.csv'))).toBeNull();
    await add('Isles club', list('isles-club.csv'));
    const again = (await lists())[0]!;
    const sites = (await ask<FiledSite[]>(server.url, 'GET', `/api/v1/lists/${again.id}/sites`)).body;
    expect(sites.find((one) => one.callSign === first!.callSign)!.status).toBe('off the air');
  });

  it('import what can be read and say the line of what cannot', async () => {
    const { body } = await add('Mixed', 'call,output\nQO1AA,145.6\nnobody,145.7\nQO1AC,145.8\n');
    expect(body).toMatchObject({ good: 2, rejected: 1, findings: [{ line: 3, place: 'call' }] });
  });

  it('wait for another import of the same name, however long it takes', async () => {
    const source = await openDatabase(ownDatabase(), KEY);
    // What is waited for is the import's own affair, not the short wait of other requests.
    const impatient = Object.assign(Object.create(source) as typeof source, {
      transaction: (work: (manager: EntityManager) => Promise<unknown>) =>
        source.transaction(async (manager) => {
          await manager.query("SET LOCAL lock_timeout = '100ms'");
          return work(manager);
        }),
    });
    const other = source.createQueryRunner();
    await other.startTransaction();
    await other.query(
      "INSERT INTO directory_list (id, name, source, licence, issued_on, layout, site_count) VALUES (gen_random_uuid(), 'Same', '', '', NULL, '', 0)",
    );
    const newList = { name: 'Same', source: '', licence: '', issuedOn: null };
    const reader = readList({ bytes: list('isles-club.csv'), fields: null, recipes: {} });
    const done = new Directory(impatient).add(newList, reader, new AbortController().signal);
    const ended = done.then(
      () => 'done',
      () => 'refused',
    );
    expect(await Promise.race([ended, setTimeout(600, 'waits')])).toBe('waits');
    await other.rollbackTransaction();
    await other.release();
    expect((await done).list).toMatchObject({ name: 'Same', sites: 10 });
    await reader.close();
    await source.destroy();
  });

  it('leave nothing behind when the import is ended half way', async () => {
    const source = await openDatabase(ownDatabase(), KEY);
    const read = () => readList({ bytes: generated(5000), fields: null, recipes: {} });
    const ended = new AbortController();
    let asked = 0;
    const signal = {
      throwIfAborted: () => {
        asked += 1;
        if (asked === 3) ended.abort();
        ended.signal.throwIfAborted();
      },
    } as AbortSignal;
    const directory = new Directory(source);
    const newList = { name: 'Half', source: '', licence: '', issuedOn: null };
    const [first, second] = [read(), read()];
    await expect(directory.add(newList, first, signal)).rejects.toThrow(/abort/i);
    await first.close();
    expect(asked).toBe(3);
    expect(
      await source.query(
        'SELECT (SELECT count(*)::int FROM directory_list) AS lists, (SELECT count(*)::int FROM directory_site) AS sites, (SELECT count(*)::int FROM directory_group) AS groups',
      ),
    ).toEqual([{ lists: 0, sites: 0, groups: 0 }]);
    const told: number[] = [];
    expect(
      (
        await directory.add(
          { ...newList, name: 'Whole' },
          second,
          new AbortController().signal,
          (done) => void told.push(done),
        )
      ).list.sites,
    ).toBe(5000);
    expect(told).toEqual([2000, 4000, 5000]);
    await second.close();
    // A thread that is ended answers nobody for ever.
    await expect(second.next()).rejects.toThrow(/ended/);
    await source.destroy();
  });
});

describe('whatever is sent', () => {
  it('is a list whole or nothing at all, and the server goes on', async () => {
    const cell = fc.constantFrom(
      'QO1HSK B',
      '145,6875',
      '439.425',
      '-0.6',
      '88.5',
      '46,7',
      '-33.4',
      'yes',
      '"',
      '\u0000',
      'Kålv',
      '',
      '417 591d',
    );
    const table = fc
      .array(fc.array(cell, { minLength: 1, maxLength: 6 }), { minLength: 1, maxLength: 8 })
      .map((rows) => new TextEncoder().encode(rows.map((row) => row.join(';')).join('\n')));
    let taken = 0;
    await fc.assert(
      fc.asyncProperty(fc.oneof(table, fc.uint8Array({ minLength: 1, maxLength: 120 })), async (bytes) => {
        const before = (await lists()).length;
        const { status, body } = await add(`fuzz ${(taken += 1)}`, bytes);
        expect([201, 422]).toContain(status);
        const after = await lists();
        expect(after.length - before).toBe(status === 201 ? 1 : 0);
        if (status === 201)
          expect((await ask<FiledSite[]>(server.url, 'GET', `/api/v1/lists/${body.list.id}/sites`)).body).toHaveLength(
            body.list.sites,
          );
      }),
      { numRuns: 40 },
    );
  });
});

describe('progress', () => {
  const lines = async (path: string, body: Uint8Array) => {
    const response = await fetch(`${server.url}/api/v1${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/x-ndjson' },
      body: body as never,
    });
    return (await response.text())
      .trim()
      .split('\n')
      .map(
        (line) =>
          JSON.parse(line) as {
            done?: number;
            of?: number;
            answer?: { list: ListSummary };
            problem?: { status: number; detail: string };
          },
      );
  };

  it('is a line after each step, then the answer', async () => {
    const told = await lines('/lists?name=Long', generated(4500));
    expect(told.slice(0, -1)).toEqual([
      { done: 2000, of: 4500 },
      { done: 4000, of: 4500 },
      { done: 4500, of: 4500 },
    ]);
    expect(told.at(-1)!.answer!.list).toMatchObject({ name: 'Long', sites: 4500 });
  });

  it('ends with the problem where there is one, and nothing is stored', async () => {
    const told = await lines('/lists?name=None', new TextEncoder().encode('a,b\nc,d\n'));
    expect(told.at(-1)).toMatchObject({ problem: { status: 422 } });
    expect(await lists()).toEqual([]);
  });

  it('is given up by going away: nothing is left behind, and the server goes on', async () => {
    const gone = new AbortController();
    const response = await fetch(`${server.url}/api/v1/lists?name=Gone`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/x-ndjson' },
      body: generated(60_000) as never,
      signal: gone.signal,
    });
    const reader = response.body!.getReader();
    expect(JSON.parse(new TextDecoder().decode((await reader.read()).value).split('\n')[0]!)).toMatchObject({
      of: 60_000,
    });
    gone.abort();
    expect(await lists()).toEqual([]);
    expect((await add('After', list('isles-club.csv'))).status).toBe(201);
    expect((await lists()).map((one) => one.name)).toEqual(['After']);
  });
});

describe('a long list', () => {
  it('is replaced by its newer version as fast as it came: taking sites away must not look through all groups for each', async () => {
    expect((await add('Long', generated(20_000))).body.list.sites).toBe(20_000);
    expect((await add('Long', generated(20_000))).body.list.sites).toBe(20_000);
    expect((await lists()).map((one) => one.sites)).toEqual([20_000]);
  });
});

describe('a recipe', () => {
  it('takes the columns as they were chosen the last time, for lists of the same look', async () => {
    const fields = async () =>
      (await send<{ columns: { field: string }[] }>('/lists/preview', list('boat-notes.csv'))).body.columns.map(
        (one) => one.field,
      );
    const chosen = ['callSign', 'output', 'input', 'notes', 'tone', 'colorCode'];
    expect(await fields()).not.toEqual(chosen);
    await add('Boat', list('boat-notes.csv'), `&fields=${chosen.join(',')}`);
    expect(await fields()).toEqual(chosen);
    expect(
      (await send<{ columns: { field: string }[] }>('/lists/preview', list('survey.csv'))).body.columns[0]!.field,
    ).toBe('name');
    // Chosen otherwise, the newer choice counts.
    await add('Boat', list('boat-notes.csv'), '&fields=callSign,output,input,place,tone,colorCode');
    expect((await fields())[3]).toBe('place');
  });
});
