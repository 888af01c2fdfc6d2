/** The server's API as functions. A problem document becomes an `ApiProblem`; no answer at all, a `ServerGone`. */
import type { Band } from '@relay/core/units/bands';
import type { EditRecord } from '@relay/core/plan/history';
import type { Patch } from '@relay/core/plan/patches';
import type { ReadFinding } from '@relay/core/formats/format';
import type { CorrectableField, ListDifference } from '@relay/core/lists/corrections';
import type {
  FiledSite,
  ListSummary,
  FoundSites,
  NearSite,
  SiteCorrection,
  SiteMap,
  Trip,
} from '@relay/core/lists/filed';
import type { Column } from '@relay/core/lists/types';
import type { Delay, Plan, Position } from '@relay/core/plan/types';

export interface PlanSummary {
  id: string;
  name: string;
  version: number;
  updatedAt: string;
  deletedAt: string | null;
  /** Why it cannot be read; `null` for a sound plan. */
  spoiled: string | null;
}

export interface SavedEdit extends EditRecord {
  version: number;
  /** ISO 8601. */
  at: string;
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

export interface ListCounts {
  good: number;
  doubtful: number;
  rejected: number;
  findings: ReadFinding[];
}

export interface ListPreview extends ListCounts {
  layout: string;
  headed: boolean;
  header: string[] | null;
  /** With the reason of each; at most some thousands. */
  rejectedLines: { line: number; cells: string[]; why: string }[];
  columns: Column[];
  sample: string[][];
  /** Columns that hold something and are not used. */
  unread: { title: string; filled: number }[];
  /** Against the list of that name that is there; `null` when there is none. */
  difference: ListDifference | null;
  /** A list of another name that knows most of these sites: this is probably a newer version of it. */
  alike: { name: string; share: number } | null;
}

export const EVERY_SITE: SiteFilter = { mode: '', sends: null, network: '', status: '', country: '' };

/** Empty where nothing is asked for. */
export interface SiteFilter {
  mode: string;
  /** A band of the licence, by what the sites send on. */
  sends: Band | null;
  network: string;
  status: string;
  country: string;
}

/** The server, or what it needs, does not answer now; whatever was asked is asked again later. */
export class ServerGone extends Error {
  constructor(
    message: string,
    /** What is waited for. */
    readonly waitsFor: 'server' | 'database' = 'server',
  ) {
    super(message);
  }
}

/** This server asks for its password. */
export class SignInNeeded extends Error {}

export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly body: {
      type?: string;
      title: string;
      detail?: string;
      version?: number;
      /** `null`: too long ago to be told. */
      since?: SavedEdit[] | null;
      problems?: { pointer: string; found: string; expected: string }[];
    },
  ) {
    super(body.detail ?? body.title);
  }
}

const DATABASE_AWAY = 'urn:yellow-relay:problem:database-away';

/**
 * An answer that is no success. A fault of the server, a gateway's own page, a server just going down: the same to us
 * as silence.
 */
async function problemOf(response: Response): Promise<Error> {
  const isJson = response.headers.get('content-type')?.includes('json');
  const body = isJson ? ((await response.json()) as ApiProblem['body']) : null;
  if (response.status === 401) {
    signInNeeded.dispatchEvent(new Event('needed'));
    return new SignInNeeded(body?.detail);
  }
  if (!body || response.status >= 500)
    return new ServerGone(
      body?.detail ?? `The server answered ${response.status}.`,
      body?.type === DATABASE_AWAY ? 'database' : 'server',
    );
  return new ApiProblem(response.status, body);
}

/** Says `needed` when the server asks for its password. */
export const signInNeeded = new EventTarget();

async function call<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  let response: Response;
  try {
    const init: RequestInit = { method, ...(signal ? { signal } : {}) };
    if (body instanceof Blob) Object.assign(init, { headers: { 'Content-Type': 'application/octet-stream' }, body });
    else if (body !== undefined)
      Object.assign(init, { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });
    response = await fetch(`/api/v1${path}`, init);
  } catch {
    throw new ServerGone('The server does not answer.');
  }
  if (!response.ok) {
    throw await problemOf(response);
  }
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** An answer in lines: how far the work is, then what came of it. */
async function callWithProgress<T>(
  path: string,
  body: Blob,
  signal: AbortSignal,
  told: (done: number, of: number) => void,
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/x-ndjson' },
      body,
      signal,
    });
  } catch {
    throw new ServerGone('The server does not answer.');
  }
  if (!response.ok) throw await problemOf(response);
  let rest = '';
  for (const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader(); ;) {
    const { done, value } = await reader.read();
    const lines = (rest + (value ?? '')).split('\n');
    rest = lines.pop()!;
    for (const line of lines) {
      const said = JSON.parse(line) as {
        done?: number;
        of?: number;
        answer?: T;
        problem?: ApiProblem['body'] & { status: number };
      };
      if (said.answer) return said.answer;
      if (said.problem) throw new ApiProblem(said.problem.status, said.problem);
      told(said.done!, said.of!);
    }
    if (done) throw new ServerGone('The server stopped in the middle of the answer; nothing was stored.');
  }
}

