import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { editByPatches } from '@relay/core/plan/edit';
import { overlap } from '@relay/core/plan/overlap';
import type { Patch } from '@relay/core/plan/patches';
import type { Plan } from '@relay/core/plan/types';
import { channelOf, samplePlan } from '@relay/core/testing/sample-plan';
import { ApiProblem, type Opened, type OutgoingEdit, type SavedEdit, ServerGone } from './api';
import type { StoredPending } from './pending-store';
import { PlanSession, type SaveState } from './session';

const NOW = '2026-11-20T10:00:00.000Z';

/** The server's rules in memory: versions, 409 with what happened since, and answers that get lost on the way back. */
class Server {
  plan = samplePlan();
  rows: SavedEdit[] = [];
  gone = false;
  /** Takes the next edit, but its answer never arrives. */
  loseAnswer = false;
  /** Happens after an edit was taken and before its answer arrives. */
  meanwhile: (() => void) | null = null;
  /** Tells nobody what came since. */
  forgets = false;
  /** How often it is not there to be asked for the plan. */
  awayFor = 0;
  /** Labels that are never taken. */
  refuses = new Set<string>();

  get version(): number {
    return this.rows.length + 1;
  }

  /** Another window's edit. */
  other(recipe: (plan: Plan) => void, id = `other-${this.rows.length}`): void {
    const draft = structuredClone(this.plan);
    recipe(draft);
    this.take([
      {
        id,
        kind: 'edit',
        target: null,
        label: 'other',
        patches: [
          { op: 'replace', path: '/station', value: draft.station },
          { op: 'replace', path: '/codeplugs', value: draft.codeplugs },
        ] as Patch[],
      },
    ]);
  }

  private take(edits: OutgoingEdit[]): void {
    for (const edit of edits) {
      const { plan, patches, inverse } = editByPatches(this.plan, edit.patches);
      this.plan = plan;
      this.rows.push({ ...edit, patches, inverse, version: this.version + 1, at: NOW });
    }
  }

  edit = async (
    _id: string,
    version: number,
    edits: OutgoingEdit[],
  ): Promise<{ version: number; edits: SavedEdit[]; since: SavedEdit[] }> => {
    await Promise.resolve();
    if (this.gone) throw new ServerGone('gone', 'database');
    const since = this.rows.filter((row) => row.version > version);
    const known = new Set(this.rows.map((row) => row.id));
    edits = edits.filter((edit) => !known.has(edit.id));
    if (edits.some((edit) => since.some((row) => overlap(edit.patches, row.patches))))
      throw new ApiProblem(409, { title: 'stale', version: this.version, since: this.forgets ? null : since });
    if (edits.some((edit) => this.refuses.has(edit.label)))
      throw new ApiProblem(422, { title: 'no', detail: 'not sound' });
    this.take(edits);
    if (this.loseAnswer) {
      this.loseAnswer = false;
      throw new ServerGone('answer lost');
    }
    const answer = { version: this.version, edits: edits.length > 0 ? this.rows.slice(-edits.length) : [], since };
    this.meanwhile?.();
    this.meanwhile = null;
    await Promise.resolve();
    return answer;
  };

  open = async (): Promise<Opened> => {
    this.awayFor -= 1;
    if (this.awayFor >= 0) throw new ServerGone('gone');
    return { id: 'p', version: this.version, document: this.plan, recent: this.rows.slice(-2) };
  };

  editsAfter = async (_id: string, version: number): Promise<SavedEdit[]> =>
    this.rows.filter((row) => row.version > version);
}

function open(server: Server, stored: { now: StoredPending | null; isFull?: boolean } = { now: null }) {
  let made = 0;
  const log: { state: SaveState; detail: string; kept: boolean; conflicts: string[]; refused: string } = {
    state: 'saved',
    detail: '',
    kept: true,
    conflicts: [],
    refused: '',
  };
  let visible = server.plan;
  const session = new PlanSession(
    'p',
    { id: 'p', version: server.version, document: server.plan, recent: [...server.rows] },
    {
      api: server,
      store: {
        put: async (pending) => {
          if (stored.isFull) throw new DOMException('no room', 'QuotaExceededError');
          stored.now = pending.edits.length > 0 ? structuredClone(pending) : null;
        },
      },
      newId: () => `e${(made += 1)}-${Math.random()}`,
      wait: () => new Promise((go) => setTimeout(go, 1)),
      events: {
        changed: (plan, patches) => {
          // The page and the worker are told the same: patches lead from what was visible to what is.
          visible = editByPatches(visible, patches).plan;
          expect(visible).toEqual(plan);
        },
        state: (state, detail) => {
          log.state = state;
          log.detail = detail;
          if (state === 'refused') log.refused = detail;
        },
        kept: (kept) => void (log.kept = kept),
        conflicts: (pointers) => log.conflicts.push(...pointers),
      },
    },
  );
  return { session, log, stored, visible: () => visible };
}

