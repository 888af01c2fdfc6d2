/** The server's API as functions. A problem document becomes an `ApiProblem`; no answer at all, a `ServerGone`. */
import type { EditRecord } from '@relay/core/plan/history';
import type { Patch } from '@relay/core/plan/patches';
import type { Delay, Plan } from '@relay/core/plan/types';

export interface PlanSummary {
  id: string;
  name: string;
  version: number;
  updatedAt: string;
  deletedAt: string | null;
}

export interface SavedEdit extends EditRecord {
  version: number;
}

export interface OutgoingEdit {
  id: string;
  kind: EditRecord['kind'];
  target: string | null;
  label: string;
  patches: Patch[];
}

export interface Opened {
  id: string;
  version: number;
  document: Plan;
  recent: SavedEdit[];
}

export class ServerGone extends Error {}

export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly body: { title: string; detail?: string; version?: number; since?: SavedEdit[]; problems?: { pointer: string; found: string; expected: string }[] },
  ) {
    super(body.detail ?? body.title);
  }
}

async function call<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  let response: Response;
  try {
    const init: RequestInit = { method, ...(signal ? { signal } : {}) };
    if (body !== undefined) Object.assign(init, { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
    response = await fetch(`/api/v1${path}`, init);
  } catch {
    throw new ServerGone('The server does not answer.');
  }
  const isJson = response.headers.get('content-type')?.includes('json');
  if (!response.ok) {
    // A gateway's own page, or a server just going down, is the same to us as silence.
    if (!isJson || response.status >= 502) throw new ServerGone(`The server answered ${response.status}.`);
    throw new ApiProblem(response.status, (await response.json()) as ApiProblem['body']);
  }
  return (await response.json()) as T;
}

export const api = {
  list: (deleted: boolean) => call<PlanSummary[]>('GET', `/plans${deleted ? '?deleted=true' : ''}`),
  create: (body: { name?: string; demo?: string; document?: unknown }) => call<PlanSummary>('POST', '/plans', body),
  open: (id: string) => call<Opened>('GET', `/plans/${id}`),
  edit: (id: string, version: number, edits: OutgoingEdit[]) => call<{ version: number; edits: SavedEdit[] }>('PATCH', `/plans/${id}`, { version, edits }),
  editsAfter: (id: string, version: number) => call<SavedEdit[]>('GET', `/plans/${id}/edits?after=${version}`),
  duplicate: (id: string, name: string) => call<PlanSummary>('POST', `/plans/${id}/duplicate`, { name }),
  remove: (id: string) => call<PlanSummary>('DELETE', `/plans/${id}`),
  probe: (host: string, signal: AbortSignal) => call<{ host: string; delay: Delay | null }>('POST', '/probes', { host }, signal),
  restore: (id: string) => call<PlanSummary>('POST', `/plans/${id}/restore`),
};

export type Api = typeof api;