function query(values: object): string {
  const search = new URLSearchParams();
  for (const [name, value] of Object.entries(values) as [string, string | number | null][])
    if (value !== null && value !== '') search.set(name, String(value));
  return search.toString();
}

export const api = {
  list: (deleted: boolean) => call<PlanSummary[]>('GET', `/plans${deleted ? '?deleted=true' : ''}`),
  create: (body: { name?: string; demo?: string; document?: unknown }) => call<PlanSummary>('POST', '/plans', body),
  open: (id: string) => call<Opened>('GET', `/plans/${id}`),
  edit: (id: string, version: number, edits: OutgoingEdit[]) =>
    call<{ version: number; edits: SavedEdit[]; since: SavedEdit[] }>('PATCH', `/plans/${id}`, { version, edits }),
  editsAfter: (id: string, version: number) => call<SavedEdit[]>('GET', `/plans/${id}/edits?after=${version}`),
  duplicate: (id: string, name: string) => call<PlanSummary>('POST', `/plans/${id}/duplicate`, { name }),
  remove: (id: string) => call<PlanSummary>('DELETE', `/plans/${id}`),
  erase: (id: string) => call<undefined>('POST', `/plans/${id}/erase`),
  signIn: (password: string) => call<undefined>('POST', '/session', { password }),
  probe: (host: string, signal: AbortSignal) =>
    call<{ host: string; delay: Delay | null }>('POST', '/probes', { host }, signal),
  checkScenario: (scenario: unknown) => call<undefined>('POST', '/scenarios/check', scenario),
  lists: (forgotten = false) => call<ListSummary[]>('GET', `/lists${forgotten ? '?forgotten=true' : ''}`),
  listUse: (id: string) => call<{ plans: string[]; corrections: number }>('GET', `/lists/${id}/use`),
  restoreList: (id: string) => call<undefined>('POST', `/lists/${id}/restore`),
  previewList: (file: Blob, name: string, fields: string, signal: AbortSignal) =>
    call<ListPreview>('POST', `/lists/preview?${query({ name, fields })}`, file, signal),
  addList: (
    about: { name: string; source: string; licence: string; issuedOn: string; fields: string },
    file: Blob,
    signal: AbortSignal,
    told: (done: number, of: number) => void,
  ) => callWithProgress<{ list: ListSummary } & ListCounts>(`/lists?${query(about)}`, file, signal, told),
  correct: (
    { listId, line }: Pick<FiledSite, 'listId' | 'line'>,
    correction: { field: CorrectableField; text: string; who: string; why: string },
  ) => call<undefined>('PUT', `/lists/${listId}/sites/${line}/corrections`, correction),
  uncorrect: ({ listId, line }: Pick<FiledSite, 'listId' | 'line'>, field: CorrectableField) =>
    call<undefined>('DELETE', `/lists/${listId}/sites/${line}/corrections/${field}`),
  corrections: (listId: string) => call<SiteCorrection[]>('GET', `/lists/${listId}/corrections`),
  /** In the order of the list; at most a thousand. */
  sitesOf: (listId: string, limit = 1000) => call<FiledSite[]>('GET', `/lists/${listId}/sites?limit=${limit}`),
  removeList: (id: string) => call<undefined>('DELETE', `/lists/${id}`),
  near: (
    from: Position,
    limit: number,
    { sends, ...filter }: SiteFilter & { withinM?: number },
    signal?: AbortSignal,
  ) =>
    call<NearSite[]>(
      'GET',
      `/sites/near?${query({ ...from, limit, ...filter, ...(sends ? { lowHz: sends.lowHz, highHz: sends.highHz } : {}) })}`,
      undefined,
      signal,
    ),
  /** Sites by words; `onlyUnplaced`: only those of which nobody has said where they are. */
  find: (
    words: string,
    limit: number,
    { sends, ...filter }: SiteFilter & { from: Position | null; onlyUnplaced?: boolean },
    signal?: AbortSignal,
  ) => {
    const { from, onlyUnplaced, ...more } = filter;
    const asked = {
      words,
      limit,
      ...more,
      ...(from ?? {}),
      ...(onlyUnplaced ? { placed: 'false' } : {}),
      ...(sends ? { lowHz: sends.lowHz, highHz: sends.highHz } : {}),
    };
    return call<FoundSites>('GET', `/sites/find?${query(asked)}`, undefined, signal);
  },
  /** Which of these sites a list still holds, in their order. */
  held: (listId: string, sites: readonly Pick<FiledSite, 'callSign' | 'module' | 'txHz'>[]) =>
    call<{ held: boolean[] }>('POST', `/lists/${listId}/held`, { sites }),
  along: (
    points: readonly Position[],
    widthM: number,
    { mode, sends, network, status, country }: SiteFilter,
    signal: AbortSignal,
  ) =>
    call<Trip>(
      'POST',
      '/sites/along',
      {
        points,
        widthM,
        mode: mode || null,
        sends,
        network: network || null,
        status: status || null,
        country: country || null,
      },
      signal,
    ),
  map: (signal: AbortSignal) => call<SiteMap>('GET', '/sites/map', undefined, signal),
  restore: (id: string) => call<PlanSummary>('POST', `/plans/${id}/restore`),
};

export type Api = typeof api;
