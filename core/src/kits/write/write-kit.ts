/**
 * A codeplug into the files of a kit: only what differs is changed, new rows are like the others of their kind, and every
 * file is read back before it is handed out.
 *
 *   base files ─ read → match by meaning → rows set, added, removed → references → bytes → read back → compared
 */
import { compareChannels } from '../../compare/meaning';
import type { ColumnField } from '../../codeplug/channel-field';
import { channelFields } from '../../codeplug/channel-fields';
import type { Kit, KitRole } from '../../plan/kit';
import { MODE_IDS } from '../../plan/modes';
import type { RecordRow } from '../../plan/record-kind';
import { recordsOf } from '../../plan/records';
import { rows, tableOf } from '../../plan/table';
import type { Channel, Codeplug, Id, Zone } from '../../plan/types';
import type { Encoded } from '../../tables/encoding';
import type { NamedBytes } from '../../tables/open';
import { openTables } from '../../tables/open';
import type { KitModes, RecordRole } from '../kit-field';
import { fittedName, kitNames } from './kit-names';
import { columnsOfField, type KitFinding, type KitTable, kitTables } from '../kit-tables';
import type { NamedFile } from '../learn/learn-kit';
import { type KitContent, readKit } from '../read-kit';
import { membersCell, memberTexts, nameBy, RowLookup, type RowNames } from '../refs';
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
  /** Of so many channels. */
  count: number;
  why: 'no column' | 'no word';
}

export interface WrittenKit {
  files: NamedBytes[];
  tables: { file: string; part: string; role: KitRole; added: number; changed: number; removed: number }[];
  /** Names that had to be cut or changed. */
  renamed: { from: string; to: string }[];
  leftOut: LeftOut[];
  losses: Loss[];
  /** Rows that only the files have, and that stayed. */
  kept: number;
  /** What reading the new files back does not give: then nothing is handed out. */
  wrong: KitFinding[];
  /** What could not be read in the files as they were; those rows stay as they are. */
  findings: KitFinding[];
}

type Names = Map<Id, { table: WorkTable; handle: Handle }>;

class Writer {
  private readonly content: KitContent;
  private readonly work: WorkTable[];
  private readonly leftOut: LeftOut[] = [];
  private readonly renamed: { from: string; to: string }[] = [];
  private readonly lost = new Map<string, Loss>();
  /** Fields of channels that the files cannot say: they are not held against them. */
  private readonly unsaid = new Map<Id, Set<string>>();
  private readonly placed: Names = new Map();
  private readonly names = new Map<Id, string>();
  /** Lists that the files have no room for as a whole. */
  private readonly short = new Set<Id>();
  private kept = 0;

  constructor(
    private readonly codeplug: Codeplug,
    private readonly kit: Pick<Kit, 'tables'>,
    private readonly files: readonly NamedFile[],
    private readonly modes: KitModes,
    private readonly options: WriteOptions,
  ) {
    const { tables, findings } = kitTables(kit, files);
    this.content = readKit(tables, modes, findings);
    const modeAt = new Map<KitTable, Map<number, Channel['mode']>>();
    for (const channel of rows(this.content.codeplug.channels))
      for (const { table, row } of this.content.places.get(channel.id) ?? [])
        modeAt.set(table, (modeAt.get(table) ?? new Map<number, Channel['mode']>()).set(row, channel.mode));
    this.work = tables.map((table) => new WorkTable(table, (row) => modeAt.get(table)?.get(row) ?? null));
  }

  private tablesOf(role: KitRole): WorkTable[] {
    return this.work.filter(({ of }) => of.layout.role === role);
  }

  private encodedOf({ of }: WorkTable): Encoded | null {
    return this.files.find(({ name }) => name === of.file)?.file.encoded ?? null;
  }

  private placeOf(id: Id): { table: WorkTable; handle: Handle } | undefined {
    const place = this.content.places.get(id)?.[0];
    const table = place && this.work.find(({ of }) => of === place.table);
    return table && { table, handle: place.row };
  }

  private lose(title: string, why: Loss['why']): void {
    const known = this.lost.get(`${why} ${title}`) ?? { title, why, count: 0 };
    this.lost.set(`${why} ${title}`, { ...known, count: known.count + 1 });
  }

  private room(table: WorkTable): boolean {
    const { mostRows } = table.of.layout;
    return mostRows === null || table.filled < mostRows;
  }

