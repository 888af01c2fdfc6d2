/**
 * Plans and their history. An edit is one row of history, written in the same transaction as the plan's new version;
 * the document itself is written now and then, and what is true is that document with the edits after it. What takes
 * time is done at the desk, a thread of its own.
 */
import { randomUUID } from 'node:crypto';
import type { Logger } from 'pino';
import type { DataSource, EntityManager } from 'typeorm';
import { InvalidPlan, InvalidRequest, NotFound, Overloaded, Spoiled, StaleVersion, Unreadable } from '../errors';
import { Thread } from '../threads/thread';
import type { Applied, Lack, Made, Refusal, Whole } from './desk';
import type { DeskOperations } from './desk-worker';
import { holdsToken } from './vault';

export interface PlanSummary {
  id: string;
  name: string;
  version: number;
  updatedAt: string;
  deletedAt: string | null;
  /** Why it cannot be read; `null` for a sound plan. */
  spoiled: string | null;
}

interface Head {
  version: number;
  documentVersion: number;
}

interface Request {
  body: Uint8Array;
  resolve: (answer: string) => void;
  reject: (error: unknown) => void;
}

export const PLAN_CHANNEL = 'plan_changed';

/** Edits kept at hand for undo when a plan is opened. */
const RECENT_EDITS = 200;
const MOST_EDITS_TOLD = 1000;
const LIMIT_MS = 20_000;
const MOST_AT_ONCE = 100;
const MOST_WAITING = 500;
/**
 * The document is written after this many edits, or letters of them, or when a plan has been left alone for a while.
 */
const SNAPSHOT_EDITS = 200;
const SNAPSHOT_LETTERS = 2_000_000;
const SNAPSHOT_IDLE_MS = 3_000;
/** What stays of the history when the document is written: the newest edits, and all of the last month. */
const KEEP_EDITS = 1000;
const KEEP_DAYS = 30;
const DESK_LIMITS = { maxOldGenerationSizeMb: 700 };

const ROW = `json_build_object('planId', plan_id, 'version', version, 'id', id, 'kind', kind, 'target', target, 'label', label, 'patches', patches, 'inverse', inverse, 'at', at)`;
const SUMMARY = 'id, name, version, updated_at AS "updatedAt", deleted_at AS "deletedAt", spoiled';

const isLack = (answer: object | string): answer is Lack => typeof answer === 'object' && 'lacks' in answer;

function errorOf(refusal: Refusal): Error {
  switch (refusal.kind) {
    case 'unreadable':
      return new Unreadable(refusal.detail);
    case 'stale':
      return new StaleVersion(refusal.version, refusal.since);
    case 'invalid-plan':
      return new InvalidPlan(refusal.problems);
    case 'invalid-request':
      return new InvalidRequest(refusal.problems);
  }
}

function summaryOf(
  row: Record<'updatedAt' | 'deletedAt', Date | null> & Omit<PlanSummary, 'updatedAt' | 'deletedAt'>,
): PlanSummary {
  return { ...row, updatedAt: row.updatedAt!.toISOString(), deletedAt: row.deletedAt?.toISOString() ?? null };
}

export class Plans {
  private readonly desk: Thread<DeskOperations>;
  /** Requests that wait, by plan; a plan that is worked on has a queue, be it empty. */
  private readonly queues = new Map<string, Request[]>();
  /** Edits and letters of them since the document was written, and when it will be. */
  private readonly unwritten = new Map<string, { letters: number; timer: NodeJS.Timeout | null }>();

  constructor(
    private readonly source: DataSource,
    key: Uint8Array,
    private readonly log: Logger,
  ) {
    this.desk = new Thread({ bundle: 'desk-worker', data: { key }, limits: DESK_LIMITS });
  }

  async list(deleted: boolean): Promise<PlanSummary[]> {
    const rows = (await this.source.query(
      `SELECT ${SUMMARY} FROM plan WHERE (deleted_at IS NOT NULL) = $1 ORDER BY name, id`,
      [deleted],
    )) as Parameters<typeof summaryOf>[0][];
    return rows.map(summaryOf);
  }

