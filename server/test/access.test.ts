/** A server that is open to the network: who gets in, and what nobody reads in its log. */
import { hash } from '@node-rs/argon2';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import pg from 'pg';
import { hostAllowed } from '../src/http/guard';
import { makeLog, plainError } from '../src/http/log';
import { isDatabaseTrouble } from '../src/db/trouble';
import { Overloaded } from '../src/errors';
import { ask, editOf, KEY, type Running, startServer, ownDatabase } from './harness';

describe('a shared password', () => {
  let server: Running;
  const call = (method: string, path: string, body?: unknown, headers?: Record<string, string>) =>
    ask(server.url, method, `/api/v1${path}`, body, headers);
  beforeAll(async () => {
    server = await startServer(undefined, { access: { hash: await hash('a long enough password'), key: KEY } });
  });
  afterAll(() => server.stop());

  it('is asked for everything but whether the server is there', async () => {
    expect(await call('GET', '/plans')).toMatchObject({ status: 401, type: 'application/problem+json' });
    expect((await call('POST', '/plans', { name: 'x' })).status).toBe(401);
    expect((await call('GET', '/sites/map')).status).toBe(401);
    expect((await call('GET', '/ready')).status).toBe(200);
  });

  it('lets in with a cookie that scripts and other sites do not get; a made-up one does not', async () => {
    const signed = await call('POST', '/session', { password: 'a long enough password' });
    expect(signed.status).toBe(204);
    const cookies = signed.headers.getSetCookie();
    expect(cookies.every((one) => /httponly/i.test(one) && /samesite=strict/i.test(one))).toBe(true);
    const cookie = cookies.map((one) => one.split(';')[0]).join('; ');
    expect((await call('GET', '/plans', undefined, { cookie })).status).toBe(200);
    const forged = cookie.replace(/relay_session=\d+/, `relay_session=${Date.now() + 1e12}`);
    expect((await call('GET', '/plans', undefined, { cookie: forged })).status).toBe(401);
  });

  it('can be tried a few times only', async () => {
    const tries = [];
    for (let at = 0; at < 6; at += 1) tries.push(await call('POST', '/session', { password: `guess ${at}` }));
    expect(tries.map((one) => one.status).slice(0, 3)).toEqual([401, 401, 401]);
    expect(tries.at(-1)!.status).toBe(429);
    expect(Number(tries.at(-1)!.headers.get('retry-after'))).toBeGreaterThan(0);
  });
});

describe('names of the server', () => {
  const outside = { remoteAddress: '192.0.2.9', localAddress: '192.0.2.7' };
  it.each([
    ['localhost', outside, false],
    ['127.0.0.1:4417', outside, false],
    ['192.0.2.7:4417', outside, true],
    ['192.0.2.8', outside, false],
    ['relay.example', outside, true],
    ['localhost', { remoteAddress: '::ffff:127.0.0.1', localAddress: '::ffff:127.0.0.1' }, true],
    ['[2001:db8::7]:4417', { remoteAddress: '2001:db8::9', localAddress: '2001:db8::7' }, true],
  ])('%s from %j: %s', (host, ends, allowed) => expect(hostAllowed(host, ['relay.example'], ends)).toBe(allowed));
});

describe('the log', () => {
  it('holds no value of a statement and no message that quotes one', async () => {
    const client = new pg.Client({ connectionString: ownDatabase() });
    await client.connect();
    const error = await client.query('SELECT $1::uuid', ['my-secret-value']).catch((one: unknown) => one);
    await client.end();
    Object.assign(error as object, { parameters: ['my-secret-value'], query: 'SELECT' });
    const lines: string[] = [];
    makeLog('info', { write: (line) => void lines.push(line) }).error({ err: error }, 'unexpected error');
    expect(lines.join()).toContain('22P02');
    expect(lines.join()).not.toContain('my-secret-value');
    expect(plainError(new TypeError('x is undefined'))).toMatchObject({ type: 'TypeError', message: 'x is undefined' });
  });
});

describe('a database that cannot do it now', () => {
  const coded = (code: string) => Object.assign(new Error('x'), { code });
  it.each([
    ['57P01', true],
    ['53100', true],
    ['53300', true],
    ['08006', true],
    ['57014', true],
    ['55P03', true],
    ['ECONNREFUSED', true],
    ['23505', false],
    ['22P02', false],
    ['42601', false],
  ])('says %s: %s', (code, trouble) =>
    expect([
      isDatabaseTrouble(coded(code)),
      isDatabaseTrouble(Object.assign(new Error('x'), { driverError: coded(code) })),
    ]).toEqual([trouble, trouble]),
  );

  it('is told from faults of ours', () => {
    expect(isDatabaseTrouble(new Error('timeout exceeded when trying to connect'))).toBe(true);
    expect([new TypeError('x'), new Overloaded('x'), 'text', null].map(isDatabaseTrouble)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });

  it('because every connection is taken answers 503 while they are, and goes on after', async () => {
    const server = await startServer();
    const holder = new pg.Client({ connectionString: ownDatabase() });
    await holder.connect();
    const { body: plan } = await ask<{ id: string }>(server.url, 'POST', '/api/v1/plans', { demo: 'ostrey-isles' });
    const { body: opened } = await ask<{ document: never }>(server.url, 'GET', `/api/v1/plans/${plan.id}`);
    // Edits of as many plans as there are connections wait for rows that somebody else holds.
    const plans = await Promise.all(
      Array.from({ length: 10 }, () =>
        ask<{ id: string }>(server.url, 'POST', '/api/v1/plans', { document: opened.document }),
      ),
    );
    await holder.query('BEGIN');
    await holder.query('SELECT 1 FROM plan FOR UPDATE');
    const edits = plans.map(({ body: { id } }) =>
      ask(server.url, 'PATCH', `/api/v1/plans/${id}`, {
        version: 1,
        edits: [editOf(opened.document, (draft) => void (draft.station.place = 'Merrin'))],
      }),
    );
    await new Promise((go) => setTimeout(go, 300));
    const refused = await ask(server.url, 'GET', '/api/v1/plans');
    expect(refused).toMatchObject({ status: 503, body: { type: 'urn:yellow-relay:problem:database-away' } });
    expect(refused.headers.get('retry-after')).toBe('2');
    await holder.query('ROLLBACK');
    await holder.end();
    expect((await Promise.all(edits)).map((one) => one.status)).toEqual(plans.map(() => 200));
    await server.stop();
  }, 60_000);
});