  /** Rows of one kind: what is the same stays in its row, what is new gets one, others stay or go. */
  private records(role: RecordRole): void {
    const [table] = this.tablesOf(role.role);
    const mine = recordsOf(this.codeplug).find(({ mode, kind }) => mode === role.mode && kind.key === role.key)!;
    const there = recordsOf(this.content.codeplug).find(
      ({ mode, kind }) => mode === role.mode && kind.key === role.key,
    )!;
    if (!table) {
      if (mine.table.order.length > 0) this.lose(`${mine.kind.what}s`, 'no column');
      return;
    }
    const others = rows(there.table);
    const taken = new Set<Id>();
    const match = (row: RecordRow) => {
      const like = (test: (other: RecordRow) => boolean) => others.find((other) => !taken.has(other.id) && test(other));
      const found =
        like((other) => role.same(other) === role.same(row) && other.name === row.name) ??
        like((other) => role.same(other) === role.same(row)) ??
        (role.lists ? like((other) => other.name === row.name) : undefined);
      if (found) taken.add(found.id);
      return found;
    };
    const pairs = rows(mine.table).map((row) => ({ row, other: match(row) }));
    const stay = this.others(
      role.role,
      table,
      others.filter(({ id }) => !taken.has(id)),
    );
    const fit = kitNames(
      table.of.layout,
      this.encodedOf(table),
      stay.map(({ name }) => name),
    );
    for (const { row, other } of pairs) {
      const name = fit(row.name, other?.name);
      this.place(role.role, row, name, table, other && this.placeOf(other.id), role);
    }
  }

  /** What only the files have: it stays, or goes. */
  private others(role: KitRole, table: WorkTable, others: readonly RecordRow[]): readonly RecordRow[] {
    for (const other of others) {
      const places = this.content.places.get(other.id) ?? [];
      if (this.options.keepOthers && !this.options.remove?.has(other.id)) {
        const at = this.placeOf(other.id);
        if (at) this.placed.set(other.id, at);
        if (role === 'channels') this.kept += 1;
      } else for (const { row } of places) table.remove(row);
    }
    return this.options.keepOthers ? others.filter(({ id }) => !this.options.remove?.has(id)) : [];
  }

  private place(
    role: KitRole,
    row: RecordRow,
    name: string,
    table: WorkTable,
    at: { handle: Handle } | undefined,
    of: RecordRole,
  ): void {
    if (!at && !this.room(table)) {
      this.leftOut.push({ what: role, name: row.name, why: `the file has room for ${table.of.layout.mostRows}` });
      return;
    }
    const isPerMember = table.of.layout.rowPerMember;
    const handle = at?.handle ?? (isPerMember ? -1 : table.add());
    this.names.set(row.id, name);
    if (name !== row.name) this.renamed.push({ from: row.name, to: name });
    if (handle >= 0) {
      table.say(handle, 'name', name);
      for (const [field, text] of Object.entries(of.cells(row).texts))
        if (!table.say(handle, field, text)) this.lose(field, 'no word');
    }
    this.placed.set(row.id, { table, handle });
  }

  private channels(): void {
    const [table] = this.tablesOf('channels');
    if (!table) return;
    const { layout } = table.of;
    const inZone = new Set(rows(this.codeplug.zones).flatMap(({ channelIds }) => channelIds));
    const encoded = this.encodedOf(table);
    const wishes = new Map(rows(this.codeplug.channels).map((one) => [one.id, fittedName(layout, encoded, one.name)]));
    const matches = compareChannels(this.modes, this.codeplug, this.content.codeplug, {
      said: this.content.said,
      nameThere: (one) => wishes.get(one.id) ?? one.name,
    });
    const there = this.content.codeplug.channels.byId;
    const alone = matches.flatMap(({ hereId, thereId }) =>
      hereId === null && thereId !== null ? [there[thereId]!] : [],
    );
    const stay = this.others('channels', table, alone);
    const fit = kitNames(
      layout,
      this.encodedOf(table),
      stay.map(({ name }) => name),
    );
    const byHere = new Map(
      matches.flatMap(({ hereId, thereId }) => (hereId === null ? [] : [[hereId, thereId] as const])),
    );
    const all = rows(this.codeplug.channels).map((channel) => ({ channel, thereId: byHere.get(channel.id) ?? null }));
    // Who can have its own name gets it first. Places go by priority: what is in a zone before what no knob reaches.
    const taken = new Set(stay.map(({ name }) => name));
    const isFree = (id: Id, name: string) => wishes.get(id) === name && !taken.has(name);
    const names = new Map<Id, string>();
    for (const isFirst of [true, false])
      for (const { channel, thereId } of all)
        if (isFree(channel.id, channel.name) === isFirst)
          names.set(channel.id, fit(channel.name, thereId === null ? undefined : there[thereId]!.name));
    const named = all.map((one) => ({ ...one, name: names.get(one.channel.id)! }));
    const byPriority = [...named].sort((a, b) => Number(!inZone.has(a.channel.id)) - Number(!inZone.has(b.channel.id)));
    for (const { channel, name, thereId } of byPriority) {
      const at = thereId === null ? undefined : this.placeOf(thereId);
      const why =
        this.unfit(table, channel) ?? (at || this.room(table) ? null : `the file has room for ${layout.mostRows}`);
      if (why !== null) {
        this.leftOut.push({ what: 'channels', name: channel.name, why });
        if (at && !this.options.keepOthers) table.remove(at.handle);
        continue;
      }
      const handle = at?.handle ?? table.add(channel.mode);
      this.names.set(channel.id, name);
      if (name !== channel.name) this.renamed.push({ from: channel.name, to: name });
      this.placed.set(channel.id, { table, handle });
      this.values(table, handle, channel, name);
    }
  }

