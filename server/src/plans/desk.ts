/**
 * Everything about plans that takes time, for a thread of its own: reading and checking documents, edits in batches,
 * answers as texts that the main thread only passes on. It keeps the plans that are in use at hand; what it lacks it
 * asks for.
 */
import { emptyPlan } from '@relay/core/plan/create';
import { edit } from '@relay/core/plan/edit';
import { overlap } from '@relay/core/plan/overlap';
import { applyEach, type Patch, PatchError } from '@relay/core/plan/patches';
import type { Problem } from '@relay/core/plan/problem';
import { brokenReferences } from '@relay/core/plan/references';
import { fitsSecret, mapPatchSecrets, mapSecrets } from '@relay/core/plan/secrets';
import type { Plan } from '@relay/core/plan/types';
import { shapeProblems, validatePlan } from '@relay/core/plan/validate';
import { MODES } from '@relay/core/registries/modes';
import { readScenario } from '@relay/core/rehearse/read-scenario';
import { DEMO_PLANS } from '../../../demo/ostrey-isles';
import { practicePlan } from '../../../demo/practice';
import type { EditRow } from '../db/entities';
import { CREATE_BODY, EDITS_BODY } from '../http/schemas';
import { bodyProblems } from '../http/validate';
import { holdsToken, type SealedSecret, Vault } from './vault';

/** An edit as a window sends it. */
export interface NewEdit {
  id: string;
  kind: Exclude<EditRow['kind'], 'format'>;
  target: string | null;
  label: string;
  patches: Patch[];
}

/** An edit in the history; `at`: ISO 8601. */
export type HistoryRow = Omit<EditRow, 'at'> & { at: string };

/** Why a request is refused. */
export type Refusal =
  | { kind: 'unreadable'; detail: string }
  | { kind: 'invalid-request' | 'invalid-plan'; problems: Problem[] }
  | { kind: 'stale'; version: number; since: string | null };

type Outcome = { kind: 'done'; answer: string } | Refusal;

/** A plan to be stored: its document with tokens for secrets. */
export type Made = { name: string; document: string; secrets: SealedSecret[] } | Refusal;

/** A plan as it is stored: its document of some version, the edits after it, and its secrets, as texts of JSON. */
export interface Whole {
  document: string;
  version: number;
  rows: string;
  secrets: string;
}

/** A plan at one version; `whole` where it was not at hand when it was first asked for. */
interface AskedAt {
  planId: string;
  version: number;
  whole: Whole | null;
}

/** What the desk lacks to answer: the whole plan, or its history behind a version. */
export type Lack = { lacks: 'plan' } | { lacks: 'history'; after: number };

export interface Applied {
  outcomes: Outcome[];
  /** History rows to be stored, as JSON for `json_to_recordset`. */
  rows: string;
  ids: string[];
  secrets: SealedSecret[];
  version: number;
  name: string;
}

interface Held {
  version: number;
  /** With tokens for secrets; frozen. */
  plan: Plan;
  vault: Vault;
  /** The newest edits, without a gap up to `version`. */
  history: HistoryRow[];
  /** Letters of its document: what it weighs. */
  weight: number;
}

const MOST_WEIGHT = 40_000_000;
const MOST_HISTORY = 1000;
const MOST_HISTORY_WEIGHT = 4_000_000;
const NO_ROWS: HistoryRow[] = [];

const createProblems = bodyProblems(CREATE_BODY);
const editsProblems = bodyProblems(EDITS_BODY);

function parse(bytes: Uint8Array): { body: unknown } | Refusal {
  try {
    return { body: JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes)) as unknown };
  } catch (error) {
    return { kind: 'unreadable', detail: error instanceof Error ? error.message : String(error) };
  }
}

const isRefusal = (value: object): value is Refusal => 'kind' in value;

export class PlanDesk {
  /** The one that was used last stands last. */
  private readonly held = new Map<string, Held>();
  /** What a plan will be once the database has taken it. */
  private readonly tentative = new Map<string, Held>();
  private readonly weights = new WeakMap<HistoryRow, number>();
  /** The plan of scenarios that bring none; made when one is asked for. */
  private practice: Plan | null = null;

