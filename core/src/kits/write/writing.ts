/** The files of a kit while a codeplug is written into them: what is where, what it is called, what did not fit. */
import type { KitRole } from '../../plan/kit';
import { recordsOf } from '../../plan/records';
import type { RecordRow } from '../../plan/record-kind';
import { rows } from '../../plan/table';
import type { Channel, Codeplug, CodeplugBlocks, Id } from '../../plan/types';
import type { Encoded } from '../../tables/encoding';
import type { NamedFile } from '../../tables/open';
import type { KitModes, RecordRole } from '../kit-field';
import { type KitFinding, type KitTable } from '../kit-tables';
import { type KitContent, readKit } from '../read-kit';
import { nameBy, RowLookup } from '../refs';
import { isLong } from '../wanted-rows';
import type { NamedBy } from '../../plan/kit';
import { fittedName, kitNames, nameRules, type NameRules } from './kit-names';
import { type Handle, WorkTable } from './work-table';

export interface WriteOptions {
  /** Rows that only the files have stay; else they go. */
  keepOthers: boolean;
  /** Channels of the files, by their ids in what was read, that go all the same. */
  remove?: ReadonlySet<Id>;
}

export interface LeftOut {
  what: KitRole;
  name: string;
  why: string;
}

/** What the files cannot say of the plan. */
export interface Loss {
  /** The field, as screens call it. */
  title: string;
  /** Of so many rows. */
  count: number;
  why: 'no column' | 'no word';
}

/** The row of something. */
export interface Place {
  table: WorkTable;
  handle: Handle;
}

interface Records {
  mine: Rows;
  there: Rows;
  /** What one of them is called. */
  what: string;
}

interface Rows {
  all: readonly RecordRow[];
  byId: Readonly<Record<Id, RecordRow>>;
  bySame: ReadonlyMap<string, RecordRow>;
}

const recordsFor = (codeplug: CodeplugBlocks, role: RecordRole) =>
  recordsOf(codeplug).find(({ mode, kind }) => mode === role.mode && kind.key === role.key)!;

function rowsOf(codeplug: CodeplugBlocks, role: RecordRole): Rows {
  const { table } = recordsFor(codeplug, role);
  const all = rows(table);
  // Of several that are the same the first counts.
  return { all, byId: table.byId, bySame: new Map([...all].reverse().map((row) => [role.same(row), row])) };
}

export class Writing {
  readonly content: KitContent;
  readonly tables: readonly WorkTable[];
  readonly leftOut: LeftOut[] = [];
  readonly renamed: { from: string; to: string }[] = [];
  /** Where rows of the plan stand, and rows that were made for it. */
  readonly placed = new Map<Id, Place>();
  /** The rows of the files that those were matched with. */
  readonly matched = new Map<Id, Id>();
  /** What those are called there. */
  readonly names = new Map<Id, string>();
  /** Where rows that the files had stand now; what went is not in it. */
  readonly stands = new Map<Id, Place>();
  /** Of those, the ones that only the files have. */
  readonly others = new Set<Id>();
  /** Fields of channels that the files cannot say: they are not held against them. */
  readonly unsaid = new Map<Id, Set<string>>();
  /** What was to be made and had no place: it is told once. */
  readonly refused = new Set<Id>();
  /** Lists that the files have no room for as a whole. */
  readonly short = new Set<Id>();
  private readonly lost = new Map<string, Loss>();
  private readonly keptIn = new Map<WorkTable, number>();
  private readonly encoded: ReadonlyMap<string, Encoded | null>;
  private readonly workOf: ReadonlyMap<KitTable, WorkTable>;
  private readonly fitters = new Map<WorkTable, { own: Set<string>; fit: ReturnType<typeof kitNames> }>();
  private readonly namesOfRole = new Map<KitRole, Set<string>>();
  private readonly rules = new Map<WorkTable, NameRules>();
  private readonly wishes = new Map<WorkTable, Map<string, string>>();
  private readonly lookups = new Map<KitRole, (by: NamedBy, text: string) => Place | undefined>();
  private readonly cached = new Map<RecordRole, Records>();