  /** Why a channel cannot stand in the file at all; `null` when it can. */
  private unfit(table: WorkTable, channel: Channel): string | null {
    const { layout } = table.of;
    const [mode] = columnsOfField(table.of, 'mode');
    const { codec } = mode?.layout ?? {};
    // A table with a column for digital or not holds FM beside the mode that it is of.
    const isHeld =
      layout.mode === null || layout.mode === channel.mode || (channel.mode === 'fm' && table.has('digital'));
    if (!mode && !isHeld) return `the file holds ${this.modes[layout.mode as Channel['mode']].name} only`;
    if (codec?.as === 'words' && !codec.words.some(([, meaning]) => meaning === channel.mode))
      return `the file has no word for ${this.modes[channel.mode].name}`;
    const way = Math.sign(channel.txHz - channel.rxHz);
    const [direction] = columnsOfField(table.of, 'direction');
    const words = direction?.layout.codec;
    if (direction && !table.has('tx') && words?.as === 'words') {
      const meaning = way > 0 ? '+' : way < 0 ? '-' : '0';
      const isThere = words.words.some(([, one]) => one === meaning) || direction.layout.blank === meaning;
      if (!isThere)
        return `no row of the sample shows how the file says a shift of ${meaning === '0' ? 'none' : meaning}`;
    }
    if (way !== 0 && !table.has('tx') && !table.has('shift'))
      return 'the file has no column for another frequency to send on';
    return null;
  }

  private values(table: WorkTable, handle: Handle, channel: Channel, name: string): void {
    const { rxHz, txHz, mode } = channel;
    const shift = txHz - rxHz;
    table.say(handle, 'name', name);
    table.say(handle, 'mode', mode);
    if (table.has('digital')) table.say(handle, 'digital', mode === 'fm' ? 'no' : 'yes');
    if (table.has('low-power')) table.say(handle, 'low-power', channel.power === 'low' ? 'yes' : 'no');
    table.say(handle, 'rx', String(rxHz));
    if (!(shift === 0 && this.isBlank(table, handle, 'tx'))) table.say(handle, 'tx', String(txHz));
    const hasDirection = table.has('direction');
    table.say(handle, 'shift', String(hasDirection ? Math.abs(shift) : shift));
    if (hasDirection) table.say(handle, 'direction', shift > 0 ? '+' : shift < 0 ? '-' : '0');
    if (table.has('tx-off')) {
      const isOff = channel.purpose === 'receive only' ? 'yes' : 'no';
      if (!table.say(handle, 'tx-off', isOff)) this.lose('Receive only', 'no word');
    }
    const linked = new Set(
      this.modes[mode].kit.links.filter(({ fieldId }) => table.has(fieldId)).flatMap(({ says }) => says),
    );
    for (const field of channelFields(this.modes)) {
      if (
        ['name', 'rx', 'shift'].includes(field.id) ||
        (field.modes && !field.modes.includes(mode)) ||
        linked.has(field.id)
      )
        continue;
      if (!table.has(field.id)) this.lose(field.title, 'no column');
      else if (!this.sayShown(table, handle, field, channel)) {
        this.lose(field.title, 'no word');
        this.unsaid.set(channel.id, (this.unsaid.get(channel.id) ?? new Set()).add(field.id));
      }
    }
  }