  constructor(private readonly key: Uint8Array) {}

  /** A new plan from the body of a request, for the given id. */
  make({ planId, body: bytes }: { planId: string; body: Uint8Array }): Made {
    const read = parse(bytes);
    if (isRefusal(read)) return read;
    const problems = createProblems(read.body);
    if (problems.length > 0) return { kind: 'invalid-request', problems };
    const { name, demo, document } = read.body as { name?: string; demo?: string; document?: unknown };
    let raw: unknown = document ?? emptyPlan(name ?? 'New plan');
    if (demo !== undefined) {
      if (!Object.hasOwn(DEMO_PLANS, demo))
        return {
          kind: 'invalid-request',
          problems: [{ pointer: '/demo', found: demo, expected: `one of ${Object.keys(DEMO_PLANS).join(', ')}` }],
        };
      raw = DEMO_PLANS[demo]!();
    }
    const first = validatePlan(raw);
    const { plan, problems: unsound } =
      first.plan && name !== undefined ? validatePlan({ ...first.plan, name }) : first;
    if (!plan) return { kind: 'invalid-plan', problems: unsound };
    return this.sealed(planId, plan);
  }

  /** Whether a scenario that somebody gives can be rehearsed; `null`: it can. */
  checkScenario({ body: bytes }: { body: Uint8Array }): Refusal | null {
    const read = parse(bytes);
    if (isRefusal(read)) return read;
    const { problems } = readScenario(read.body, (this.practice ??= practicePlan()), MODES);
    return problems.length > 0 ? { kind: 'invalid-request', problems } : null;
  }

  /** A plan of the desk once more, under another id and name. */
  copy({ as, name, ...asked }: AskedAt & { as: string; name: string }): Made | Lack {
    const held = this.at(asked);
    if (!held) return { lacks: 'plan' };
    const { plan, problems } = validatePlan({ ...this.opened(held, held.plan), name });
    return plan ? this.sealed(as, plan) : { kind: 'invalid-plan', problems };
  }

  private sealed(planId: string, plan: Plan): Made {
    const vault = new Vault(this.key, planId);
    const document = JSON.stringify(mapSecrets(plan, (secret) => vault.seal(secret)));
    return { name: plan.name, document, secrets: vault.takeFresh() };
  }

  /** Takes a plan in, in place of what is at hand of it. */
  load({ planId, whole }: { planId: string; whole: Whole }): void {
    this.keep(planId, this.heldFrom(planId, whole));
  }

  private heldFrom(planId: string, { document, rows, secrets, version }: Whole): Held {
    const history = JSON.parse(rows) as HistoryRow[];
    const { document: plan } = applyEach(
      JSON.parse(document) as Plan,
      history.map((row) => row.patches),
    );
    return {
      version: history.at(-1)?.version ?? version,
      plan,
      vault: new Vault(this.key, planId, JSON.parse(secrets) as SealedSecret[]),
      history,
      weight: document.length,
    };
  }

  /** The answer to who opens a plan. `recent`: its newest edits as JSON, oldest first. */
  open({ recent, ...asked }: AskedAt & { recent: string }): string | Lack {
    const held = this.at(asked);
    if (!held) return { lacks: 'plan' };
    const rows = this.openedRows(held, JSON.parse(recent) as HistoryRow[]);
    return `{"id":${JSON.stringify(asked.planId)},"version":${held.version},"document":${JSON.stringify(this.opened(held, held.plan))},"recent":${JSON.stringify(rows)}}`;
  }

  /** Edits with their secrets in place of the tokens. */
  openRows({ rows, ...asked }: AskedAt & { rows: string }): string | Lack {
    const held = this.at(asked);
    return held ? JSON.stringify(this.openedRows(held, JSON.parse(rows) as HistoryRow[])) : { lacks: 'plan' };
  }

  /** The document as it is stored, with tokens. */
  snapshot(asked: AskedAt): string | Lack {
    const held = this.at(asked);
    return held ? JSON.stringify(held.plan) : { lacks: 'plan' };
  }