const place = (text: string) => (plan: Plan) => void (plan.station.place = text);

describe('session', () => {
  it('shows an edit at once and sends it', async () => {
    const server = new Server();
    const { session, log } = open(server);
    session.edit('place', place('Merrin'));
    expect(session.current.station.place).toBe('Merrin');
    await session.flush();
    expect([server.plan.station.place, log.state, session.waiting]).toEqual(['Merrin', 'saved', 0]);
  });

  it('merges into what another window saved first', async () => {
    const server = new Server();
    const { session } = open(server);
    server.other((plan) => void (channelOf(plan, 'g1').dmr.colorCode = 9));
    session.edit('place', place('Merrin'));
    await session.flush();
    expect(server.plan.station.place).toBe('Merrin');
    expect(channelOf(server.plan, 'g1').dmr.colorCode).toBe(9);
    expect(session.current).toEqual(server.plan);
  });

  it('says where both changed the same value, and keeps its own', async () => {
    const server = new Server();
    const { session, log } = open(server);
    server.other(place('theirs'));
    session.edit('place', place('mine'));
    await session.flush();
    expect([server.plan.station.place, log.conflicts]).toEqual(['mine', ['/station/place']]);
  });

  it('sees news that came while its own edit was under way', async () => {
    const server = new Server();
    const { session } = open(server);
    server.meanwhile = () => {
      server.other((plan) => void (channelOf(plan, 'g1').dmr.colorCode = 9));
      void session.catchUp(server.version);
    };
    session.edit('place', place('mine'));
    await session.flush();
    await new Promise((go) => setTimeout(go, 5));
    expect(session.current).toEqual(server.plan);
    expect(channelOf(session.current, 'g1').dmr.colorCode).toBe(9);
  });

  it('does not send twice what was taken when only the answer was lost', async () => {
    const server = new Server();
    const { session } = open(server);
    server.loseAnswer = true;
    session.edit('place', place('once'));
    await session.flush();
    expect(server.rows.map((row) => row.label)).toEqual(['place']);
    expect(session.current).toEqual(server.plan);
  });

  it('keeps what waits where a reload finds it, and takes it up again', async () => {
    const server = new Server();
    const first = open(server);
    server.gone = true;
    first.session.edit('place', place('one'));
    first.session.edit('code', (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 4));
    await new Promise((go) => setTimeout(go, 5));
    expect([first.log.state, first.log.detail]).toEqual(['waiting', '2 edits wait for the database']);
    first.session.close();
    const left = first.stored.now!;
    expect(left.edits.map((edit) => edit.label)).toEqual(['place', 'code']);
    server.gone = false;
    server.other((plan) => void (channelOf(plan, 'g1').dmr.slot = 1));
    const second = open(server);
    await second.session.adopt([left]);
    await second.session.flush();
    expect(server.plan.station.place).toBe('one');
    expect(channelOf(server.plan, 'g1').dmr).toMatchObject({ colorCode: 4, slot: 1 });
    expect(second.stored.now).toBeNull();
  });

  it('takes back only the edit that the server never takes, and says so', async () => {
    const server = new Server();
    const { session, log } = open(server);
    server.refuses.add('bad');
    session.edit('good', place('kept'));
    session.edit('bad', (plan) => void (plan.station.operator = 'lost'));
    session.edit('after', (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 4));
    await session.flush();
    // Those behind it are not stranded.
    expect([session.waiting, log.state]).toEqual([0, 'refused']);
    expect(server.rows.map((row) => row.label)).toEqual(['good', 'after']);
    expect(log.refused).toContain('“bad” was not taken: not sound');
    expect(session.current).toEqual(server.plan);
    expect(session.current.station.operator).toBe('Vesna Torrow');
  });

  it('takes in what others saved where the server put the edit behind it', async () => {
    const server = new Server();
    const { session, log } = open(server);
    server.rows.push({
      ...editByPatches(server.plan, [{ op: 'replace', path: '/station/operator', value: 'Tam' }]),
      id: 'theirs',
      at: NOW,
      kind: 'edit',
      target: null,
      label: 'theirs',
      version: 2,
    });
    server.plan = editByPatches(server.plan, server.rows[0]!.patches).plan;
    session.edit('place', place('Merrin'));
    await session.flush();
    expect(server.rows.map((row) => row.label)).toEqual(['theirs', 'place']);
    expect(session.current).toEqual(server.plan);
    expect([session.current.station.operator, log.conflicts, log.state]).toEqual(['Tam', [], 'saved']);
  });

  it('reads the plan whole where what came since is no longer told', async () => {
    const server = new Server();
    const { session } = open(server);
    for (let at = 0; at < 5; at += 1) server.other(place(`theirs ${at}`));
    server.forgets = true;
    // The server goes away between telling that it forgot and being asked for the plan.
    server.awayFor = 2;
    session.edit('operator', (plan) => void (plan.station.operator = 'Tam'));
    await session.flush();
    expect(session.current).toEqual(server.plan);
    expect([session.current.station.place, session.current.station.operator]).toEqual(['theirs 4', 'Tam']);
  });

  it('says so when the browser has no room for what waits, until it is saved', async () => {
    const server = new Server();
    server.gone = true;
    const { session, log } = open(server, { now: null, isFull: true });
    session.edit('place', place('Merrin'));
    await new Promise((go) => setTimeout(go, 3));
    expect(log.kept).toBe(false);
    server.gone = false;
    await session.flush();
    await new Promise((go) => setTimeout(go, 1));
    expect([log.kept, server.plan.station.place]).toEqual([true, 'Merrin']);
  });

  it('undoes and redoes across a reload', async () => {
    const server = new Server();
    const first = open(server);
    first.session.edit('place', place('one'));
    first.session.edit('place', place('two'));
    await first.session.flush();
    const second = open(server);
    expect(second.session.undo()?.label).toBe('place');
    await second.session.flush();
    expect(server.plan.station.place).toBe('one');
    second.session.undo();
    second.session.redo();
    await second.session.flush();
    expect(server.plan.station.place).toBe('one');
    expect(second.session.undo()).not.toBeNull();
    expect(second.session.undo()).toBeNull();
  });

  it('of two windows, however they interleave, both end with the same plan and every edit', async () => {
    const act = fc.record({
      window: fc.constantFrom(0, 1),
      kind: fc.constantFrom('place', 'code', 'slot', 'undo', 'pause', 'lose'),
      value: fc.integer({ min: 0, max: 15 }),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 20 }), async (acts) => {
        const server = new Server();
        const windows = [open(server), open(server)];
        let edits = 0;
        for (const { window, kind, value } of acts) {
          const { session } = windows[window]!;
          const before = session.waiting;
          if (kind === 'place') session.edit('e', place(`p${value}`));
          else if (kind === 'code') session.edit('e', (plan) => void (channelOf(plan, 'g1').dmr.colorCode = value));
          else if (kind === 'slot')
            session.edit('e', (plan) => void (channelOf(plan, 'g2').dmr.slot = value % 2 === 0 ? 1 : 2));
          else if (kind === 'undo') session.undo();
          else if (kind === 'lose') server.loseAnswer = true;
          else await new Promise((go) => setTimeout(go, 2));
          edits += session.waiting > before ? 1 : 0;
        }
        for (let round = 0; round < 3; round += 1)
          for (const { session } of windows) {
            await session.flush();
            await session.catchUp(server.version);
          }
        expect(server.rows.length).toBeLessThanOrEqual(edits);
        expect(new Set(server.rows.map((row) => row.id)).size).toBe(server.rows.length);
        for (const { session, visible } of windows) {
          expect(session.waiting).toBe(0);
          expect(session.current).toEqual(server.plan);
          expect(visible()).toEqual(server.plan);
        }
      }),
      { numRuns: 60 },
    );
  });
});