  /** What a channel does not show, such as the tones of one that is digital only, is not said: the cell stays. */
  private sayShown(table: WorkTable, handle: Handle, field: ColumnField, channel: Channel): boolean {
    const value = field.show(channel, this.codeplug).trimEnd();
    return value === '' && field.options === undefined && field.same !== undefined
      ? true
      : table.say(handle, field.id, value);
  }

  private isBlank(table: WorkTable, handle: Handle, field: string): boolean {
    const [column] = columnsOfField(table.of, field);
    return (
      column?.layout.blank === 'rx' &&
      table.cell(handle, column.at).trim() === '' &&
      handle < table.of.table.rows.length
    );
  }

  /** Contacts and lists that channels call. */
  private links(): void {
    for (const channel of rows(this.codeplug.channels)) {
      const at = this.placed.get(channel.id);
      if (!at) continue;
      for (const link of this.modes[channel.mode].kit.links) {
        const [column] = columnsOfField(at.table.of, link.fieldId);
        const codec = column?.layout.codec;
        if (!column || codec?.as !== 'named') continue;
        const role = this.modes[channel.mode].kit.roles.find((one) => one.role === link.role)!;
        const mine = recordsOf(this.codeplug).find(({ mode, kind }) => mode === channel.mode && kind.key === role.key)!;
        const record = link.find(channel, rows(mine.table));
        const id = record === undefined ? this.madeFor(channel, link, role) : (record?.id ?? null);
        const target = id === null ? undefined : this.placed.get(id);
        if (id !== null && !target) {
          this.unsaid.set(channel.id, new Set([...(this.unsaid.get(channel.id) ?? []), ...link.says]));
          continue;
        }
        const text = target ? nameBy(codec.by, target.table.names(target.handle, '')) : codec.none;
        at.table.set(at.handle, column.at, text);
      }
    }
  }

  /** Rows that only the files have name contacts and lists by the names that these have now. */
  private followedLinks(): void {
    const mine = new Set(
      [...this.placed].flatMap(([id, { handle }]) => (id in this.codeplug.channels.byId ? [handle] : [])),
    );
    for (const table of this.tablesOf('channels')) {
      for (const { layout, at } of table.of.columns) {
        const { codec } = layout;
        const [target] = codec?.as === 'named' ? this.tablesOf(codec.role) : [];
        if (codec?.as !== 'named' || !target) continue;
        const lookup = new RowLookup(target.rows().map((row) => target.namesBefore(row, String(row))));
        for (const row of table.rows()) {
          const found = mine.has(row) || table.isRemoved(row) ? undefined : lookup.find(codec.by, table.cell(row, at));
          if (!found) continue;
          const handle = Number(found.id);
          table.set(row, at, target.isRemoved(handle) ? codec.none : nameBy(codec.by, target.names(handle, '')));
        }
      }
    }
  }

  private readonly made = new Map<string, Id>();

  /** A contact for a channel whose own is in no table. */
  private madeFor(
    channel: Channel,
    link: KitModes[Channel['mode']]['kit']['links'][number],
    role: RecordRole,
  ): Id | null {
    const row = link.make?.(channel, `made-${this.made.size + 1}`);
    if (!row) return null;
    const known = this.made.get(role.same(row));
    if (known) return known;
    // What only the files have may be just that.
    const others = recordsOf(this.content.codeplug).find(
      ({ mode, kind }) => mode === role.mode && kind.key === role.key,
    )!;
    const other = rows(others.table).find((one) => role.same(one) === role.same(row) && this.placed.has(one.id));
    const [table] = this.tablesOf(role.role);
    if (!other && table) {
      const taken = table.rows().map((handle) => table.names(handle, '').name);
      this.place(
        role.role,
        row,
        kitNames(table.of.layout, this.encodedOf(table), taken)(row.name),
        table,
        undefined,
        role,
      );
    }
    const id = other?.id ?? row.id;
    this.made.set(role.same(row), id);
    return id;
  }

