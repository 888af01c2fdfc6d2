/** What an unkind client, a careless list or a curious reader of the disk may try. */
import { newZone } from '@relay/core/plan/create';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import pg from 'pg';
import { PLAN_FORMAT_VERSION, type Plan } from '@relay/core/plan/types';
import { openDatabase } from '../src/db/data-source';
import { upgradeStoredPlans } from '../src/db/upgrade-plans';
import type { HistoryRow } from '../src/plans/desk';
import { profileOf } from '../../core/src/testing/profile-of';
import { ask, editOf, KEY, type Running, startServer, ownDatabase } from './harness';

interface Opened {
  id: string;
  version: number;
  document: Plan;
  recent: HistoryRow[];
}

let server: Running;
let database: pg.Client;
const call = <T = Record<string, unknown>>(method: string, path: string, body?: unknown) =>
  ask<T>(server.url, method, `/api/v1${path}`, body);
const open = async (id: string) => (await call<Opened>('GET', `/plans/${id}`)).body;
const newPlan = async (body: object = { demo: 'ostrey-isles' }) =>
  open((await call<{ id: string }>('POST', '/plans', body)).body.id);

beforeAll(async () => {
  server = await startServer();
  database = new pg.Client({ connectionString: ownDatabase() });
  await database.connect();
});
afterAll(async () => {
  await database.end();
  await server.stop();
});

describe('many edits in one request', () => {
  it('take time by their number, not by their number times the plan, and hold nobody else up', async () => {
    const plan = await newPlan();
    const edits = Array.from({ length: 900 }, (_, at) =>
      editOf(plan.document, () => undefined, {
        patches: [{ op: 'replace', path: '/station/place', value: `place ${at}` }],
      }),
    );
    // Inserted at the head of an order, each a row of its own.
    const rows = edits.slice(0, 60).map((_, at) => ({
      ...edits[at]!,
      id: randomUUID(),
      patches: [
        {
          op: 'add' as const,
          path: `/codeplugs/handheld/zones/byId/z${at}`,
          value: newZone(`z${at}`, `Zone ${at}`, []),
        },
        { op: 'add' as const, path: '/codeplugs/handheld/zones/order/0', value: `z${at}` },
      ],
    }));
    const sent = call<{ version: number }>('PATCH', `/plans/${plan.id}`, { version: 1, edits: [...edits, ...rows] });
    const others = await Promise.all(Array.from({ length: 20 }, () => call('GET', '/plans')));
    expect(others.map((one) => one.status)).toEqual(others.map(() => 200));
    expect((await sent).body.version).toBe(961);
    const { document, recent } = await open(plan.id);
    expect(document.codeplugs['handheld']!.zones.order.slice(0, 2)).toEqual(['z59', 'z58']);
    expect(recent).toHaveLength(200);
  });

  it('under one id are refused', async () => {
    const plan = await newPlan();
    const one = editOf(plan.document, (draft) => void (draft.station.place = 'Merrin'));
    expect((await call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [one, one] })).status).toBe(422);
  });
});

describe('edits made on an older version', () => {
  it('go in as they are where they touch nothing of what came since', async () => {
    const plan = await newPlan();
    const send = (recipe: (draft: Plan) => void) =>
      call<{ version: number; edits: HistoryRow[]; since: HistoryRow[] }>('PATCH', `/plans/${plan.id}`, {
        version: 1,
        edits: [editOf(plan.document, recipe)],
      });
    await send((draft) => void (draft.station.place = 'Merrin'));
    const second = await send((draft) => void (draft.station.operator = 'Tam'));
    expect(second).toMatchObject({ status: 200, body: { version: 3 } });
    expect(second.body.since.map((row) => row.version)).toEqual([2]);
    const { document } = await open(plan.id);
    expect([document.station.place, document.station.operator]).toEqual(['Merrin', 'Tam']);
  });

  it('are told what came since where they touch the same, or would leave a link to nothing', async () => {
    const plan = await newPlan();
    const send = (recipe: (draft: Plan) => void) =>
      call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [editOf(plan.document, recipe)] });
    await send((draft) => {
      delete draft.networks.byId['causeway'];
      draft.networks.order = draft.networks.order.filter((id) => id !== 'causeway');
    });
    const linked = await send((draft) => {
      const want = draft.wants.byId[draft.wants.order[0]!]!;
      want.destination = { mode: 'dmr', kind: 'special', networkId: 'causeway', special: 'echo' };
    });
    expect(linked.status).toBe(409);
  });

  it('that were taken already, whose answer was lost, are not taken twice', async () => {
    const plan = await newPlan();
    const body = { version: 1, edits: [editOf(plan.document, (draft) => void (draft.station.place = 'Merrin'))] };
    await call('PATCH', `/plans/${plan.id}`, body);
    const again = await call<{ version: number; edits: unknown[]; since: { id: string }[] }>(
      'PATCH',
      `/plans/${plan.id}`,
      body,
    );
    expect(again).toMatchObject({ status: 200, body: { version: 2, edits: [], since: [{ id: body.edits[0]!.id }] } });
  });
});