  constructor(
    readonly codeplug: Codeplug,
    readonly modes: KitModes,
    readonly options: WriteOptions,
    files: readonly NamedFile[],
    tables: readonly KitTable[],
    findings: readonly KitFinding[],
  ) {
    // All of them: what is read back is held against them.
    this.content = readKit(tables, modes, { findings, mostFindings: Infinity, against: codeplug });
    const modeAt = new Map<KitTable, Map<number, Channel['mode']>>(tables.map((table) => [table, new Map()]));
    for (const channel of rows(this.content.codeplug.channels))
      for (const { table, row } of this.content.places.get(channel.id) ?? []) modeAt.get(table)!.set(row, channel.mode);
    this.tables = tables.map((table) => new WorkTable(table, (row) => modeAt.get(table)!.get(row) ?? null));
    this.workOf = new Map(this.tables.map((table) => [table.of, table]));
    this.encoded = new Map(files.map(({ name, file }) => [name, file.encoded]));
  }

  tablesOf(role: KitRole): readonly WorkTable[] {
    return this.tables.filter(({ of }) => of.layout.role === role);
  }

  /** The rows in which something of the files stood. */
  placesOf(id: Id): Place[] {
    return (this.content.places.get(id) ?? []).map(({ table, row }) => ({
      table: this.workOf.get(table)!,
      handle: row,
    }));
  }

  /** The rows of a list of the plan: those that it has in the file, or its new one. */
  rowsAt(id: Id, { handle }: Place): Handle[] {
    const there = this.matched.get(id);
    return there === undefined ? [handle] : this.placesOf(there).map((place) => place.handle);
  }

  /** Rows of a kind in the plan and in the files. */
  records(role: RecordRole): Records {
    const known = this.cached.get(role) ?? {
      mine: rowsOf(this.codeplug, role),
      there: rowsOf(this.content.codeplug, role),
      what: recordsFor(this.codeplug, role).kind.what,
    };
    this.cached.set(role, known);
    return known;
  }

  rowsIn(codeplug: CodeplugBlocks, role: RecordRole): Rows {
    return rowsOf(codeplug, role);
  }

  lose(title: string, why: Loss['why']): void {
    const key = `${why} ${title}`;
    const known = this.lost.get(key) ?? { title, why, count: 0 };
    known.count += 1;
    this.lost.set(key, known);
  }

  /** How many channels only the files have that stayed. */
  get kept(): number {
    return [...this.others].filter((id) => id in this.content.codeplug.channels.byId).length;
  }

  get losses(): Loss[] {
    return [...this.lost.values()];
  }

  leave(what: KitRole, name: string, why: string): void {
    this.leftOut.push({ what, name, why });
  }

  leaveUnsaid(channelId: Id, fields: readonly string[]): void {
    const known = this.unsaid.get(channelId) ?? new Set<string>();
    for (const field of fields) known.add(field);
    this.unsaid.set(channelId, known);
  }

  /** What only the files have: it stays, or goes. @returns the rows that stay */
  keepOrRemove<Row extends { id: Id; name: string }>(others: readonly Row[]): Row[] {
    return others.filter((other) => {
      const places = this.placesOf(other.id);
      if (!this.options.keepOthers || this.options.remove?.has(other.id)) {
        for (const { table, handle } of places) table.remove(handle);
        return false;
      }
      const [first] = places;
      if (!first) return false;
      this.others.add(other.id);
      this.stands.set(other.id, first);
      this.keptIn.set(first.table, (this.keptIn.get(first.table) ?? 0) + places.length);
      this.holdName(first.table, other.name);
      return true;
    });
  }

  /** Rows of long tables that were passed by: they stay, or go, as others do. */
  keepOrRemovePassed(role: KitRole): void {
    for (const table of this.tablesOf(role)) {
      const passed = this.content.passed.get(table.of) ?? [];
      if (this.options.keepOthers) this.keptIn.set(table, (this.keptIn.get(table) ?? 0) + passed.length);
      else for (const row of passed) table.remove(row);
    }
  }

  noRoom(table: WorkTable): string {
    const kept = this.keptIn.get(table) ?? 0;
    const others = kept > 0 ? `, of which ${kept} ${kept === 1 ? 'is' : 'are'} taken by what only the file has` : '';
    return `the file has room for ${table.of.layout.mostRows}${others}`;
  }