  /** @throws InvalidPlan, InvalidRequest, Unreadable for a body that is no new plan */
  async create(body: Uint8Array): Promise<PlanSummary> {
    const id = randomUUID();
    return this.store(id, await this.desk.call('make', { planId: id, body }, LIMIT_MS));
  }

  /** @throws InvalidRequest, Unreadable for a scenario that cannot be rehearsed */
  async checkScenario(body: Uint8Array): Promise<void> {
    const refusal = await this.desk.call('checkScenario', { body }, LIMIT_MS);
    if (refusal) throw errorOf(refusal);
  }

  private async store(id: string, made: Made): Promise<PlanSummary> {
    if ('kind' in made) throw errorOf(made);
    return this.source.transaction(async (manager) => {
      const [row] = (await manager.query(
        `INSERT INTO plan (id, name, version, document, document_version) VALUES ($1, $2, 1, $3, 1) RETURNING ${SUMMARY}`,
        [id, made.name, made.document],
      )) as Parameters<typeof summaryOf>[0][];
      await storeSecrets(manager, id, made.secrets);
      return summaryOf(row!);
    });
  }

  /** The plan with its recent edits, as JSON. @throws NotFound, also for a plan that was deleted; Spoiled */
  async open(id: string): Promise<string> {
    return this.reading(id, async (manager, { version }) => {
      const recent = await rowsText(manager, 'version > $2', [id, version - RECENT_EDITS]);
      return this.asking(manager, id, version, (asked) => this.desk.call('open', { ...asked, recent }, LIMIT_MS));
    });
  }

  /** @throws NotFound, also for a plan that was deleted; Spoiled */
  async check(id: string): Promise<void> {
    await headOf(this.source.manager, id);
  }

  /** Edits after a version, the oldest first and at most a thousand, as JSON. @throws NotFound, Spoiled */
  async editsAfter(id: string, after: number): Promise<string> {
    return this.reading(id, async (manager, { version }) => {
      const rows = await rowsText(manager, 'version > $2 AND version <= $3', [id, after, after + MOST_EDITS_TOLD]);
      if (!holdsToken(rows)) return rows;
      return this.asking(manager, id, version, (asked) => this.desk.call('openRows', { ...asked, rows }, LIMIT_MS));
    });
  }

  /** @throws NotFound, Spoiled, InvalidPlan for a name that none may have */
  async duplicate(id: string, name: string): Promise<PlanSummary> {
    const as = randomUUID();
    const made = await this.reading(id, (manager, { version }) =>
      this.asking(manager, id, version, (asked) => this.desk.call('copy', { ...asked, as, name }, LIMIT_MS)),
    );
    return this.store(as, made);
  }

  async setDeleted(id: string, deletedAt: Date | null): Promise<PlanSummary> {
    const [rows] = (await this.source.query(`UPDATE plan SET deleted_at = $2 WHERE id = $1 RETURNING ${SUMMARY}`, [
      id,
      deletedAt,
    ])) as [Parameters<typeof summaryOf>[0][]];
    if (!rows[0]) throw new NotFound('The plan');
    return summaryOf(rows[0]);
  }

  /**
   * Takes a deleted plan away for good: document, history and secrets.
   * @throws NotFound for one that was not deleted before
   */
  async erase(id: string): Promise<void> {
    const [, count] = (await this.source.query('DELETE FROM plan WHERE id = $1 AND deleted_at IS NOT NULL', [id])) as [
      unknown,
      number,
    ];
    if (count !== 1) throw new NotFound('The deleted plan');
    await this.desk.call('forget', { planId: id }, LIMIT_MS);
  }

  /**
   * Carries out a request to edit. Requests for one plan that come while another is at work wait and go in together, in
   * one transaction, each all or nothing.
   * @throws StaleVersion with what happened since, InvalidPlan, InvalidRequest, Unreadable, NotFound, Spoiled;
   * Overloaded when too many wait
   */
  edit(id: string, body: Uint8Array): Promise<string> {
    return new Promise((resolve, reject) => {
      const queue = this.queues.get(id);
      const request = { body, resolve, reject };
      if (!queue) void this.work(id, [request]);
      else if (queue.length >= MOST_WAITING) reject(new Overloaded('too many edits of this plan wait'));
      else queue.push(request);
    });
  }