describe('secrets', () => {
  const password = 'lantern-of-hask-17';
  const withPassword = async () => {
    const plan = await newPlan();
    const set = (value: string) =>
      editOf(plan.document, (draft) => void (profileOf(draft, 'home').dmr.logins['lantern']!.password = value), {
        label: 'password',
      });
    await call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [set(password)] });
    return { plan, set };
  };

  it('stand neither in the document nor in the history nor in what a copy holds, and come back whole', async () => {
    const { plan } = await withPassword();
    const copy = await call<{ id: string }>('POST', `/plans/${plan.id}/duplicate`, { name: 'copy' });
    const { rows } = await database.query<{ stored: string }>(
      `SELECT (SELECT string_agg(document::text, '') FROM plan) || (SELECT string_agg(patches::text || inverse::text || label, '') FROM plan_edit) || (SELECT string_agg(sealed, '') FROM plan_secret) AS stored`,
    );
    expect(rows[0]!.stored).not.toContain(password);
    expect(rows[0]!.stored).not.toContain(Buffer.from(password).toString('base64').slice(0, 12));
    for (const id of [plan.id, copy.body.id])
      expect(profileOf((await open(id)).document, 'home').dmr.logins['lantern']!.password).toBe(password);
    expect(JSON.stringify((await open(plan.id)).recent)).toContain(password);
  });

  it('of a file that a hotspot saved are kept apart too, whole, with every line end and letter', async () => {
    const plan = await newPlan();
    const text = `[Net]\r\nPassword = ${password}\r\n; bei Nebel 霧 🗼\n`;
    const edit = editOf(
      plan.document,
      (draft) => {
        const site = draft.sites.byId['home']!;
        if (site.kind === 'hotspot') site.taught = { name: 'box.ini', encoding: 'utf-8', secretText: text, keys: [] };
      },
      { label: 'settings file' },
    );
    expect((await call('PATCH', `/plans/${plan.id}`, { version: 1, edits: [edit] })).status).toBe(200);
    const { rows } = await database.query<{ stored: string }>(
      `SELECT string_agg(document::text, '') || (SELECT string_agg(patches::text || inverse::text, '') FROM plan_edit) AS stored FROM plan`,
    );
    expect(rows[0]!.stored).not.toContain(password);
    expect((await open(plan.id)).document.sites.byId['home']).toMatchObject({ taught: { secretText: text } });
  });

  it('are gone with a plan: nothing is answered of a deleted one, and nothing is left of an erased one', async () => {
    const { plan } = await withPassword();
    expect((await call('POST', `/plans/${plan.id}/erase`)).status).toBe(404);
    await call('DELETE', `/plans/${plan.id}`);
    for (const path of ['', '/edits?after=0', '/events'])
      expect((await call('GET', `/plans/${plan.id}${path}`)).status).toBe(404);
    expect((await call('POST', `/plans/${plan.id}/erase`)).status).toBe(204);
    const left = await database.query(
      'SELECT 1 FROM plan WHERE id = $1 UNION ALL SELECT 1 FROM plan_edit WHERE plan_id = $1 UNION ALL SELECT 1 FROM plan_secret WHERE plan_id = $1',
      [plan.id],
    );
    expect(left.rowCount).toBe(0);
    expect((await call('POST', `/plans/${plan.id}/restore`)).status).toBe(404);
  });

  it('that were stored as they were are taken out of document and history at the next start', async () => {
    const { plan, set } = await withPassword();
    const edit = set('older-secret-3');
    await database.query('UPDATE plan SET document = $2, sealed = false WHERE id = $1', [
      plan.id,
      JSON.stringify({
        ...plan.document,
        profiles: JSON.parse(
          JSON.stringify(plan.document.profiles).replace('"password":"practice"', '"password":"older-secret-4"'),
        ) as object,
      }),
    ]);
    await database.query('UPDATE plan_edit SET patches = $2 WHERE plan_id = $1', [
      plan.id,
      JSON.stringify(edit.patches),
    ]);
    const source = await openDatabase(ownDatabase(), KEY);
    expect(await upgradeStoredPlans(source, KEY)).toBe(0);
    await source.destroy();
    const { rows } = await database.query<{ stored: string }>(
      "SELECT document::text || (SELECT string_agg(patches::text, '') FROM plan_edit WHERE plan_id = $1) AS stored FROM plan WHERE id = $1",
      [plan.id],
    );
    expect(rows[0]!.stored).not.toMatch(/older-secret/);
    expect(rows[0]!.stored).toContain(`"formatVersion": ${PLAN_FORMAT_VERSION}`);
  });

  it('that came with an edit that was refused are stored when it is sent again, also for another server', async () => {
    const { plan, set } = await withPassword();
    const again = (version: number) =>
      call('PATCH', `/plans/${plan.id}`, { version, edits: [set('the-other-secret')] });
    expect((await again(1)).status).toBe(409);
    expect((await again(2)).status).toBe(200);
    const other = await startServer();
    const { body } = await ask<Opened>(other.url, 'GET', `/api/v1/plans/${plan.id}`);
    expect(profileOf(body.document, 'home').dmr.logins['lantern']!.password).toBe('the-other-secret');
    await other.stop();
  });

  it('and edits go from server to server on one database', async () => {
    const other = await startServer();
    const plan = await newPlan();
    const from = (url: string) => ask<Opened>(url, 'GET', `/api/v1/plans/${plan.id}`);
    const send = (url: string, version: number, recipe: (draft: Plan) => void) =>
      ask<{ version: number }>(url, 'PATCH', `/api/v1/plans/${plan.id}`, {
        version,
        edits: [editOf(plan.document, recipe)],
      });
    // Both have it at hand before either changes it.
    await Promise.all([from(server.url), from(other.url)]);
    for (let round = 0; round < 4; round += 1) {
      const [first, second] = round % 2 === 0 ? [server.url, other.url] : [other.url, server.url];
      const version = 1 + round * 2;
      const secret = `secret of round ${round}`;
      const set = (draft: Plan) => void (profileOf(draft, 'home').dmr.logins['lantern']!.password = secret);
      expect((await send(first!, version, set)).body.version).toBe(version + 1);
      const place = `place ${round}`;
      expect((await send(second!, version, (draft) => void (draft.station.place = place))).body.version).toBe(
        version + 2,
      );
      for (const url of [server.url, other.url]) {
        const { document } = (await from(url)).body;
        expect(profileOf(document, 'home').dmr.logins['lantern']!.password).toBe(secret);
        expect(document.station.place).toBe(place);
      }
    }
    await other.stop();
  });

  it('too long for the plan are refused, though what is stored for them would fit', async () => {
    const { plan, set } = await withPassword();
    expect((await call('PATCH', `/plans/${plan.id}`, { version: 2, edits: [set('x'.repeat(201))] })).status).toBe(422);
  });
});

