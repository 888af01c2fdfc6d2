/**
 * One open plan: what the server has, what waits to be sent, and what the user sees (both together).
 *
 *   base ──pending 1──▶ ──pending 2──▶ current
 *
 * An edit shows at once and is sent when the server answers. When another window was faster, the waiting edits are
 * merged into its result (three-way, see the core), so both are kept. Nothing waits only in memory: see
 * `pending-store`.
 */
import { diff } from '@relay/core/plan/diff';
import { placeWords } from '@relay/core/plan/place-words';
import { edit as editPlan, editByPatches, type Recipe } from '@relay/core/plan/edit';
import { type EditRecord, undoStacks, type UndoStep } from '@relay/core/plan/history';
import { mergeDocuments } from '@relay/core/plan/merge';
import { applyPatches, type Patch } from '@relay/core/plan/patches';
import type { Plan } from '@relay/core/plan/types';
import { type Api, ApiProblem, type Opened, type SavedEdit, ServerGone, SignInNeeded } from './api';
import { messageOf } from './message-of';
import type { PendingStore, StoredPending } from './pending-store';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

interface Pending extends EditRecord {
  /** The plan after this edit, as this window sees it. */
  after: Plan;
  /** The edit alone, as it is kept. */
  record: EditRecord;
}

const pendingOf = (record: EditRecord, after: Plan): Pending => ({ ...record, after, record });

interface SessionEvents {
  /** The visible plan changed by these patches. */
  changed: (plan: Plan, patches: Patch[]) => void;
  state: (state: SaveState, detail: string) => void;
  /** Whether what waits is kept by the browser: `false` when it would be lost with the window. */
  kept: (kept: boolean) => void;
  /** Places where another window had changed the same value; ours was kept, theirs is in the history. */
  conflicts: (pointers: string[]) => void;
}

export interface SessionParts {
  api: Pick<Api, 'edit' | 'editsAfter' | 'open'>;
  store: PendingStore;
  newId: () => string;
  wait: (ms: number) => Promise<void>;
  events: SessionEvents;
}

const RETRY_FIRST_MS = 500;
const RETRY_MOST_MS = 8_000;
/** Windows that edit the same place at once would keep on overtaking each other: each waits for a while of its own. */
const STORM_FIRST_MS = 20;
const STORM_MOST_MS = 1_000;
/** As many as the server tells at once. */
const MOST_TOLD = 1000;

export class PlanSession {
  private base: Plan;
  private version: number;
  private saved: EditRecord[];
  private pending: Pending[] = [];
  private sending: Promise<void> | null = null;
  private closed = false;
  /** News came while an edit was under way, whose answer may be older than the news. */
  private newsWaits = false;

  constructor(
    private readonly planId: string,
    opened: Opened,
    private readonly parts: SessionParts,
  ) {
    this.base = opened.document;
    this.version = opened.version;
    this.saved = opened.recent;
  }

  get current(): Plan {
    return this.pending.at(-1)?.after ?? this.base;
  }

  get waiting(): number {
    return this.pending.length;
  }

  get stacks(): { undo: UndoStep[]; redo: UndoStep[] } {
    return undoStacks([...this.saved, ...this.pending]);
  }

  /** Takes over edits that an earlier window of this plan left behind. */
  async adopt(stored: StoredPending[]): Promise<void> {
    for (const { baseVersion, edits } of stored) {
      const known = await this.editsSince(baseVersion);
      const done = new Set(known.map((row) => row.id));
      // What those edits were made on: the present plan with everything since taken back.
      let before = known
        .filter((row) => row.version <= this.version)
        .reverse()
        .reduce((plan, row) => applyPatches(plan, row.inverse), this.base);
      for (const one of edits) {
        if (done.has(one.id)) {
          before = applyPatches(before, one.patches);
          continue;
        }
        const after = applyPatches(before, one.patches);
        this.pending.push(this.rebased(one, before, after, this.current));
        before = after;
      }
    }
    if (this.pending.length > 0) {
      this.keep();
      this.parts.events.changed(this.current, diff(this.base, this.current));
      void this.flush();
    }
  }

