import { readFileSync } from 'node:fs';
import { request } from 'node:http';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { planRoutes } from '../src/routes/plans';
import { directoryRoutes } from '../src/routes/directory';
import { healthRoutes } from '../src/routes/health';
import { scenarioRoutes } from '../src/routes/scenarios';
import { probeRoutes } from '../src/routes/probes';
import { sessionRoutes } from '../src/routes/session';
import { openApi } from '../src/openapi';
import { hostAllowed } from '../src/http/guard';
import { type Line, modelDelayMs, simulatedLine, Unanswered } from '../src/prober/line';
import { measureDelay } from '../src/prober/prober';
import type { Delay } from '@relay/core/plan/types';
import { ask, editOf, type Running, startServer } from './harness';

let server: Running;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

/** `fetch` does not let a test choose the Host header. */
function statusWithHost(host: string): Promise<number> {
  return new Promise((resolve, reject) => {
    const asked = request(`${server.url}/api/v1/health`, { headers: { host } }, (response) =>
      resolve(response.resume().statusCode!),
    );
    asked.on('error', reject).end();
  });
}

describe('guard', () => {
  it.each([
    ['localhost:4417', 200],
    ['127.0.0.1', 200],
    ['relay.example', 200],
    ['rebound.example', 421],
    ['127.0.0.1.rebound.example', 421],
  ])('a request to %s gets %i', async (host, status) => {
    expect(await statusWithHost(host)).toBe(status);
  });

  it('takes IPv6 loopback and no empty name', () => {
    const here = { remoteAddress: '::1', localAddress: '::1' };
    expect(['[::1]:4417', '', undefined].map((host) => hostAllowed(host, [], here))).toEqual([true, false, false]);
  });

  it.each([
    [{ origin: 'http://elsewhere.example' }, 403],
    [{ 'sec-fetch-site': 'cross-site' }, 403],
    [{ origin: 'null' }, 403],
    [{ 'sec-fetch-site': 'same-origin' }, 201],
  ] as [Record<string, string>, number][])('a write with %j gets %i', async (headers, status) => {
    expect((await ask(server.url, 'POST', '/api/v1/plans', { name: 'x' }, headers)).status).toBe(status);
  });
});

describe('pages', () => {
  it('carry a strict content policy with a fresh nonce', async () => {
    const [one, two] = [
      await ask<string>(server.url, 'GET', '/plan/x/agreement'),
      await ask<string>(server.url, 'GET', '/'),
    ];
    const policy = one.headers.get('content-security-policy')!;
    const nonce = /'nonce-([^']+)'/.exec(policy)![1]!;
    expect(one.body).toContain(`content="${nonce}"`);
    expect(two.body).not.toContain(nonce);
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/unsafe|https?:/);
    expect(one.headers.get('x-content-type-options')).toBe('nosniff');
  });

  it('serve files, and no file outside their folder', async () => {
    expect((await ask(server.url, 'GET', '/icon.svg')).type).toContain('svg');
    expect((await ask(server.url, 'GET', '/missing.js')).status).toBe(404);
    expect((await ask(server.url, 'GET', '/..%2f..%2fpackage.json')).status).toBeGreaterThanOrEqual(400);
  });
});

describe('health', () => {
  it('answers', async () => {
    expect((await ask(server.url, 'GET', '/api/v1/health')).body).toMatchObject({ status: 'ok' });
    expect((await ask(server.url, 'GET', '/api/v1/ready')).body).toEqual({ status: 'ok' });
  });
});