  /** Members of a list, in the way of its table. @returns whether all of them have room */
  private members(
    table: WorkTable,
    handle: Handle,
    name: string,
    ids: readonly Id[],
    before: readonly Handle[],
  ): boolean {
    const columns = columnsOfField(table.of, 'member');
    const codec = columns[0]?.layout.codec;
    if (!codec || (codec.as !== 'named' && codec.as !== 'members')) return false;
    const targets = ids.flatMap((id) => this.placed.get(id) ?? []);
    const texts = targets.map((target) => nameBy(codec.by, target.table.names(target.handle, '')));
    if (table.of.layout.rowPerMember) {
      const was = before.map((row) => memberTexts(table.of, row)[0]?.text ?? '');
      if (was.length === texts.length && was.every((text, at) => text === texts[at])) return true;
      texts.forEach((text, at) => {
        const row = before[at] ?? table.add();
        table.say(row, 'name', name);
        table.set(row, columns[0]!.at, text);
      });
      for (const row of before.slice(texts.length)) table.remove(row);
      return true;
    }
    if (codec.as === 'members') {
      const is = handle < table.of.table.rows.length ? memberTexts(table.of, handle).map(({ text }) => text) : null;
      if (is && is.length === texts.length && is.every((text, at) => text === texts[at])) return true;
      table.set(handle, columns[0]!.at, membersCell(codec, texts));
      return true;
    }
    columns.forEach((column, at) => {
      const cell = table.cell(handle, column.at);
      const text = texts[at] ?? '';
      if (text === '' ? cell.trim() !== '' && cell !== codec.none : cell.trim() !== text)
        table.set(handle, column.at, text === '' ? codec.none : text);
    });
    for (const text of texts.slice(columns.length))
      this.leftOut.push({ what: table.of.layout.role, name: text, why: `${name} has room for ${columns.length}` });
    return texts.length <= columns.length;
  }

  /** Zones of more channels than the file has columns for go on in a second one. */
  private zonesThatFit(table: WorkTable): Zone[] {
    const columns = columnsOfField(table.of, 'member');
    const isOneEach = columns[0]?.layout.codec?.as === 'named' && !table.of.layout.rowPerMember;
    return rows(this.codeplug.zones).flatMap((zone) => {
      const ids = zone.channelIds.filter((id) => this.placed.has(id));
      if (!isOneEach || ids.length <= columns.length) return [zone];
      return Array.from({ length: Math.ceil(ids.length / columns.length) }, (_, at) => ({
        id: zone.id,
        name: at === 0 ? zone.name : `${zone.name} ${at + 1}`,
        channelIds: ids.slice(at * columns.length, (at + 1) * columns.length),
      }));
    });
  }

  private zones(): void {
    const [table] = this.tablesOf('zones');
    if (!table) {
      if (this.codeplug.zones.order.length > 0 && !this.work.some((one) => one.has('zone')))
        this.lose('Zones', 'no column');
      return;
    }
    const there = rows(this.content.codeplug.zones);
    const taken = new Set<Id>();
    const names = kitNames(table.of.layout, this.encodedOf(table));
    const pairs = this.zonesThatFit(table).map((zone) => {
      const name = names(zone.name);
      const other = there.find((one) => !taken.has(one.id) && (one.name === name || one.name === zone.name));
      if (other) taken.add(other.id);
      return { zone, name: other?.name ?? name, other };
    });
    const stay = this.others(
      'zones',
      table,
      there.filter(({ id }) => !taken.has(id)),
    ) as readonly Zone[];
    for (const { zone, name, other } of pairs) {
      const before = (other ? (this.content.places.get(other.id) ?? []) : []).map(({ row }) => row);
      if (!other && !this.room(table)) {
        this.leftOut.push({ what: 'zones', name: zone.name, why: `the file has room for ${table.of.layout.mostRows}` });
        continue;
      }
      const handle = before[0] ?? (table.of.layout.rowPerMember ? -1 : table.add());
      this.names.set(zone.id, name);
      if (name !== zone.name) this.renamed.push({ from: zone.name, to: name });
      if (handle >= 0) table.say(handle, 'name', name);
      this.members(table, handle, name, zone.channelIds, before);
    }
    this.followed(
      table,
      stay.map(({ id, name, channelIds }) => ({ id, name, members: channelIds })),
    );
  }

  /** Lists that only the files have: what they name is named by its new name, and what is gone goes. */
  private followed(table: WorkTable, lists: readonly { id: Id; name: string; members: readonly Id[] }[]): void {
    const moved = this.movedChannels();
    for (const { id, name, members } of lists) {
      const before = (this.content.places.get(id) ?? []).map(({ row }) => row);
      this.members(
        table,
        before[0] ?? -1,
        name,
        members.flatMap((member) => moved.get(member) ?? []),
        before,
      );
    }
  }