  /** All of them, however many pages the server needs. */
  private async editsSince(version: number): Promise<SavedEdit[]> {
    const rows: SavedEdit[] = [];
    for (let page = MOST_TOLD; page === MOST_TOLD;) {
      const more = await this.parts.api.editsAfter(this.planId, rows.at(-1)?.version ?? version);
      rows.push(...more);
      page = more.length;
    }
    return rows;
  }

  edit(label: string, recipe: Recipe): Patch[] {
    return this.push({ id: this.parts.newId(), kind: 'edit', target: null, label }, editPlan(this.current, recipe));
  }

  /** @throws PatchError when they do not fit */
  editByPatches(label: string, patches: readonly Patch[]): Patch[] {
    return this.push(
      { id: this.parts.newId(), kind: 'edit', target: null, label },
      editByPatches(this.current, patches),
    );
  }

  undo(): UndoStep | null {
    return this.step('undo', this.stacks.undo.at(-1));
  }

  redo(): UndoStep | null {
    return this.step('redo', this.stacks.redo.at(-1));
  }

  private step(kind: 'undo' | 'redo', step: UndoStep | undefined): UndoStep | null {
    if (!step) return null;
    this.push(
      { id: this.parts.newId(), kind, target: step.id, label: step.label },
      editByPatches(this.current, step.patches),
    );
    return step;
  }

  private push(
    head: Pick<EditRecord, 'id' | 'kind' | 'target' | 'label'>,
    { plan, patches, inverse }: { plan: Plan; patches: Patch[]; inverse: Patch[] },
  ): Patch[] {
    if (patches.length === 0) return patches;
    this.pending.push(pendingOf({ ...head, patches, inverse }, plan));
    this.keep();
    this.parts.events.changed(plan, patches);
    void this.flush();
    return patches;
  }

  private keep(): void {
    const edits = this.pending.map((one) => one.record);
    this.parts.store.put({ baseVersion: this.version, edits }).then(
      () => this.parts.events.kept(true),
      () => this.parts.events.kept(this.pending.length === 0),
    );
  }

  /** Sends what waits, again and again until it is taken. */
  flush(): Promise<void> {
    this.sending ??= this.sendAll().finally(() => {
      this.sending = null;
      if (!this.newsWaits) return;
      this.newsWaits = false;
      void this.catchUp(Infinity);
    });
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    let retryMs = RETRY_FIRST_MS;
    let stormMs = STORM_FIRST_MS;
    let most = Infinity;
    let refused = '';
    let isLost = false;
    while (this.pending.length > 0 && !this.closed) {
      this.parts.events.state('saving', '');
      let batch: Pending[] = [];
      try {
        // What came since is no longer told edit by edit.
        if (isLost) await this.takeWhole();
        isLost = false;
        batch = this.pending.slice(0, most);
        if (batch.length === 0) break;
        const answer = await this.parts.api.edit(
          this.planId,
          this.version,
          batch.map(({ id, kind, target, label, patches }) => ({ id, kind, target, label, patches })),
        );
        if (answer.since.length > 0) this.take([...answer.since, ...answer.edits]);
        else this.acknowledge(batch, answer.version);
        retryMs = RETRY_FIRST_MS;
        stormMs = STORM_FIRST_MS;
      } catch (error) {
        if (error instanceof ServerGone) {
          this.parts.events.state(
            'waiting',
            `${this.pending.length} ${this.pending.length === 1 ? 'edit waits' : 'edits wait'} for the ${error.waitsFor}`,
          );
          await this.parts.wait(retryMs);
          retryMs = Math.min(retryMs * 2, RETRY_MOST_MS);
        } else if (error instanceof SignInNeeded) {
          this.parts.events.state('waiting', 'Sign in again: what waits is kept');
          await this.parts.wait(RETRY_MOST_MS);
        } else if (error instanceof ApiProblem && error.status === 409 && error.body.since !== undefined) {
          if (error.body.since) this.take(error.body.since);
          else isLost = true;
          await this.parts.wait(Math.random() * stormMs);
          stormMs = Math.min(stormMs * 2, STORM_MOST_MS);
        } else if (batch.length === 0) throw error;
        else if (batch.length > 1) most = 1;
        else refused = this.refuse(batch[0]!, error);
      }
    }
    if (this.pending.length === 0) this.parts.events.state(refused === '' ? 'saved' : 'refused', refused);
  }

