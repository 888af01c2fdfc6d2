import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { undoStacks } from '@relay/core/plan/history';
import { applyPatches } from '@relay/core/plan/patches';
import { type Plan, PLAN_FORMAT_VERSION } from '@relay/core/plan/types';
import { openDatabase } from '../src/db/data-source';
import type { EditRow } from '../src/db/entities';
import { upgradeStoredPlans } from '../src/db/upgrade-plans';
import { profileOf } from '../../core/src/testing/profile-of';
import { ask, editOf, KEY, type Running, startServer, ownDatabase } from './harness';

interface Opened {
  id: string;
  version: number;
  document: Plan;
  recent: EditRow[];
}

let server: Running;
const call = <T = Record<string, unknown>>(
  method: string,
  path: string,
  body?: unknown,
  headers?: Record<string, string>,
) => ask<T>(server.url, method, `/api/v1${path}`, body, headers);
const open = async (id: string) => (await call<Opened>('GET', `/plans/${id}`)).body;
const newPlan = async (body: object = { demo: 'ostrey-isles' }) =>
  open((await call<{ id: string }>('POST', '/plans', body)).body.id);
const colorCode = (value: number) => (plan: Plan) => void (plan.sites.byId['home']!.dmr!.colorCode = value);

beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

describe('plans', () => {
  it('are created, listed, duplicated, deleted and restored', async () => {
    const plan = await newPlan({ name: 'Mine' });
    expect(plan).toMatchObject({ version: 1, document: { name: 'Mine', radios: { order: [] } } });
    const copy = await call<{ id: string }>('POST', `/plans/${plan.id}/duplicate`, { name: 'Mine again' });
    expect(copy.status).toBe(201);
    expect((await open(copy.body.id)).document.name).toBe('Mine again');
    expect((await call<{ deletedAt: string }>('DELETE', `/plans/${plan.id}`)).body.deletedAt).toBeTruthy();
    expect((await call('GET', `/plans/${plan.id}`)).status).toBe(404);
    const names = async (deleted: boolean) =>
      (await call<{ id: string }[]>('GET', `/plans${deleted ? '?deleted=true' : ''}`)).body.map((one) => one.id);
    expect(await names(true)).toContain(plan.id);
    expect(await names(false)).not.toContain(plan.id);
    await call('POST', `/plans/${plan.id}/restore`);
    expect((await open(plan.id)).document.name).toBe('Mine');
  });

  it('are read from a file’s document only when sound', async () => {
    const { document } = await newPlan();
    expect((await call('POST', '/plans', { document })).status).toBe(201);
    const broken = structuredClone(document);
    broken.sites.byId['home']!.dmr!.colorCode = 16;
    const refused = await call<{ problems: object[] }>('POST', '/plans', { document: broken });
    expect(refused).toMatchObject({ status: 422, type: 'application/problem+json' });
    expect(refused.body.problems).toEqual([
      { pointer: '/sites/byId/home/dmr/colorCode', found: '16', expected: 'at most 15' },
    ]);
    expect((await call('POST', '/plans', { demo: 'nowhere' })).status).toBe(422);
  });
});