  /**
   * Requests to edit a plan that is at `version`, one after another, each all or nothing. A request made on an older
   * version is taken where it touches nothing of what came since and the plan stays sound; else it is told what came
   * since. Nothing is kept until `settle` says that the database has it.
   * @param older edits of the history that the desk asked for, as JSON
   * @param refused ids of edits that are recorded already, elsewhere
   */
  apply({
    planId,
    version,
    requests,
    older,
    refused,
  }: {
    planId: string;
    version: number;
    requests: readonly Uint8Array[];
    older: string | null;
    refused: readonly string[];
  }): Applied | Lack {
    let held = this.held.get(planId);
    if (!held) return { lacks: 'plan' };
    // Another process's edits may name secrets that this desk has not seen: then the plan is read afresh, with them.
    if (older !== null && held.version < version && holdsToken(older)) return { lacks: 'plan' };
    if (older !== null) held = this.caughtUp(planId, held, JSON.parse(older) as HistoryRow[]);
    if (held.version < version) return older === null ? { lacks: 'history', after: held.version } : { lacks: 'plan' };
    if (held.version > version) return { lacks: 'plan' };
    const read = requests.map((bytes) => this.read(bytes, refused));
    const oldest = Math.min(...read.map((one) => ('version' in one && 'edits' in one ? one.version : version)));
    const from = version - held.history.length;
    if (older === null && oldest < from) return { lacks: 'history', after: oldest };

    const made: HistoryRow[] = [];
    let now = held;
    const outcomes = read.map((one): Outcome => {
      if (isRefusal(one)) return one;
      const done = this.applyOne(planId, now, one);
      if ('refusal' in done) return done.refusal;
      made.push(...done.rows);
      now = done.held;
      return { kind: 'done', answer: done.answer };
    });
    this.tentative.set(planId, { ...now, history: this.atHand(now.history) });
    return {
      outcomes,
      rows: JSON.stringify(made),
      ids: made.map((row) => row.id),
      secrets: held.vault.takeFresh(),
      version: now.version,
      name: now.plan.name,
    };
  }

  /** The database has taken what was last applied, or has not. */
  settle({ planId, taken }: { planId: string; taken: boolean }): void {
    const next = this.tentative.get(planId);
    this.tentative.delete(planId);
    if (taken && next) this.keep(planId, next);
    // Its secrets may name rows that are not there: better read it afresh.
    else this.held.delete(planId);
  }

  forget({ planId }: { planId: string }): void {
    this.held.delete(planId);
  }

  /** The newest edits, as many as are worth being kept. */
  private atHand(history: readonly HistoryRow[]): HistoryRow[] {
    let weight = 0;
    const from = history.findLastIndex((row, at) => {
      const known = this.weights.get(row) ?? JSON.stringify(row).length;
      this.weights.set(row, known);
      weight += known;
      return weight > MOST_HISTORY_WEIGHT || history.length - at > MOST_HISTORY;
    });
    return history.slice(from + 1);
  }

  private read(bytes: Uint8Array, refused: readonly string[]): { version: number; edits: NewEdit[] } | Refusal {
    const read = parse(bytes);
    if (isRefusal(read)) return read;
    const problems = editsProblems(read.body);
    if (problems.length > 0) return { kind: 'invalid-request', problems };
    const request = read.body as { version: number; edits: NewEdit[] };
    const known = request.edits.find(
      (one, at) => refused.includes(one.id) || request.edits.findIndex((other) => other.id === one.id) !== at,
    );
    return known
      ? {
          kind: 'invalid-request',
          problems: [
            { pointer: '/edits', found: `edit ${known.id}, which is recorded already`, expected: 'edits with new ids' },
          ],
        }
      : request;
  }