  /** The channel of the plan, or of the file, that stands in the row of a channel of the file. */
  private movedChannels(): Map<Id, Id> {
    const byPlace = new Map<string, Id>();
    for (const [id, { table, handle }] of this.placed) byPlace.set(`${this.work.indexOf(table)} ${handle}`, id);
    return new Map(
      rows(this.content.codeplug.channels).flatMap(({ id }): [Id, Id][] => {
        const at = this.placeOf(id);
        const now = at && byPlace.get(`${this.work.indexOf(at.table)} ${at.handle}`);
        return now === undefined ? [] : [[id, now]];
      }),
    );
  }

  private recordLists(role: RecordRole): void {
    const [table] = this.tablesOf(role.role);
    if (!table) return;
    const listed = this.modes[role.mode].kit.roles.find((one) => one.role === role.lists)!;
    const idByNumber = (from: Codeplug) => {
      const of = recordsOf(from).find(({ mode, kind }) => mode === role.mode && kind.key === listed.key)!;
      return new Map(
        rows(of.table).flatMap((row) =>
          this.placed.has(row.id) && (role.takes?.(row) ?? true) ? [[listed.number!(row), row.id] as const] : [],
        ),
      );
    };
    const ids = new Map([...idByNumber(this.content.codeplug), ...idByNumber(this.codeplug)]);
    const of = recordsOf(this.codeplug).find(({ mode, kind }) => mode === role.mode && kind.key === role.key)!;
    for (const row of rows(of.table)) {
      const at = this.placed.get(row.id);
      if (!at) continue;
      const members = role.cells(row).members ?? [];
      const known = members.flatMap((number) => ids.get(number) ?? this.madeMember(role, listed, number) ?? []);
      const there = recordsOf(this.content.codeplug).find(
        ({ mode, kind }) => mode === role.mode && kind.key === role.key,
      )!;
      const other =
        at.handle >= 0 && at.handle < table.of.table.rows.length
          ? rows(there.table).find(
              ({ id }) => this.placeOf(id)?.handle === at.handle && this.placeOf(id)?.table === table,
            )
          : undefined;
      const before = (other ? (this.content.places.get(other.id) ?? []) : []).map((place) => place.row);
      if (!this.members(table, at.handle, this.names.get(row.id) ?? row.name, known, before)) this.short.add(row.id);
    }
  }

  private madeMember(role: RecordRole, listed: RecordRole, number: string): Id | null {
    const row = role.member?.(number, `member-${number}`);
    const [table] = this.tablesOf(listed.role);
    if (!row || !table) return null;
    if (!this.placed.has(row.id)) {
      const taken = table.rows().map((handle) => table.names(handle, '').name);
      this.place(
        listed.role,
        row,
        kitNames(table.of.layout, this.encodedOf(table), taken)(row.name),
        table,
        undefined,
        listed,
      );
    }
    return this.placed.has(row.id) ? row.id : null;
  }

  /** Scan lists are not in the plan: they follow what becomes of the channels. */
  private scanLists(): void {
    const before = this.tablesOf('channels').flatMap((table) =>
      table.rows().map((row): RowNames => table.namesBefore(row, String(row))),
    );
    const lookup = new RowLookup(before);
    const [channels] = this.tablesOf('channels');
    for (const table of channels ? this.tablesOf('scan lists') : []) {
      for (const row of table.rows()) {
        const columns = columnsOfField(table.of, 'member');
        const codec = columns[0]?.layout.codec;
        if (!codec || (codec.as !== 'named' && codec.as !== 'members')) continue;
        const texts = memberTexts(table.of, row).flatMap(({ text, by }) => {
          const found = lookup.find(by, text);
          // What names no channel, such as the one that is selected, stays.
          if (!found) return [text];
          const handle = Number(found.id);
          return channels!.isRemoved(handle) ? [] : [nameBy(by, channels!.names(handle, ''))];
        });
        this.put(
          table,
          row,
          columns.map(({ at }) => at),
          codec,
          texts,
        );
      }
    }
  }