describe('the prober', () => {
  it('measures what answers, and says that nothing did', async () => {
    const probe = (host: string) =>
      ask<{ host: string; delay: Delay | null }>(server.url, 'POST', '/api/v1/probes', { host });
    const { body } = await probe('near.example');
    expect(body).toMatchObject({ host: 'near.example', delay: { lost: 0 } });
    expect(body.delay!.lowMs).toBeLessThanOrEqual(body.delay!.medianMs);
    expect((await probe('silent.example')).body).toEqual({ host: 'silent.example', delay: null });
    expect((await ask(server.url, 'POST', '/api/v1/probes', { host: '' })).status).toBe(422);
  });

  it('takes the median of what was answered, counts what was lost, and stops when nobody waits', async () => {
    let asked = 0;
    const lossy: Line = {
      ask: async (_, signal) => {
        asked += 1;
        signal.throwIfAborted();
        if (asked % 2 === 0) throw new Unanswered('x');
      },
    };
    expect(
      await measureDelay(lossy, 'x', new AbortController().signal, () => new Date('2026-11-23T12:00:00Z')),
    ).toMatchObject({ lost: 2, at: '2026-11-23T12:00:00.000Z' });
    const gone = new AbortController();
    gone.abort();
    asked = 0;
    await expect(measureDelay(lossy, 'x', gone.signal)).rejects.toThrow(/abort/i);
    expect(asked).toBe(1);
  });

  it('asks a line on which a server stays where it is, answers no sooner than that, and now and then not at all', async () => {
    const host = 'merrin.lantern.example';
    expect(modelDelayMs(host)).toBe(modelDelayMs(host.toUpperCase()));
    for (const one of [host, 'dunsel.lantern.example', 'tarn.causeway.example'])
      expect(modelDelayMs(one) >= 6 && modelDelayMs(one) <= 150).toBe(true);
    const start = performance.now();
    await simulatedLine(() => 0.5).ask(host, new AbortController().signal);
    // Timers may fire a millisecond early, never much.
    expect(performance.now() - start).toBeGreaterThan(modelDelayMs(host) - 2);
    await expect(simulatedLine(() => 0).ask('x.example', new AbortController().signal)).rejects.toThrow(Unanswered);
  });
});

describe('OpenAPI', () => {
  const described = Object.entries(openApi.paths).flatMap(([path, item]) =>
    Object.keys(item)
      .filter((key) => key !== 'parameters')
      .map((method) => `${method} ${path}`),
  );

  it('describes every route, and no other', () => {
    const routers = [
      planRoutes(null as never, null as never),
      healthRoutes(null as never, null as never),
      probeRoutes(null as never),
      scenarioRoutes(null as never),
      sessionRoutes(null),
      directoryRoutes(null as never, null as never),
    ];
    const routes = routers.flatMap((router) =>
      router.stack.flatMap((layer) =>
        layer.methods
          .filter((method) => method !== 'HEAD')
          .map(
            (method) =>
              `${method.toLowerCase()} ${String(layer.path)
                .replace('/api/v1', '')
                .replace(/:(\w+)/g, '{$1}')}`,
          ),
      ),
    );
    expect([...routes].sort()).toEqual([...described].sort());
  });

  it('is the one that is published', () => {
    expect(JSON.parse(readFileSync(new URL('../../docs/openapi.json', import.meta.url), 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(openApi)),
    );
  });

  it('holds for the answers', async () => {
    const ajv = new Ajv2020({ strict: false });
    const holds = (path: keyof typeof openApi.paths, method: string, answer: { status: number; body: unknown }) => {
      const responses = (
        openApi.paths[path] as unknown as Record<
          string,
          { responses: Record<number, { content: Record<string, { schema: object }> }> }
        >
      )[method]!.responses;
      const schema = Object.values(responses[answer.status]!.content)[0]!.schema;
      expect(ajv.validate(schema, answer.body), `${method} ${path} ${answer.status}: ${ajv.errorsText()}`).toBe(true);
    };
    const call = (method: string, path: string, body?: unknown) =>
      ask<never>(server.url, method, `/api/v1${path}`, body);
    const made = await call('POST', '/plans', { demo: 'inherited' });
    holds('/probes', 'post', await call('POST', '/probes', { host: 'near.example' }));
    holds('/probes', 'post', await call('POST', '/probes', { host: 'silent.example' }));
    holds('/plans', 'post', made);
    const { id } = made.body as { id: string };
    holds('/plans', 'get', await call('GET', '/plans'));
    const opened = await call('GET', `/plans/${id}`);
    holds('/plans/{id}', 'get', opened);
    const { document } = opened.body as { document: never };
    const edits = [editOf(document, (plan) => void (plan.station.place = 'Merrin'))];
    holds('/plans/{id}', 'patch', await call('PATCH', `/plans/${id}`, { version: 1, edits }));
    holds('/plans/{id}', 'patch', await call('PATCH', `/plans/${id}`, { version: 1, edits }));
    holds('/plans/{id}/edits', 'get', await call('GET', `/plans/${id}/edits?after=0`));
    holds('/plans/{id}/duplicate', 'post', await call('POST', `/plans/${id}/duplicate`, { name: 'copy' }));
    holds('/plans/{id}', 'delete', await call('DELETE', `/plans/${id}`));
    holds('/plans/{id}', 'get', await call('GET', `/plans/${id}`));
    holds('/plans/{id}/restore', 'post', await call('POST', `/plans/${id}/restore`));
    holds('/plans', 'post', await call('POST', '/plans', {}));
    holds('/health', 'get', await call('GET', '/health'));
  });
});