describe('lists that hold more than is read', () => {
  const preview = (body: string) =>
    fetch(`${server.url}/api/v1/lists/preview`, { method: 'POST', body }).then(async (answer) => ({
      status: answer.status,
      detail: ((await answer.json()) as { detail?: string }).detail ?? '',
    }));

  it.each([
    ['a million columns', 'call,output\n' + 'x,'.repeat(1_000_000), /Line 2: 1,000,001 columns, expected at most 300/],
    ['a cell without end', `call,output\n"${'x'.repeat(2_000_000)}",145.6`, /Line 2: 2,000,\d+ characters/],
    ['a flood of blank lines', `call,output\n${'\n'.repeat(1_200_000)}`, /Line 1,000,001/],
    [
      'a feature with keys of its own each',
      JSON.stringify({
        type: 'FeatureCollection',
        features: Array.from({ length: 20_000 }, (_, at) => ({ properties: { [`k${at}`]: 1 } })),
      }),
      /Feature 301: 301 columns, expected at most 300/,
    ],
    ['too many rows', `call,output\n${'QO1AA,145.6\n'.repeat(500_100)}`, /500,001 rows, expected at most 500,000/],
  ])('%s: refused with what was found and what is allowed', async (_, body, detail) => {
    const answer = await preview(body);
    expect([answer.status, answer.detail]).toEqual([422, expect.stringMatching(detail)]);
  });

  it('with letters that no database takes, or headings without end, come in or are refused, never half', async () => {
    const add = (name: string, body: string) =>
      fetch(`${server.url}/api/v1/lists?name=${encodeURIComponent(name)}`, { method: 'POST', body });
    const half = JSON.stringify({
      type: 'FeatureCollection',
      features: [{ properties: { call: 'QO1AA', output: '145.6', name: 'half \ud800 pair', notes: 'a\u0000b' } }],
    });
    expect((await add('Half', half)).status).toBe(201);
    const heading = `call,output,${'very long heading '.repeat(400)}`;
    expect((await add('Long', `${heading}\nQO1AB,145.7,x\n`)).status).toBe(201);
    expect((await add('Name \u0000', half)).status).toBe(422);
    expect((await add('Dated&issuedOn=2026-02-30', half)).status).toBe(201);
    expect(
      (await fetch(`${server.url}/api/v1/lists?name=D&issuedOn=2026-02-30`, { method: 'POST', body: half })).status,
    ).toBe(422);
  });

  it('and trips that pass by more than is searched are refused, and the thread goes on', async () => {
    const points = Array.from({ length: 20_000 }, (_, at) => ({ lat: at % 2 === 0 ? -89 : 89, lon: at % 3 }));
    const trip = { points, widthM: 500_000, mode: null, sends: null, network: null, status: null, country: null };
    const answer = await call<{ detail: string }>('POST', '/sites/along', trip);
    expect(answer).toMatchObject({ status: 422 });
    expect((await call('GET', '/sites/near?lat=46&lon=-33')).status).toBe(200);
  });
});