  private put(
    table: WorkTable,
    row: Handle,
    columns: readonly number[],
    codec: Extract<NonNullable<KitTable['columns'][number]['layout']['codec']>, { as: 'named' | 'members' }>,
    texts: readonly string[],
  ): void {
    const was = memberTexts(table.of, row).map(({ text }) => text);
    if (was.length === texts.length && was.every((text, at) => text === texts[at])) return;
    if (codec.as === 'members') table.set(row, columns[0]!, membersCell(codec, texts));
    else columns.forEach((at, place) => table.set(row, at, texts[place] ?? codec.none));
  }

  /** Everything that is changed, as bytes; with what the new files do not say as they should. */
  async run(): Promise<WrittenKit> {
    const roles = MODE_IDS.flatMap((mode) => this.modes[mode].kit.roles);
    for (const role of roles) this.records(role);
    this.channels();
    this.links();
    this.followedLinks();
    for (const role of roles) if (role.lists) this.recordLists(role);
    this.zones();
    this.scanLists();
    const files = await Promise.all(
      this.files.map(async ({ name, file }): Promise<NamedBytes> => {
        const edits = new Map(
          this.work.filter(({ of }) => of.file === name).map((table) => [table.of.table.part, table.edit()]),
        );
        return { name, bytes: await file.write(edits) };
      }),
    );
    const wrong = await this.readBack(files);
    return {
      files: wrong.length > 0 ? [] : files,
      tables: this.work.map((table) => ({
        file: table.of.file,
        part: table.of.table.part,
        role: table.of.layout.role,
        ...table.counts(),
      })),
      renamed: this.renamed,
      leftOut: this.leftOut,
      losses: [...this.lost.values()],
      kept: this.kept,
      wrong,
      findings: this.content.findings,
    };
  }

  /** What channels say of lists that did not fit as a whole is not held against the files: it is told as left out. */
  private notHeld(): void {
    for (const channel of rows(this.codeplug.channels)) {
      for (const link of this.modes[channel.mode].kit.links) {
        const role = this.modes[channel.mode].kit.roles.find((one) => one.role === link.role)!;
        const mine = recordsOf(this.codeplug).find(({ mode, kind }) => mode === channel.mode && kind.key === role.key)!;
        const record = this.short.size > 0 ? link.find(channel, rows(mine.table)) : null;
        if (record && this.short.has(record.id))
          this.unsaid.set(channel.id, new Set([...(this.unsaid.get(channel.id) ?? []), ...link.says]));
      }
    }
  }

  /** The new files, read as if they came from the radio, hold what the plan has. */
  private async readBack(files: readonly NamedBytes[]): Promise<KitFinding[]> {
    this.notHeld();
    const opened = await Promise.all(files.map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
    const { tables, findings } = kitTables(this.kit, opened);
    const again = readKit(tables, this.modes, findings);
    const written = rows(this.codeplug.channels).filter(({ id }) => this.placed.has(id));
    const here = { ...this.codeplug, channels: tableOf(written) };
    const matches = compareChannels(this.modes, here, again.codeplug, {
      said: again.said,
      nameThere: ({ id, name }) => this.names.get(id) ?? name,
    });
    const [file] = this.tablesOf('channels').map(({ of }) => of.file);
    const wrong = matches.flatMap(({ kind, hereId, name, nameThere, differences }): KitFinding[] => {
      if (hereId === null || kind === 'same') return [];
      const at = { file: file ?? '', part: '', line: null };
      if (kind === 'only here') return [{ ...at, column: name, found: 'no such channel', expected: 'the channel' }];
      const real = differences.filter(({ fieldId }) => !this.unsaid.get(hereId)?.has(fieldId));
      if (kind === 'renamed' || (real.length === 0 && nameThere !== this.names.get(hereId)))
        return [{ ...at, column: name, found: `“${nameThere}”`, expected: `“${this.names.get(hereId) ?? name}”` }];
      return real.map((one) => ({
        ...at,
        column: `${name}, ${one.title}`,
        found: `“${one.there}”`,
        expected: `“${one.here}”`,
      }));
    });
    // What could not be read before cannot be read now either; anything more is a fault of ours.
    const more = again.findings.length - this.content.findings.length;
    return more > 0 ? [...wrong, ...again.findings.slice(-more)] : wrong;
  }
}

/** @throws ListTooLarge, UnreadableFile where a file that was made cannot be read again */
export function writeKit(
  codeplug: Codeplug,
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedFile[],
  modes: KitModes,
  options: WriteOptions,
): Promise<WrittenKit> {
  return new Writer(codeplug, kit, files, modes, options).run();
}
