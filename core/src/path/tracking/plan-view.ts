/**
 * A plan as it is now, read part by part: whoever reads a row of a table, a block of a codeplug or the station is noted
 * in the memo, and told when the plan becomes another. The view itself stays the same object.
 */
import type { Codeplug, Id, Plan, Table } from '../../plan/types';
import { type Memo, Part } from './memo';

const hasOwn = (of: object, key: PropertyKey): boolean => Object.hasOwn(of, key);

/** An object whose keys are looked up when they are read. Nothing can be set: a plan is changed by edits. */
function lookUp<T extends object>(now: () => T, read: (key: string) => unknown, readAll: () => void): T {
  return new Proxy({} as T, {
    get: (_, key) => (typeof key === 'string' ? read(key) : undefined),
    has: (_, key) => typeof key === 'string' && (read(key), hasOwn(now(), key)),
    ownKeys: () => (readAll(), Reflect.ownKeys(now())),
    getOwnPropertyDescriptor: (_, key) =>
      typeof key === 'string' && hasOwn(now(), key)
        ? { value: read(key), enumerable: true, configurable: true, writable: false }
        : undefined,
    set: () => false,
    deleteProperty: () => false,
  });
}

/** Parts by key, made when they are first read. */
class Parts {
  private readonly byKey = new Map<string, Part>();
  constructor(private readonly memo: Memo) {}

  read(key: string): void {
    let part = this.byKey.get(key);
    if (!part) this.byKey.set(key, (part = new Part()));
    this.memo.read(part);
  }

  changed(key: string): void {
    const part = this.byKey.get(key);
    if (part) this.memo.changed(part);
  }
}

class TableView<T> {
  private readonly rows: Parts;
  /** Which rows there are, and all that is in them. */
  private readonly all = new Part();
  private readonly ordered = new Part();
  readonly view: Table<T>;

  constructor(
    private readonly memo: Memo,
    now: () => Table<T>,
  ) {
    this.rows = new Parts(memo);
    const readAll = () => memo.read(this.all);
    const byId = lookUp<Record<Id, T>>(
      () => now().byId,
      (id) => {
        this.rows.read(id);
        const { byId } = now();
        return hasOwn(byId, id) ? byId[id] : undefined;
      },
      readAll,
    );
    const isRead = () => memo.isRead(this.all);
    this.view = {
      // Who goes through the whole table is not noted at each row again.
      get byId() {
        return isRead() ? now().byId : byId;
      },
      get order() {
        readAll();
        return now().order;
      },
    };
  }

  /** The order alone, for who looks at each row by itself. */
  readOrder(): void {
    this.memo.read(this.ordered);
  }

  became(before: Table<T>, after: Table<T>): void {
    if (before === after) return;
    let isOther = before.order !== after.order;
    if (isOther) this.memo.changed(this.ordered);
    if (before.byId !== after.byId && !isOther) {
      // The same ids in the same order: only rows can be others.
      for (const id of after.order)
        if (before.byId[id] !== after.byId[id]) {
          this.rows.changed(id);
          isOther = true;
        }
    } else if (before.byId !== after.byId) {
      for (const id of Object.keys(after.byId))
        if (before.byId[id] !== after.byId[id]) {
          this.rows.changed(id);
          isOther = true;
        }
      for (const id of Object.keys(before.byId))
        if (!hasOwn(after.byId, id)) {
          this.rows.changed(id);
          isOther = true;
        }
    }
    if (isOther) this.memo.changed(this.all);
  }
}

class CodeplugView {
  private readonly blocks: Parts;
  readonly tables: { channels: TableView<unknown>; zones: TableView<unknown> };
  readonly view: Codeplug;

  constructor(memo: Memo, now: () => Codeplug) {
    this.blocks = new Parts(memo);
    const blocks = this.blocks;
    const tables = {
      channels: new TableView<unknown>(memo, () => now().channels),
      zones: new TableView<unknown>(memo, () => now().zones),
    };
    this.tables = tables;
    this.view = lookUp<Codeplug>(
      now,
      (key) => {
        if (key === 'channels' || key === 'zones') return tables[key].view;
        blocks.read(key);
        return now()[key as keyof Codeplug];
      },
      () => undefined,
    );
  }

