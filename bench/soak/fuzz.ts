/** Requests that nobody should send, over every route of the published description and beside them. */
import { request } from 'node:http';
import { connect } from 'node:net';
import { openApi } from '../../server/src/openapi';

/** The same sequence every run. */
function randomFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

const ODD = [
  '',
  '0',
  '-1',
  '1e999',
  'NaN',
  '9007199254740993',
  '99999999999999999999999999',
  '__proto__',
  'constructor',
  'toString',
  '../../etc/passwd',
  '%00',
  '%ff%fe',
  '%F0%9F%93%BB',
  "'; DROP TABLE plan; --",
  'a'.repeat(3000),
  '00000000-0000-0000-0000-000000000000',
  '00000000-0000-0000-0000-00000000000g',
];
const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'HEAD', 'OPTIONS', 'PROPFIND', 'PURGE'];
const TYPES = [
  'application/json',
  'application/json; charset=utf-16',
  'text/plain',
  'application/octet-stream',
  'multipart/form-data',
  '',
];
const deep = (depth: number) => '['.repeat(depth) + ']'.repeat(depth);

export interface Sent {
  method: string;
  path: string;
  headers: Record<string, string>;
  body: string | Buffer | null;
}

export function* fuzz(count: number, ids: readonly string[]): Generator<Sent> {
  const random = randomFrom(7);
  const pick = <T>(all: readonly T[]): T => all[Math.floor(random() * all.length)]!;
  const values = [
    null,
    true,
    0,
    -1,
    1e300,
    2 ** 53,
    '',
    'x',
    '\u0000',
    '\ud800',
    [],
    {},
    { __proto__: 1 },
    'a'.repeat(5000),
  ];
  const value = () => pick(values);
  const bodies = (): string | Buffer | null =>
    pick<() => string | Buffer | null>([
      () => null,
      () => '{',
      () => deep(2000),
      () => JSON.stringify(value()),
      () => JSON.stringify({ name: value(), demo: value(), document: value() }),
      () => '{"__proto__":{"a":1},"name":"x"}',
      () => JSON.stringify({ demo: pick(ODD) }),
      () =>
        JSON.stringify({
          version: value(),
          edits: [
            {
              id: pick(ids),
              kind: 'edit',
              target: null,
              label: 'x',
              patches: [
                {
                  op: pick(['add', 'replace', 'remove', 'test', 'move']),
                  path: pick(['/name', '/__proto__/x', '/a~2b', 'x', '/radios/order/-', '/radios/order/99', '']),
                  value: value(),
                },
              ],
            },
          ],
        }),
      () =>
        JSON.stringify({
          points: [
            { lat: value(), lon: value() },
            { lat: 1, lon: 1 },
          ],
          widthM: value(),
          mode: null,
          sends: value(),
          network: null,
          status: null,
          country: null,
        }),
      () => JSON.stringify({ field: pick(['tone', 'colorCode', 'x']), text: value(), who: value(), why: value() }),
      () => JSON.stringify({ host: value() }),
      () => JSON.stringify({ password: value() }),
      () => JSON.stringify({ sites: [{ callSign: value(), module: value(), txHz: value() }] }),
      () => `call,output\n${pick(ODD)},${pick(ODD)}\n`,
      () => Buffer.from([0x1f, 0x8b, 1, 2, 3, 4]),
      () => Buffer.from([0xff, 0xfe, 0, 0xd8]),
    ])();
  const routes = Object.keys(openApi.paths);
  const fill = (path: string) =>
    path.replace(/\{(\w+)\}/g, () => (random() < 0.5 ? pick(ids) : encodeURI(pick(ODD)) || 'x'));
  for (let at = 0; at < count; at += 1) {
    const known = random() < 0.9;
    const query =
      random() < 0.5
        ? ''
        : `?${pick(['lat', 'lon', 'limit', 'after', 'deleted', 'name', 'fields', 'mode', 'lowHz', 'issuedOn', 'withinM', '__proto__'])}=${encodeURI(pick(ODD))}&lat=${encodeURI(pick(ODD))}`;
    const headers: Record<string, string> = {};
    const type = pick(TYPES);
    if (type !== '') headers['Content-Type'] = type;
    if (random() < 0.1) headers['Content-Encoding'] = pick(['gzip', 'br', 'deflate', 'x']);
    if (random() < 0.05) headers['Accept'] = 'application/x-ndjson';
    if (random() < 0.03) headers['Host'] = pick(['elsewhere.example', 'localhost:1', '127.0.0.1']);
    if (random() < 0.05) headers['Accept-Encoding'] = pick(['gzip', 'br;q=0', '*', 'identity;q=0']);
    yield {
      method: pick(METHODS),
      path: `/api/v1${known ? fill(pick(routes)) : `/${pick(ODD)}`}${query}`,
      headers,
      body: bodies(),
    };
  }
}

/** The status of the answer; `null` where the connection was ended instead. A stream of events is left at once. */
export function send(base: URL, { method, path, headers, body }: Sent): Promise<number | null> {
  return new Promise((done) => {
    const asked = request(
      { host: base.hostname, port: base.port, method, path: encodeURI(decodeSafely(path)), headers },
      (answer) => {
        done(answer.statusCode ?? null);
        if (answer.headers['content-type']?.includes('event-stream')) answer.destroy();
        else answer.resume();
      },
    );
    asked.on('error', () => done(null));
    asked.setTimeout(20_000, () => asked.destroy());
    asked.end(body ?? undefined);
  });
}

/** Lines that are no requests, and requests that are hardly any. */
const RAW = [
  'GARBAGE\r\n\r\n',
  'GET\r\n\r\n',
  'GET /api/v1/plans\r\n\r\n',
  'GET /api/v1/plans HTTP/9.9\r\nHost: localhost\r\n\r\n',
  'GET http://localhost/api/v1/plans HTTP/1.1\r\nHost: localhost\r\n\r\n',
  'GET //api//v1//plans HTTP/1.1\r\nHost: localhost\r\n\r\n',
  'GET /%zz%00 HTTP/1.1\r\nHost: localhost\r\n\r\n',
  'GET /../../etc/passwd HTTP/1.1\r\nHost: localhost\r\n\r\n',
  'GET /api/v1/plans HTTP/1.1\r\n\r\n',
  'GET /api/v1/plans HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n',
  'POST /api/v1/plans HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: -5\r\n\r\n{}',
  'POST /api/v1/plans HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\nzz\r\n',
  'POST /api/v1/plans HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\n2\r\n{}\r\n0\r\n\r\n',
  `GET /${'a'.repeat(20_000)} HTTP/1.1\r\nHost: localhost\r\n\r\n`,
  `GET / HTTP/1.1\r\nHost: localhost\r\n${'X: y\r\n'.repeat(3000)}\r\n`,
  '\u0000\u0001\u0002\r\n\r\n',
];

/** What comes back for each of them: the status, or `null` where the connection was ended without one. */
export async function rawLines(base: URL): Promise<(number | null)[]> {
  const one = (text: string) =>
    new Promise<number | null>((done) => {
      let answer = '';
      const socket = connect(Number(base.port), base.hostname, () => socket.end(text));
      const over = () => done(Number(/^HTTP\/1\.\d (\d{3})/.exec(answer)?.[1] ?? 0) || null);
      socket.setTimeout(5_000, () => socket.destroy());
      socket.on('data', (chunk) => (answer += String(chunk)));
      socket.on('error', over);
      socket.on('close', over);
    });
  return Promise.all(RAW.map(one));
}

function decodeSafely(path: string): string {
  try {
    return decodeURI(path);
  } catch {
    return path;
  }
}