  private acknowledge(batch: readonly Pending[], version: number): void {
    this.base = batch.at(-1)!.after;
    this.version = version;
    this.saved.push(...batch.map((one) => one.record));
    this.pending = this.pending.slice(batch.length);
    this.keep();
  }

  /** An edit that the server will never take is taken back here too, and said so; the ones after it are kept. */
  private refuse(refused: Pending, error: unknown): string {
    const before = this.current;
    const rest = this.pending.slice(1);
    this.pending = [];
    let from = refused.after;
    for (const one of rest) {
      this.pending.push(this.rebased(one, from, one.after, this.current));
      from = one.after;
    }
    this.keep();
    this.parts.events.changed(this.current, diff(before, this.current));
    const words = `“${refused.label}” was not taken: ${this.reasonOf(error)}`;
    this.parts.events.state('refused', words);
    return words;
  }

  private rebased(record: EditRecord, before: Plan, after: Plan, theirs: Plan): Pending {
    const { value, conflicts } = mergeDocuments(before, after, theirs);
    if (conflicts.length > 0) this.parts.events.conflicts(conflicts);
    const { plan, patches, inverse } = editByPatches(theirs, diff(theirs, value));
    const { id, kind, target, label } = record;
    return pendingOf({ id, kind, target, label, patches, inverse }, plan);
  }

  /** In the user's words: which place of the plan, what was found there, what was expected. */
  private reasonOf(error: unknown): string {
    const [first, ...more] = (error instanceof ApiProblem && error.body.problems) || [];
    if (!first) return messageOf(error);
    const others = more.length > 0 ? `, and ${more.length} more` : '';
    return `${placeWords(this.current, first.pointer)}: found ${first.found}, expected ${first.expected}${others}.`;
  }

  /** Takes in what others saved since, and puts what waits here on top of it. */
  private take(rows: readonly SavedEdit[]): void {
    const fresh = rows.filter((row) => row.version > this.version);
    if (fresh.length === 0) return;
    const base = fresh.reduce((plan, row) => applyPatches(plan, row.patches), this.base);
    this.goOnFrom(base, fresh.at(-1)!.version, fresh, [...this.saved, ...fresh]);
  }

  /** The plan as it is now, with what waits here on top of it. */
  private async takeWhole(): Promise<void> {
    const { document, version, recent } = await this.parts.api.open(this.planId);
    this.goOnFrom(document, version, recent, recent);
  }

  /** What the server has is this now; what waits is put on top of it, but for what is among the `news`. */
  private goOnFrom(base: Plan, version: number, news: readonly EditRecord[], saved: EditRecord[]): void {
    const visible = this.current;
    let before = this.base;
    const done = new Set(news.map((row) => row.id));
    const waiting = this.pending;
    Object.assign(this, { base, version, saved, pending: [] });
    for (const one of waiting) {
      // Already taken by the server, only its answer was lost.
      if (!done.has(one.id)) this.pending.push(this.rebased(one, before, one.after, this.current));
      before = one.after;
    }
    this.keep();
    const patches = diff(visible, this.current);
    if (patches.length > 0) this.parts.events.changed(this.current, patches);
  }

  /** Another window saved version `version`. */
  async catchUp(version: number): Promise<void> {
    if (version <= this.version) return;
    if (this.sending) {
      this.newsWaits = true;
      return;
    }
    try {
      const rows = await this.editsSince(this.version);
      if (this.sending) this.newsWaits = true;
      else if (rows.length > 0 && rows[0]!.version > this.version + 1) await this.takeWhole();
      else this.take(rows);
    } catch (error) {
      if (!(error instanceof ServerGone || error instanceof SignInNeeded)) throw error;
    }
  }

  close(): void {
    this.closed = true;
  }
}