describe('plans of an older format', () => {
  it('are brought up when the server starts, as an edit that other windows follow and undo stops at', async () => {
    const source = await openDatabase(ownDatabase(), KEY);
    const old = JSON.parse(readFileSync(new URL('../../core/vectors/plan-format-1.json', import.meta.url), 'utf8')) as {
      name: string;
    };
    const id = randomUUID();
    await source.query(
      'INSERT INTO plan (id, name, version, document_version, document, sealed) VALUES ($1, $2, 2, 2, $3, false)',
      [id, old.name, JSON.stringify(old)],
    );
    const before = { op: 'replace', path: '/profiles/s1/logins/n1/suffix', value: 3 };
    await source.query(
      "INSERT INTO plan_edit (plan_id, version, id, kind, label, patches, inverse) VALUES ($1, 2, $2, 'edit', 'suffix', $3, $3)",
      [id, randomUUID(), JSON.stringify([before])],
    );
    expect(await upgradeStoredPlans(source, KEY)).toBe(1);
    expect(await upgradeStoredPlans(source, KEY)).toBe(0);
    const { version, document, recent } = await open(id);
    expect([version, document.formatVersion, recent.map((row) => row.kind)]).toEqual([
      3,
      PLAN_FORMAT_VERSION,
      ['edit', 'format'],
    ]);
    expect(applyPatches(old as never, recent[1]!.patches)).toEqual(document);
    expect(undoStacks(recent)).toEqual({ undo: [], redo: [] });
    const edited = await call('PATCH', `/plans/${id}`, {
      version: 3,
      edits: [editOf(document, (plan) => void (profileOf(plan, 's1').dmr.logins['n1']!.suffix = 7))],
    });
    expect(edited.status).toBe(200);
    expect(undoStacks((await open(id)).recent).undo).toHaveLength(1);
    // A plan that cannot be read is set aside with its reason, and nothing of it is changed.
    const spoiled = randomUUID();
    await source.query('INSERT INTO plan (id, name, version, document_version, document) VALUES ($1, $2, 1, 1, $3)', [
      spoiled,
      'Spoiled',
      JSON.stringify({ ...old, station: 7 }),
    ]);
    expect(await upgradeStoredPlans(source, KEY)).toBe(1);
    expect(await upgradeStoredPlans(source, KEY)).toBe(0);
    const why = expect.stringContaining('At /station found 7') as string;
    const { body: plans } = await call<{ id: string; spoiled: string | null }[]>('GET', '/plans');
    expect(plans.find((one) => one.id === spoiled)).toMatchObject({ name: 'Spoiled', spoiled: why });
    for (const [method, path] of [
      ['GET', ''],
      ['GET', '/edits'],
      ['GET', '/events'],
    ] as const)
      expect(await call(method, `/plans/${spoiled}${path}`)).toMatchObject({ status: 409, body: { detail: why } });
    await source.query('DELETE FROM plan WHERE id = $1', [spoiled]);
    await source.destroy();
  });
});

