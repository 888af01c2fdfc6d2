/**
 * Edits that wait, kept where a crash, a reload or a closed window cannot lose them: in IndexedDB, an edit a record, on
 * the disk before `put` answers.
 */
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { EditRecord } from '@relay/core/plan/history';

export interface StoredPending {
  /** The version the first of them was made on. */
  baseVersion: number;
  edits: EditRecord[];
}

export interface PendingStore {
  /**
   * Keeps these edits and no others.
   * @throws DOMException where the browser has no room for them, or keeps nothing at all
   */
  put: (pending: StoredPending) => Promise<void>;
}

interface Stored {
  planId: string;
  windowId: string;
  /** Place among the edits of its window. */
  place: number;
  baseVersion: number;
  edit: EditRecord;
}

interface Schema extends DBSchema {
  pending: { key: [planId: string, windowId: string, place: number]; value: Stored };
}

let database: Promise<IDBPDatabase<Schema>> | null = null;

function open(): Promise<IDBPDatabase<Schema>> {
  database ??= openDB<Schema>('relay', 1, {
    upgrade(db) {
      db.createObjectStore('pending', { keyPath: ['planId', 'windowId', 'place'] });
    },
    terminated: () => (database = null),
  }).catch((error: unknown) => {
    database = null;
    throw error;
  });
  return database;
}

const everyPlace = (planId: string, windowId: string) => IDBKeyRange.bound([planId, windowId], [planId, windowId, []]);

export function pendingStore(planId: string, windowId: string): PendingStore {
  /** What stands in the database: most of the time only the last edit is new, or the first ones are gone. */
  let kept: { baseVersion: number; edits: EditRecord[]; first: number } = { baseVersion: 0, edits: [], first: 0 };
  let before: Promise<void> = Promise.resolve();

  async function write({ baseVersion, edits }: StoredPending): Promise<void> {
    const db = await open();
    const transaction = db.transaction('pending', 'readwrite', { durability: 'strict' });
    const gone = edits.length === 0 ? kept.edits.length : kept.edits.indexOf(edits[0]!);
    const still = kept.edits.slice(Math.max(0, gone));
    const isSame = gone >= 0 && still.every((edit, at) => edit === edits[at]);
    const first = isSame ? kept.first + gone : 0;
    if (!isSame) await transaction.store.delete(everyPlace(planId, windowId));
    else for (let at = 0; at < gone; at += 1) await transaction.store.delete([planId, windowId, kept.first + at]);
    const from = isSame ? still.length : 0;
    for (let at = from; at < edits.length; at += 1)
      await transaction.store.put({ planId, windowId, place: first + at, baseVersion, edit: edits[at]! });
    // The first one says what they were made on.
    if (from > 0 && edits[0] && baseVersion !== kept.baseVersion)
      await transaction.store.put({ planId, windowId, place: first, baseVersion, edit: edits[0] });
    await transaction.done;
    kept = { baseVersion, edits, first };
  }

  return {
    put(pending) {
      const mine = before.then(() => write(pending));
      // Whoever comes next is not held up by what went wrong here: it writes everything again.
      before = mine.catch(() => void (kept = { baseVersion: 0, edits: [], first: 0 }));
      return mine;
    },
  };
}

/** Before this version edits were kept in the local storage, a window a key. */
const OLD_PREFIX = 'relay.pending.';

function oldKeys(planId: string, alive: ReadonlySet<string>): string[] {
  const prefix = `${OLD_PREFIX}${planId}.`;
  return Array.from({ length: localStorage.length }, (_, at) => localStorage.key(at)!).filter(
    (key) => key.startsWith(prefix) && !alive.has(key.slice(prefix.length)),
  );
}

async function orphans(planId: string, alive: ReadonlySet<string>): Promise<Stored[]> {
  const db = await open();
  const all = await db.getAll('pending', IDBKeyRange.bound([planId], [planId, []]));
  return all.filter((one) => !alive.has(one.windowId));
}

/** What windows that are gone left behind for this plan; `alive` are the windows still open. */
export async function takeOrphans(planId: string, alive: ReadonlySet<string>): Promise<StoredPending[]> {
  const byWindow = new Map<string, StoredPending>();
  for (const { windowId, baseVersion, edit } of await orphans(planId, alive)) {
    const there = byWindow.get(windowId) ?? { baseVersion, edits: [] };
    there.edits.push(edit);
    byWindow.set(windowId, there);
  }
  const old = oldKeys(planId, alive).map((key) => JSON.parse(localStorage.getItem(key)!) as StoredPending);
  return [...old, ...byWindow.values()];
}

/** Forgets orphans once they are safely in this window's own store. */
export async function dropOrphans(planId: string, alive: ReadonlySet<string>): Promise<void> {
  const gone = await orphans(planId, alive);
  const db = await open();
  const transaction = db.transaction('pending', 'readwrite');
  for (const { windowId, place } of gone) await transaction.store.delete([planId, windowId, place]);
  await transaction.done;
  for (const key of oldKeys(planId, alive)) localStorage.removeItem(key);
}

const LOCK_PREFIX = 'relay.window.';

let marked: Promise<void> | null = null;

/** Marks this window as open for as long as it lives; once is enough for all plans it opens. */
export function markWindow(windowId: string): Promise<void> {
  marked ??= new Promise<void>((held) => {
    void navigator.locks.request(`${LOCK_PREFIX}${windowId}`, () => {
      held();
      return new Promise(() => undefined);
    });
  });
  return marked;
}

/** The windows that are open now, this one among them. */
export async function openWindows(): Promise<Set<string>> {
  const { held = [] } = await navigator.locks.query();
  return new Set(held.flatMap(({ name }) => (name?.startsWith(LOCK_PREFIX) ? [name.slice(LOCK_PREFIX.length)] : [])));
}
