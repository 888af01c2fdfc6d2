/** Runs the real application on a free port over the real database. */
import { randomUUID } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inject } from 'vitest';
import type { Recipe } from '@relay/core/plan/edit';
import { edit } from '@relay/core/plan/edit';
import type { Plan } from '@relay/core/plan/types';
import { type AppParts, createApp } from '../src/app';
import { openDatabase } from '../src/db/data-source';
import { PlanEvents } from '../src/events';
import { makeLog } from '../src/http/log';
import { LoopMonitor } from '../src/http/monitor';
import type { NewEdit } from '../src/plans/desk';
import { type Line, Unanswered } from '../src/prober/line';

export interface Running {
  url: string;
  stop: () => Promise<void>;
}

/** Answers at once, except for the host that never does. */
const quickLine: Line = {
  ask: async (host) => {
    if (host === 'silent.example') throw new Unanswered(host);
  },
};

/** The database of the worker that runs this file. */
export function ownDatabase(): string {
  const urls = inject('databaseUrls');
  return urls[(Number(process.env['VITEST_POOL_ID'] ?? 1) - 1) % urls.length]!;
}

/** The key of the secrets of plans in these tests. */
export const KEY = Buffer.alloc(32, 7);

export async function startServer(line: Line = quickLine, more: Partial<AppParts> = {}): Promise<Running> {
  const databaseUrl = ownDatabase();
  const log = makeLog('silent');
  const source = await openDatabase(databaseUrl, KEY);
  const events = new PlanEvents(databaseUrl, log);
  await events.listen();
  const webRoot = mkdtempSync(join(tmpdir(), 'relay-web-'));
  writeFileSync(join(webRoot, 'index.html'), '<html><head><meta name="csp-nonce" content="__NONCE__"></head></html>');
  writeFileSync(join(webRoot, 'icon.svg'), '<svg/>');
  const monitor = new LoopMonitor();
  const app = createApp({
    source,
    databaseUrl,
    key: KEY,
    events,
    log,
    monitor,
    hosts: ['relay.example'],
    access: null,
    webRoot,
    line,
    ...more,
  });
  const answer = app.koa.callback();
  const server: Server = createServer((request, response) => void answer(request, response));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    stop: async () => {
      await events.close();
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      monitor.stop();
      await app.close();
      await source.destroy();
    },
  };
}

export interface Answer<T> {
  status: number;
  type: string;
  headers: Headers;
  body: T;
}

export async function ask<T = Record<string, unknown>>(
  url: string,
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<Answer<T>> {
  const init: RequestInit = {
    method,
    headers: { ...(body === undefined ? {} : { 'Content-Type': 'application/json' }), ...headers },
  };
  if (body !== undefined) init.body = typeof body === 'string' ? body : JSON.stringify(body);
  const response = await fetch(url + path, init);
  const text = await response.text();
  const type = response.headers.get('content-type') ?? '';
  return {
    status: response.status,
    type,
    headers: response.headers,
    body: (type.includes('json') ? JSON.parse(text) : text) as T,
  };
}

/** An edit as a window would send it. */
export function editOf(plan: Plan, recipe: Recipe, more: Partial<NewEdit> = {}): NewEdit {
  return { id: randomUUID(), kind: 'edit', target: null, label: 'test', patches: edit(plan, recipe).patches, ...more };
}