  private async work(id: string, queue: Request[]): Promise<void> {
    this.queues.set(id, queue);
    while (queue.length > 0) {
      const batch = queue.splice(0, MOST_AT_ONCE);
      try {
        await this.editTogether(id, batch);
      } catch (error) {
        for (const one of batch) one.reject(error);
      }
    }
    this.queues.delete(id);
  }

  private async editTogether(id: string, batch: readonly Request[]): Promise<void> {
    let taken = false;
    let applied: Applied;
    try {
      applied = await this.source.transaction(async (manager) => {
        const { version, documentVersion } = await headOf(manager, id, 'FOR UPDATE');
        const made = await this.apply(
          manager,
          id,
          version,
          batch.map((one) => one.body),
        );
        // Also those of edits that are refused: the desk knows them now, and the same edit sent again would not seal
        // them anew.
        await storeSecrets(manager, id, made.secrets);
        if (made.ids.length === 0) return made;
        await manager.query(
          `INSERT INTO plan_edit (plan_id, version, id, kind, target, label, patches, inverse, at)
           SELECT $1, version, id, kind, target, label, patches, inverse, at FROM json_to_recordset($2)
             AS record (version integer, id uuid, kind text, target uuid, label text, patches jsonb, inverse jsonb, at timestamptz)`,
          [id, made.rows],
        );
        await manager.query('UPDATE plan SET version = $2, name = $3, updated_at = now() WHERE id = $1', [
          id,
          made.version,
          made.name,
        ]);
        await manager.query('SELECT pg_notify($1, $2)', [PLAN_CHANNEL, JSON.stringify({ id, version: made.version })]);
        this.noteUnwritten(id, made.version - documentVersion, made.rows.length);
        return made;
      });
      taken = true;
    } finally {
      await this.desk.call('settle', { planId: id, taken }, LIMIT_MS);
    }
    applied.outcomes.forEach((outcome, at) => {
      if (outcome.kind === 'done') batch[at]!.resolve(outcome.answer);
      else batch[at]!.reject(errorOf(outcome));
    });
  }

  /** Asks the desk, giving it what it lacks. */
  private async apply(
    manager: EntityManager,
    id: string,
    version: number,
    requests: readonly Uint8Array[],
    refused: readonly string[] = [],
  ): Promise<Applied> {
    let older: string | null = null;
    for (let tries = 0; tries < 4; tries += 1) {
      const answer: Applied | Lack = await this.desk.call(
        'apply',
        { planId: id, version, requests, older, refused },
        LIMIT_MS,
      );
      if ('lacks' in answer) {
        if (answer.lacks === 'plan')
          await this.desk.call('load', { planId: id, whole: await wholeOf(manager, id, version) }, LIMIT_MS);
        older =
          answer.lacks === 'history'
            ? await rowsText(manager, 'version > $2', [id, Math.max(answer.after, version - MOST_EDITS_TOLD)])
            : null;
        continue;
      }
      const known = (await manager.query('SELECT id FROM plan_edit WHERE id = ANY($1::uuid[])', [answer.ids])) as {
        id: string;
      }[];
      if (known.length === 0) return answer;
      // Recorded already, in another plan or long ago: the others go in without them.
      await this.desk.call('settle', { planId: id, taken: false }, LIMIT_MS);
      return this.apply(manager, id, version, requests, [...refused, ...known.map((one) => one.id)]);
    }
    throw new Overloaded('the plan is edited faster than it can be read');
  }

  private noteUnwritten(id: string, edits: number, letters: number): void {
    const known = this.unwritten.get(id) ?? { letters: 0, timer: null };
    if (known.timer) clearTimeout(known.timer);
    const sum = known.letters + letters;
    const soon = edits >= SNAPSHOT_EDITS || sum >= SNAPSHOT_LETTERS;
    const timer = setTimeout(() => void this.write(id), soon ? 0 : SNAPSHOT_IDLE_MS);
    timer.unref();
    this.unwritten.set(id, { letters: sum, timer });
  }