  private applyOne(
    planId: string,
    held: Held,
    request: { version: number; edits: NewEdit[] },
  ): { held: Held; rows: HistoryRow[]; answer: string } | { refusal: Refusal } {
    const { vault } = held;
    if (request.version > held.version) return { refusal: { kind: 'stale', version: held.version, since: null } };
    const first = held.version - held.history.length;
    const since = request.version < held.version ? held.history.slice(Math.max(0, request.version - first)) : NO_ROWS;
    const stale = (): { refusal: Refusal } => ({
      refusal: {
        kind: 'stale',
        version: held.version,
        since: request.version < first ? null : JSON.stringify(this.openedRows(held, since)),
      },
    });
    // The window has been away for longer than the history is kept at hand.
    if (request.version < first) return stale();
    const done = new Set(since.map((row) => row.id));
    const edits = request.edits
      .filter((one) => !done.has(one.id))
      .map((one) => ({
        ...one,
        patches: mapPatchSecrets(one.patches, (secret, name) =>
          fitsSecret(name, secret) ? vault.seal(secret) : secret,
        ),
      }));
    const others = since.filter((row) => !request.edits.some((one) => one.id === row.id));
    const [mine, theirs] = [edits, others].map((all) => all.flatMap((one) => one.patches));
    if (overlap(mine!, theirs!)) return stale();
    let plan: Plan;
    let inverses: Patch[][];
    try {
      ({ document: plan, inverses } = applyEach(
        held.plan,
        edits.map((one) => one.patches),
      ));
    } catch (error) {
      if (!(error instanceof PatchError)) throw error;
      if (others.length > 0) return stale();
      const { pointer, found, expected } = error;
      return { refusal: { kind: 'invalid-request', problems: [{ pointer, found, expected }] } };
    }
    const problems = shapeProblems(plan);
    const isBroken = problems.length === 0 && brokenReferences(plan).length > 0;
    if (others.length > 0 && (problems.length > 0 || isBroken)) return stale();
    if (problems.length > 0) return { refusal: { kind: 'invalid-plan', problems } };
    const rows = edits.map((one, at): HistoryRow => ({
      planId,
      version: held.version + at + 1,
      id: one.id,
      kind: one.kind,
      target: one.target,
      label: one.label,
      patches: one.patches,
      inverse: inverses[at]!,
      at: new Date().toISOString(),
    }));
    const last = rows.at(-1);
    if (isBroken && last) {
      const mended = edit(plan, () => undefined);
      plan = mended.plan;
      last.patches = [...last.patches, ...mended.patches];
      last.inverse = [...mended.inverse, ...last.inverse];
    }
    const next: Held = { ...held, plan, version: held.version + rows.length, history: [...held.history, ...rows] };
    const answer = `{"version":${next.version},"edits":${JSON.stringify(this.openedRows(held, rows))},"since":${JSON.stringify(this.openedRows(held, since))}}`;
    return { held: next, rows, answer };
  }

  /** Takes in edits of the history: those behind what is at hand, and those that another process made since. */
  private caughtUp(planId: string, held: Held, rows: readonly HistoryRow[]): Held {
    const newer = rows.filter((row) => row.version > held.version);
    const first = held.version - held.history.length + 1;
    const { document: plan } = applyEach(
      held.plan,
      newer.map((row) => row.patches),
    );
    const next: Held = {
      ...held,
      plan,
      version: newer.at(-1)?.version ?? held.version,
      history: [...rows.filter((row) => row.version < first), ...held.history, ...newer],
    };
    this.keep(planId, next);
    return next;
  }

  /** A plan at a version: as it is at hand, else from what is handed in; `null` where neither is. */
  private at({ planId, version, whole }: AskedAt): Held | null {
    const held = this.held.get(planId);
    if (held?.version === version) return held;
    if (!whole) return null;
    const read = this.heldFrom(planId, whole);
    // Edited meanwhile: what is newer stays at hand.
    if (!held || held.version < read.version) this.keep(planId, read);
    return read;
  }

  private opened<T>({ vault }: Held, value: T): T {
    return mapSecrets(value, (token) => vault.open(token));
  }

  private openedRows({ vault }: Held, rows: readonly HistoryRow[]): HistoryRow[] {
    const open = (patches: readonly Patch[]) => mapPatchSecrets(patches, (token) => vault.open(token));
    return rows.map((row) => ({ ...row, patches: open(row.patches), inverse: open(row.inverse) }));
  }

  private keep(planId: string, held: Held): void {
    this.held.delete(planId);
    this.held.set(planId, held);
    let weight = [...this.held.values()].reduce((sum, one) => sum + one.weight, 0);
    for (const [id, one] of this.held) {
      if (weight <= MOST_WEIGHT || id === planId) break;
      this.held.delete(id);
      weight -= one.weight;
    }
  }
}
