/** Edits that wait, kept where a crash, a reload or a closed window cannot lose them. */
import type { EditRecord } from '@relay/core/plan/history';

export interface StoredPending {
  /** The version the first of them was made on. */
  baseVersion: number;
  edits: EditRecord[];
}

export interface PendingStore {
  put: (pending: StoredPending) => void;
}

const PREFIX = 'relay.pending.';

function key(planId: string, windowId: string): string {
  return `${PREFIX}${planId}.${windowId}`;
}

export function pendingStore(storage: Storage, planId: string, windowId: string): PendingStore {
  return {
    put(pending) {
      if (pending.edits.length === 0) storage.removeItem(key(planId, windowId));
      else storage.setItem(key(planId, windowId), JSON.stringify(pending));
    },
  };
}

/** Takes what windows that are gone left behind for this plan; `alive` are the windows still open. */
export function takeOrphans(storage: Storage, planId: string, alive: ReadonlySet<string>): StoredPending[] {
  const keys = Array.from({ length: storage.length }, (_, at) => storage.key(at)!)
    .filter((one) => one.startsWith(`${PREFIX}${planId}.`))
    .sort();
  return keys
    .filter((one) => !alive.has(one.slice(`${PREFIX}${planId}.`.length)))
    .map((one) => JSON.parse(storage.getItem(one)!) as StoredPending);
}

/** Forgets orphans once they are safely in this window's own store. */
export function dropOrphans(storage: Storage, planId: string, alive: ReadonlySet<string>): void {
  const keys = Array.from({ length: storage.length }, (_, at) => storage.key(at)!);
  for (const one of keys)
    if (one.startsWith(`${PREFIX}${planId}.`) && !alive.has(one.slice(`${PREFIX}${planId}.`.length)))
      storage.removeItem(one);
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