  /** The first table of a role in which something fits and has room; else why there is none. */
  roomFor(role: KitRole, unfit: (table: WorkTable) => string | null): { table: WorkTable } | { why: string } {
    const reasons = this.tablesOf(role).map((table) => ({ table, why: unfit(table) }));
    const fitting = reasons.filter(({ why }) => why === null);
    const free = fitting.find(({ table }) => table.hasRoom);
    if (free) return { table: free.table };
    const [full] = fitting;
    return { why: full ? this.noRoom(full.table) : (reasons[0]?.why ?? `the files have no table of ${role}`) };
  }

  /** What a name becomes in a table by itself, whatever other names there are. */
  wishIn(table: WorkTable, name: string): string {
    const known = this.wishes.get(table) ?? new Map<string, string>();
    this.wishes.set(table, known);
    const wish = known.get(name) ?? fittedName(this.rulesOf(table), name);
    known.set(name, wish);
    return wish;
  }

  rulesOf(table: WorkTable): NameRules {
    const known = this.rules.get(table);
    if (known) return known;
    const layouts = this.tables.map(({ of }) => of.layout);
    const made = nameRules(table.of.layout, layouts, this.encoded.get(table.of.file) ?? null);
    this.rules.set(table, made);
    return made;
  }

  private fitter(table: WorkTable) {
    const known = this.fitters.get(table);
    if (known) return known;
    const { role } = table.of.layout;
    const all = this.namesOfRole.get(role) ?? new Set<string>();
    this.namesOfRole.set(role, all);
    // Rows that could not be read, or were passed by, stay as they are, with their names.
    const read = this.idsAt().get(table)!;
    const staying = table.rows().filter((row) => !read.has(row) && !table.isRemoved(row));
    const own = new Set(staying.map((row) => table.nameBefore(row)));
    for (const name of own) all.add(name);
    const made = { own, fit: kitNames(this.rulesOf(table), own, all) };
    this.fitters.set(table, made);
    return made;
  }

  isNameFree(table: WorkTable, name: string): boolean {
    return !this.fitter(table).own.has(name);
  }

  private holdName(table: WorkTable, name: string): void {
    this.fitter(table).own.add(name);
    this.namesOfRole.get(table.of.layout.role)!.add(name);
  }

  /** Gives a row of the plan its name in a table, once. `before`: what it is called there already. */
  nameIn(table: WorkTable, row: { id: Id; name: string }, before?: string): string {
    const name = this.fitter(table).fit(row.name, before);
    this.called(row, name);
    return name;
  }

  /** Notes what something is called in the files. */
  called({ id, name }: { id: Id; name: string }, there: string): void {
    this.names.set(id, there);
    if (name !== there) this.renamed.push({ from: name, to: there });
  }

  /** Where what stood in a row of the files stands now: there, elsewhere, or nowhere. */
  follow(place: Place): Place[] {
    const id = this.idsAt().get(place.table)?.get(place.handle);
    const now = id === undefined ? place : this.stands.get(id);
    return now ? [now] : [];
  }

  /** What stood in each row of the files. */
  private idsAt(): ReadonlyMap<WorkTable, ReadonlyMap<Handle, Id>> {
    if (this.readAt) return this.readAt;
    const found = new Map<WorkTable, Map<Handle, Id>>(this.tables.map((table) => [table, new Map()]));
    for (const id of this.content.places.keys())
      for (const { table, handle } of this.placesOf(id)) found.get(table)!.set(handle, id);
    this.readAt = found;
    return found;
  }

  private readAt: ReadonlyMap<WorkTable, ReadonlyMap<Handle, Id>> | null = null;

  /** Finds rows by what cells called them before anything changed. */
  before(role: KitRole): (by: NamedBy, text: string) => Place | undefined {
    const known = this.lookups.get(role);
    if (known) return known;
    // Of long tables the rows that anything names are those that were read.
    const handlesOf = (table: WorkTable) => (isLong(table.of) ? this.idsAt().get(table)!.keys() : table.rows());
    const places = this.tablesOf(role).flatMap((table) =>
      [...handlesOf(table)].map((handle): Place => ({ table, handle })),
    );
    const names = places.map(({ table, handle }, at) => ({ ...table.namesBefore(handle), id: String(at) }));
    const lookup = new RowLookup(names);
    const find = (by: NamedBy, text: string) => {
      const found = lookup.find(by, text);
      return found && places[Number(found.id)];
    };
    this.lookups.set(role, find);
    return find;
  }
}

/** What cells call a row now. */
export const nameAt = (by: NamedBy, { table, handle }: Place): string => nameBy(by, table.names(handle));