  /**
   * Writes the document as it is now, so that opening the plan need not go through all edits; and lets old history go.
   */
  private async write(id: string): Promise<void> {
    this.unwritten.delete(id);
    try {
      await this.reading(
        id,
        async (manager, { version, documentVersion }) => {
          if (version === documentVersion) return;
          const document = await this.desk.call('snapshot', { planId: id, version, whole: null }, LIMIT_MS);
          // Edited meanwhile, or no longer at hand: the next edit asks again.
          if (isLack(document)) return;
          await manager.query(
            'UPDATE plan SET document = $2, document_version = $3 WHERE id = $1 AND document_version < $3',
            [id, document, version],
          );
          await manager.query(
            `DELETE FROM plan_edit WHERE plan_id = $1 AND version <= $2 AND at < now() - interval '${KEEP_DAYS} days'`,
            [id, version - KEEP_EDITS],
          );
        },
        'READ COMMITTED',
      );
    } catch (error) {
      if (!(error instanceof NotFound)) this.log.warn({ err: error, plan: id }, 'the document was not written');
    }
  }

  private async reading<T>(
    id: string,
    read: (manager: EntityManager, head: Head) => Promise<T>,
    isolation: 'REPEATABLE READ' | 'READ COMMITTED' = 'REPEATABLE READ',
  ): Promise<T> {
    return this.source.transaction(isolation, async (manager) => read(manager, await headOf(manager, id)));
  }

  /** Asks the desk for a plan at a version, and hands it over where the desk does not have it. */
  private async asking<T extends object | string>(
    manager: EntityManager,
    planId: string,
    version: number,
    ask: (asked: { planId: string; version: number; whole: Whole | null }) => Promise<T | Lack>,
  ): Promise<T> {
    const first = await ask({ planId, version, whole: null });
    if (!isLack(first)) return first;
    const second = await ask({ planId, version, whole: await wholeOf(manager, planId, version) });
    if (isLack(second)) throw new Error('The desk did not take the plan that it was given.');
    return second;
  }

  async close(): Promise<void> {
    for (const { timer } of this.unwritten.values()) if (timer) clearTimeout(timer);
    await this.desk.close();
  }
}

/** @throws NotFound, also for a plan that was deleted; Spoiled */
async function headOf(manager: EntityManager, id: string, lock = ''): Promise<Head> {
  const [head] = (await manager.query(
    `SELECT version, document_version AS "documentVersion", spoiled FROM plan WHERE id = $1 AND deleted_at IS NULL ${lock}`,
    [id],
  )) as (Head & { spoiled: string | null })[];
  if (!head) throw new NotFound('The plan');
  if (head.spoiled !== null) throw new Spoiled(head.spoiled);
  return head;
}

/** What is stored of a plan, up to a version. @throws NotFound */
async function wholeOf(manager: EntityManager, id: string, version: number): Promise<Whole> {
  const [plan] = (await manager.query(
    `SELECT document::text AS document, document_version AS "version",
       (SELECT coalesce(json_agg(json_build_object('id', s.id, 'sealed', s.sealed)), '[]')::text
        FROM plan_secret s WHERE s.plan_id = plan.id) AS secrets
     FROM plan WHERE id = $1`,
    [id],
  )) as Omit<Whole, 'rows'>[];
  if (!plan) throw new NotFound('The plan');
  return { ...plan, rows: await rowsText(manager, 'version > $2 AND version <= $3', [id, plan.version, version]) };
}

/** History rows of a plan as JSON, the oldest first. `$1` is the plan. */
async function rowsText(manager: EntityManager, where: string, values: readonly unknown[]): Promise<string> {
  const [{ rows }] = (await manager.query(
    `SELECT coalesce(json_agg(${ROW} ORDER BY version), '[]')::text AS rows FROM plan_edit WHERE plan_id = $1 AND ${where}`,
    [...values],
  )) as [{ rows: string }];
  return rows;
}

async function storeSecrets(
  manager: EntityManager,
  planId: string,
  secrets: readonly { id: string; sealed: string }[],
): Promise<void> {
  if (secrets.length > 0)
    await manager.query(
      'INSERT INTO plan_secret (plan_id, id, sealed) SELECT $1, id, sealed FROM json_to_recordset($2) AS record (id uuid, sealed text)',
      [planId, JSON.stringify(secrets)],
    );
}