describe('edits', () => {
  it('make a version each, with a history row that leads there and back', async () => {
    const plan = await newPlan();
    const edits = [editOf(plan.document, colorCode(2), { label: 'color code' })];
    const answer = await call<{ version: number; edits: EditRow[] }>('PATCH', `/plans/${plan.id}`, {
      version: 1,
      edits,
    });
    expect(answer).toMatchObject({ status: 200, body: { version: 2 } });
    const now = await open(plan.id);
    expect(now.document.sites.byId['home']!.dmr!.colorCode).toBe(2);
    expect(now.recent.map(({ label, version }) => [label, version])).toEqual([['color code', 2]]);
    expect(applyPatches(now.document, now.recent[0]!.inverse)).toEqual(plan.document);
  });

  it('on an older version are refused with what happened since', async () => {
    const plan = await newPlan();
    const first = editOf(plan.document, colorCode(2));
    await call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [first] });
    const stale = await call<{ version: number; since: EditRow[] }>('PATCH', `/plans/${plan.id}`, {
      version: 1,
      edits: [editOf(plan.document, colorCode(3))],
    });
    expect(stale).toMatchObject({ status: 409, body: { version: 2, since: [{ id: first.id, version: 2 }] } });
    expect(applyPatches(plan.document, stale.body.since[0]!.patches)).toEqual((await open(plan.id)).document);
  });

  it('are all or none', async () => {
    const plan = await newPlan();
    const edits = [
      editOf(plan.document, colorCode(2)),
      {
        ...editOf(plan.document, colorCode(3)),
        patches: [{ op: 'replace', path: '/sites/byId/gone/name', value: 'x' }],
      },
    ];
    const refused = await call<{ problems: { pointer: string }[] }>('PATCH', `/plans/${plan.id}`, {
      version: 1,
      edits,
    });
    expect(refused.status).toBe(422);
    expect(refused.body.problems[0]!.pointer).toBe('/sites/byId/gone/name');
    expect(await open(plan.id)).toEqual(plan);
  });

  it.each([
    [
      'a value out of range',
      [{ op: 'replace', path: '/sites/byId/home/dmr/colorCode', value: 99 }],
      '/sites/byId/home/dmr/colorCode',
    ],
    ['a property too many', [{ op: 'add', path: '/station/more', value: 1 }], '/station/more'],
    ['half a surrogate pair', [{ op: 'replace', path: '/station/place', value: '\ud800' }], '/station/place'],
    ['a null character', [{ op: 'replace', path: '/station/place', value: 'a\u0000' }], '/station/place'],
    ['a part of the plan taken away', [{ op: 'remove', path: '/radios/order' }], '/radios/order'],
    [
      'an id that every object inherits',
      [
        {
          op: 'add',
          path: '/networks/byId/lantern/groups/byId/constructor',
          value: { id: 'constructor', name: 'x', number: 1, category: 'test' },
        },
      ],
      '/networks/byId/lantern/groups/byId/constructor',
    ],
    ['the prototype', [{ op: 'add', path: '/__proto__/x', value: 1 }], '/__proto__/x'],
  ])('with %s are refused and leave no trace', async (_, patches, pointer) => {
    const plan = await newPlan();
    const refused = await call<{ problems: { pointer: string }[] }>('PATCH', `/plans/${plan.id}`, {
      version: 1,
      edits: [{ ...editOf(plan.document, colorCode(2)), patches }],
    });
    expect(refused.status).toBe(422);
    expect(refused.body.problems.map((one) => one.pointer)).toContain(pointer);
    expect(await open(plan.id)).toEqual(plan);
  });

  it('mend references themselves, so that removing a group leaves a sound plan', async () => {
    const plan = await newPlan();
    const patches = [{ op: 'remove' as const, path: '/networks/byId/lantern/groups/byId/g417' }];
    await call('PATCH', `/plans/${plan.id}`, {
      version: 1,
      edits: [{ ...editOf(plan.document, colorCode(2)), patches }],
    });
    const { document } = await open(plan.id);
    expect(document.wants.byId['w-g417']).toBeUndefined();
    expect(document.codeplugs['handheld']!.channels.byId['ch-w-g417']).toMatchObject({
      destination: null,
      wantId: null,
    });
  });

  it('from many windows at once lose nothing: each is taken once, in some order', async () => {
    const plan = await newPlan();
    const places = Array.from({ length: 12 }, (_, at) => `place ${at}`);
    const send = async (place: string): Promise<void> => {
      for (let tries = 0; tries < 50; tries += 1) {
        const { version, document } = await open(plan.id);
        const { operator } = document.station;
        const answer = await call('PATCH', `/plans/${plan.id}`, {
          version,
          edits: [
            editOf(
              document,
              (draft) => void (draft.station.operator = operator === '' ? place : `${operator}|${place}`.slice(-60)),
              { label: place },
            ),
          ],
        });
        if (answer.status === 200) return;
        expect(answer.status).toBe(409);
      }
      throw new Error('never taken');
    };
    await Promise.all(places.map(send));
    const { version, recent } = await open(plan.id);
    expect(version).toBe(13);
    expect(recent.map((row) => row.label).sort()).toEqual([...places].sort());
    expect(recent.map((row) => row.version)).toEqual(Array.from({ length: 12 }, (_, at) => at + 2));
  });

  it('cannot be recorded twice under one id', async () => {
    const plan = await newPlan();
    const one = editOf(plan.document, colorCode(2));
    await call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [one] });
    const again = await call('PATCH', `/plans/${plan.id}`, {
      version: 2,
      edits: [{ ...one, patches: [{ op: 'replace', path: '/sites/byId/home/dmr/colorCode', value: 5 }] }],
    });
    expect(again.status).toBe(422);
    expect((await open(plan.id)).document.sites.byId['home']!.dmr!.colorCode).toBe(2);
  });

  it('are told to other windows as they happen', async () => {
    const plan = await newPlan();
    const stop = new AbortController();
    const stream = await fetch(`${server.url}/api/v1/plans/${plan.id}/events`, { signal: stop.signal });
    const reader = stream.body!.pipeThrough(new TextDecoderStream()).getReader();
    await call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [editOf(plan.document, colorCode(2))] });
    let text = '';
    while (!text.includes('data: 2')) text += (await reader.read()).value ?? '';
    expect(text).toContain('event: version\ndata: 2');
    stop.abort();
  });
});

describe('bad requests', () => {
  it('over the size are refused as such, and the server goes on', async () => {
    const answer = await call('POST', '/plans', JSON.stringify({ name: 'x'.repeat(33 * 1024 * 1024) }));
    expect(answer).toMatchObject({
      status: 413,
      type: 'application/problem+json',
      body: { title: 'The request is too large' },
    });
    expect((await call('GET', '/health')).status).toBe(200);
  });

  it.each([
    ['no plan of that id', 'GET', `/plans/${randomUUID()}`, undefined, 404],
    ['no id at all', 'GET', '/plans/nonsense', undefined, 404],
    ['no such route', 'GET', '/nothing', undefined, 404],
    ['a body that is no JSON', 'POST', '/plans', '{"name":', 400],
    ['an empty body', 'POST', '/plans', {}, 422],
    ['a version in words', 'GET', `/plans/${randomUUID()}/edits?after=x`, undefined, 422],
  ] as const)('%s', async (_, method, path, body, status) => {
    const answer = await call<{ status: number; requestId: string }>(method, path, body);
    expect(answer.status).toBe(status);
    expect(answer.type).toContain('application/problem+json');
    expect(answer.body).toMatchObject({ status, requestId: answer.headers.get('x-request-id') });
  });
});