describe('a list that is replaced several times at once', () => {
  it('is one of them whole, and so is what is near', async () => {
    const at = (lat: number) =>
      `call,output,lat,lon\n${Array.from({ length: 300 }, (_, i) => `QO1A${String.fromCharCode(65 + (i % 26))}${String.fromCharCode(65 + Math.floor(i / 26))},145.6,${lat},-33.4`).join('\n')}\n`;
    const add = (lat: number) => fetch(`${server.url}/api/v1/lists?name=Again`, { method: 'POST', body: at(lat) });
    expect((await add(10)).status).toBe(201);
    for (let round = 0; round < 4; round += 1) {
      const answers = await Promise.all([add(20 + round), add(30 + round)]);
      expect(answers.map((one) => one.status)).toEqual([201, 201]);
      const near = await call<{ listName: string; lat: number }[]>(
        'GET',
        '/sites/near?lat=25&lon=-33.4&limit=50&network=',
      );
      const lats = new Set(near.body.filter((one) => one.listName === 'Again').map((one) => one.lat));
      const { rows } = await database.query<{ lat: number }>(
        "SELECT DISTINCT s.lat FROM directory_site s JOIN directory_list l ON l.id = s.list_id WHERE l.name = 'Again'",
      );
      expect([...lats]).toEqual(rows.map((row) => row.lat));
    }
  });
});

describe('a list that is only looked at', () => {
  it('is left at once by who goes away, and makes room for the next', async () => {
    const long = `call,output\n${'QO1AA,145.6\n'.repeat(400_000)}`;
    for (let at = 0; at < 4; at += 1) {
      const leave = new AbortController();
      const looked = fetch(`${server.url}/api/v1/lists/preview`, { method: 'POST', body: long, signal: leave.signal });
      setTimeout(() => leave.abort(), 150);
      await expect(looked).rejects.toThrow();
    }
    // Were they still being read, this would be one too many.
    await expect
      .poll(
        async () =>
          (await fetch(`${server.url}/api/v1/lists/preview`, { method: 'POST', body: 'call,output\nQO1AA,145.6\n' }))
            .status,
      )
      .toBe(200);
  });
});

describe('the history', () => {
  it('is let go where it is old and long, and the plan is what it was', async () => {
    const plan = await newPlan();
    let version = 1;
    for (let round = 0; round < 12; round += 1) {
      const edits = Array.from({ length: 100 }, (_, at) =>
        editOf(plan.document, () => undefined, {
          patches: [{ op: 'replace', path: '/station/place', value: `place ${round} ${at}` }],
        }),
      );
      version = (await call<{ version: number }>('PATCH', `/plans/${plan.id}`, { version, edits })).body.version;
    }
    await database.query("UPDATE plan_edit SET at = now() - interval '40 days' WHERE plan_id = $1 AND version < 900", [
      plan.id,
    ]);
    await call('PATCH', `/plans/${plan.id}`, {
      version,
      edits: [
        editOf(plan.document, () => undefined, { patches: [{ op: 'replace', path: '/station/place', value: 'last' }] }),
      ],
    });
    const oldest = async () =>
      (
        await database.query<{ first: number }>('SELECT min(version) AS first FROM plan_edit WHERE plan_id = $1', [
          plan.id,
        ])
      ).rows[0]!.first;
    // What is both old and beyond the newest thousand goes when the document is next written.
    await expect.poll(oldest, { timeout: 15_000 }).toBe(version + 1 - 1000 + 1);
    expect((await open(plan.id)).document.station.place).toBe('last');
    // A window that was away for longer is told to read the plan whole.
    const away = await call<{ since: unknown }>('PATCH', `/plans/${plan.id}`, {
      version: 1,
      edits: [editOf(plan.document, (draft) => void (draft.station.place = 'away'))],
    });
    expect(away).toMatchObject({ status: 409, body: { since: null } });
  }, 60_000);
});