  became(before: Codeplug, after: Codeplug): void {
    if (before === after) return;
    this.tables.channels.became(before.channels, after.channels);
    this.tables.zones.became(before.zones, after.zones);
    for (const key of new Set([...Object.keys(before), ...Object.keys(after)]) as Set<keyof Codeplug>)
      if (key !== 'channels' && key !== 'zones' && before[key] !== after[key]) this.blocks.changed(key);
  }
}

const TABLES = ['radios', 'sites', 'networks', 'wants', 'profiles'] as const;
type TableKey = (typeof TABLES)[number];
const isTable = (key: string): key is TableKey => (TABLES as readonly string[]).includes(key);

export class PlanView {
  private readonly blocks: Parts;
  private readonly tables: Record<TableKey, TableView<unknown>>;
  private readonly radios: Parts;
  private readonly allRadios = new Part();
  private readonly any = new Part();
  private readonly codeplugs = new Map<Id, CodeplugView>();
  readonly view: Plan;

  constructor(
    private readonly memo: Memo,
    private now: Plan,
  ) {
    this.blocks = new Parts(memo);
    this.radios = new Parts(memo);
    this.tables = Object.fromEntries(
      TABLES.map((key) => [key, new TableView<unknown>(memo, () => this.now[key] as Table<unknown>)]),
    ) as unknown as Record<TableKey, TableView<unknown>>;
    const codeplugs = lookUp<Plan['codeplugs']>(
      () => this.now.codeplugs,
      (radioId) => {
        this.radios.read(radioId);
        return hasOwn(this.now.codeplugs, radioId) ? this.codeplugOf(radioId).view : undefined;
      },
      () => memo.read(this.allRadios),
    );
    this.view = lookUp<Plan>(
      () => this.now,
      (key) => {
        if (isTable(key)) return this.tables[key].view;
        if (key === 'codeplugs') return codeplugs;
        this.blocks.read(key);
        return this.now[key as keyof Plan];
      },
      () => undefined,
    );
  }

  /** The plan as it is now, not as a view. */
  get plan(): Plan {
    return this.now;
  }

  /** The plan as it is now; whoever reads it reads all of it. */
  readAll(): Plan {
    this.memo.read(this.any);
    return this.now;
  }

  /** The order of a radio's channels, without what is in them. */
  channelOrder(radioId: Id): readonly Id[] {
    this.radios.read(radioId);
    if (!hasOwn(this.now.codeplugs, radioId)) return [];
    this.codeplugOf(radioId).tables.channels.readOrder();
    return this.now.codeplugs[radioId]!.channels.order;
  }

  private codeplugOf(radioId: Id): CodeplugView {
    let known = this.codeplugs.get(radioId);
    if (!known) this.codeplugs.set(radioId, (known = new CodeplugView(this.memo, () => this.now.codeplugs[radioId]!)));
    return known;
  }

  become(next: Plan): void {
    const before = this.now;
    this.now = next;
    if (before !== next) this.memo.changed(this.any);
    for (const key of TABLES) this.tables[key].became(before[key] as Table<unknown>, next[key] as Table<unknown>);
    this.codeplugsBecame(before.codeplugs, next.codeplugs);
    for (const key of Object.keys(next) as (keyof Plan)[])
      if (!isTable(key) && key !== 'codeplugs' && before[key] !== next[key]) this.blocks.changed(key);
  }

  private codeplugsBecame(before: Plan['codeplugs'], next: Plan['codeplugs']): void {
    if (before === next) return;
    for (const radioId of new Set([...Object.keys(before), ...Object.keys(next)])) {
      const [was, is] = [before[radioId], next[radioId]];
      if (was && is) this.codeplugs.get(radioId)?.became(was, is);
      else {
        // A radio that goes and comes back under its id begins anew.
        this.codeplugs.delete(radioId);
        this.radios.changed(radioId);
        this.memo.changed(this.allRadios);
      }
    }
  }
}
