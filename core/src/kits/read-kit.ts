/**
 * What the files of a kit mean: a codeplug, without links to sites and wants, and where each of its rows stands. A row
 * that cannot be understood is told and left out; the rest goes on.
 */
import type { ColumnField, Reading } from '../codeplug/channel-field';
import { LEAST, MOST } from '../plan/power';
import { channelFields } from '../codeplug/channel-fields';
import { emptyCodeplug, newZone } from '../plan/create';
import type { CellCodec, KitRole } from '../plan/kit';
import { MODE_IDS } from '../plan/modes';
import type { RecordRow } from '../plan/record-kind';
import { recordsOf } from '../plan/records';
import { putRow, rows } from '../plan/table';
import type { Channel, ChannelValues, Codeplug, Id, ModeId, Table, Zone } from '../plan/types';
import { quoted } from '../formats/format';
import { formatMHz, MOST_HZ } from '../units/quantities';
import { decodeCell } from './codec';
import type { KitModes, RecordRole } from './kit-field';
import { cellOf, columnsOfField, isFreeRow, type KitFinding, type KitTable, ofRole } from './kit-tables';
import { expectedIn, RowReader, type RowTexts } from './row-texts';
import { memberTexts, namesIn, RowLookup, type RowNames, rowNames } from './refs';
import { isLong, namedIn, sameAs } from './wanted-rows';

export interface RowPlace {
  table: KitTable;
  row: number;
}

export interface KitContent {
  codeplug: Codeplug;
  /** Where each channel, zone and record stands. A list of one row for each member stands in several. */
  places: ReadonlyMap<Id, readonly RowPlace[]>;
  /** Fields of a channel that the files say, by the channel. */
  said: ReadonlyMap<Id, ReadonlySet<string>>;
  findings: KitFinding[];
  /** Rows of long tables that nothing names: they could be read, and are not in the codeplug. */
  passed: ReadonlyMap<KitTable, readonly number[]>;
}

export interface ReadOptions {
  findings?: readonly KitFinding[];
  /** So many findings are kept. */
  mostFindings?: number;
  /** What it has is read from long tables too. */
  against?: Codeplug;
}

/** A name that is not to be run as a formula is read as it was. */
const TEXT: CellCodec = { as: 'text', capitals: false, pad: 0 };

const MOST_FINDINGS = 1000;
/** Texts of a field that are read once only. */
const MOST_READINGS = 2000;

class Reader {
  readonly codeplug = emptyCodeplug();
  readonly findings: KitFinding[];
  readonly places = new Map<Id, RowPlace[]>();
  readonly said = new Map<Id, ReadonlySet<string>>();
  private readonly lookups = new Map<KitRole, RowLookup>();
  readonly passed = new Map<KitTable, number[]>();
  private readonly rowReader = new RowReader((...of) => this.wrong(...of));
  private readonly taken = new Set<Id>();
  private readonly most: number;

  constructor(
    private readonly tables: readonly KitTable[],
    private readonly modes: KitModes,
    private readonly options: ReadOptions,
  ) {
    this.findings = [...(options.findings ?? [])];
    this.most = options.mostFindings ?? MOST_FINDINGS;
  }

  private wrong({ file, table }: KitTable, row: number, column: string, found: string, expected: string): void {
    if (this.findings.length < this.most)
      this.findings.push({ file, part: table.part, line: table.rows[row]!.line, column, found, expected });
  }

  private id(wish: string): Id {
    let id = wish;
    for (let n = 2; this.taken.has(id); n += 1) id = `${wish}-${n}`;
    this.taken.add(id);
    return id;
  }

  private isWhole(table: KitTable, row: number): boolean {
    const { cells } = table.table.rows[row]!;
    if (cells.length >= table.table.width || table.table.header === null) return true;
    this.wrong(table, row, '', `${cells.length} cells`, `${table.table.width} cells`);
    return false;
  }

  private put(id: Id, table: KitTable, row: number): void {
    this.places.set(id, [...(this.places.get(id) ?? []), { table, row }]);
  }

  records(role: RecordRole): void {
    if (role.lists) return;
    const into = recordsOf(this.codeplug).find(({ mode, kind }) => mode === role.mode && kind.key === role.key)!;
    const rows: RowNames[] = [];
    for (const table of ofRole(this.tables, role.role)) {
      const isWanted = isLong(table) ? this.wantedIn(table, role) : () => true;
      table.table.rows.forEach((_, row) => {
        if (isFreeRow(table, row) || !this.isWhole(table, row)) return;
        const texts = Object.fromEntries(this.rowReader.read(table, row));
        const read = role.row(texts, []);
        if (read === null) return;
        const names = namesIn(table, (column) => cellOf(table, row, column), '', row + 1);
        if (!isWanted(names, read as RecordRow)) {
          this.passed.get(table)!.push(row);
          return;
        }
        const id = this.id(`${role.key}-${table.table.rows[row]!.line}`);
        rows.push({ ...names, id });
        putRow(into.table, {
          ...read,
          id,
          name: (texts['name'] || texts[role.needs.at(-1)!] || 'Unnamed').slice(0, 60),
        } as RecordRow);
        this.put(id, table, row);
      });
    }
    this.lookups.set(role.role, new RowLookup(rows));
  }

  /** What of a long table is read. */
  private wantedIn(table: KitTable, role: RecordRole): (names: RowNames, row: RecordRow) => boolean {
    this.passed.set(table, []);
    const { against } = this.options;
    const isNamed = namedIn(this.tables, role.role);
    const isSame = against ? sameAs(against, this.modes, role) : () => false;
    return (names, row) => isNamed(names) || isSame(row);
  }

  /** Lists of records: what they name is looked up in the table of those. */
  recordLists(role: RecordRole): void {
    if (!role.lists) return;
    const into = recordsOf(this.codeplug).find(({ mode, kind }) => mode === role.mode && kind.key === role.key)!;
    const lookup = this.lookups.get(role.lists);
    const of = recordsOf(this.codeplug).find(
      ({ mode, kind }) => mode === role.mode && this.roleOf(mode, kind.key)?.role === role.lists,
    );
    const listed = this.roleOf(role.mode, of?.kind.key ?? '');
    const rows: RowNames[] = [];
    for (const table of ofRole(this.tables, role.role)) {
      const lists = this.listsIn(table, lookup, (id) => {
        const row = of?.table.byId[id];
        return row && listed?.number ? listed.number(row) : '';
      });
      for (const { id, name, members, at } of lists) {
        const read = role.row({}, members);
        if (read) putRow(into.table, { ...read, id, name: (name || 'List').slice(0, 60) } as RecordRow);
        for (const row of at) this.put(id, table, row);
      }
      const byRow = new Map(lists.flatMap(({ id, at }) => at.map((row) => [row, id] as const)));
      rows.push(...rowNames(table, (row) => byRow.get(row) ?? '').filter(({ id }) => id !== ''));
    }
    this.lookups.set(role.role, new RowLookup(rows));
  }

  private roleOf(mode: ModeId, key: string): RecordRole | undefined {
    return this.modes[mode].kit.roles.find((one) => one.key === key);
  }

  /** The lists of a table, each with what its members are; rows of one name are one list where a row is a member. */
  private listsIn(
    table: KitTable,
    lookup: RowLookup | undefined,
    meaning: (id: Id) => string,
    isOther: 'wrong' | 'left out' = 'wrong',
  ): { id: Id; name: string; members: string[]; at: number[] }[] {
    const lists = new Map<string, { id: Id; name: string; members: string[]; at: number[] }>();
    const [nameColumn] = columnsOfField(table, 'name');
    table.table.rows.forEach(({ line }, row) => {
      if (isFreeRow(table, row)) return;
      const name = nameColumn ? cellOf(table, row, nameColumn).trim() : '';
      const key = table.layout.rowPerMember ? name : String(row);
      const list = lists.get(key) ?? {
        id: this.id(`${table.layout.role.replace(/\s/g, '-')}-${line}`),
        name,
        members: [],
        at: [],
      };
      lists.set(key, list);
      list.at.push(row);
      for (const { text, by, column } of memberTexts(table, (of) => cellOf(table, row, of))) {
        const found = lookup?.find(by, text);
        const member = found ? meaning(found.id) : '';
        if (member === '' && isOther === 'left out') continue;
        if (member === '') this.wrong(table, row, column, quoted(text), `the ${by} of one of the rows it lists`);
        else list.members.push(member);
      }
    });
    return [...lists.values()];
  }

  private sent(texts: RowTexts, rxHz: number): number | null {
    const tx = texts.get('tx');
    if (tx === 'rx') return rxHz;
    if (tx !== undefined && Number(tx) > 0) return Number(tx);
    const size = Number(texts.get('shift') ?? '0');
    const way = texts.get('direction');
    if (way === '0') return rxHz;
    if (way === '-' || way === '+') return rxHz + (way === '-' ? -Math.abs(size) : Math.abs(size));
    return tx === '0' ? rxHz : rxHz + size;
  }

  channels(): void {
    const rows: RowNames[] = [];
    for (const table of ofRole(this.tables, 'channels')) {
      const ids = new Map<number, Id>();
      table.table.rows.forEach((_, row) => {
        const id = isFreeRow(table, row) || !this.isWhole(table, row) ? null : this.channel(table, row);
        if (id !== null) ids.set(row, id);
      });
      rows.push(...rowNames(table, (row) => ids.get(row) ?? '').filter(({ id }) => id !== ''));
    }
    this.lookups.set('channels', new RowLookup(rows));
  }

  private readonly fieldsOf = new Map<KitTable, readonly ColumnField[]>();

  /** The fields that a table has columns for, beside name and frequencies. Looked up once: it is asked for each row. */
  private fieldsIn(table: KitTable): readonly ColumnField[] {
    const known =
      this.fieldsOf.get(table) ??
      channelFields(this.modes).filter(
        ({ id }) =>
          !['name', 'rx', 'shift'].includes(id) &&
          (columnsOfField(table, id).length > 0 || id === 'tone-tx' || id === 'tone-rx'),
      );
    this.fieldsOf.set(table, known);
    return known;
  }

  private channel(table: KitTable, row: number): Id | null {
    const texts = this.rowReader.readChannel(table, row);
    const [rx] = columnsOfField(table, 'rx');
    // A cell that cannot be read is told already; the other frequency is no guess for it.
    if (rx && !texts.has('rx') && cellOf(table, row, rx).trim() !== '') return null;
    const rxHz = Number(texts.get('rx') ?? texts.get('tx'));
    const isAnalog = texts.get('digital') === 'no';
    const mode = (texts.get('mode') ?? (isAnalog ? 'fm' : table.layout.mode)) as ModeId | null;
    if (!(rxHz > 0) || rxHz > MOST_HZ) {
      if (!this.findings.some((one) => one.line === table.table.rows[row]!.line && one.file === table.file))
        this.wrong(table, row, 'frequency', 'nothing', 'a frequency');
      return null;
    }
    if (mode === null || !MODE_IDS.includes(mode)) {
      this.wrong(table, row, 'mode', 'nothing', 'a mode');
      return null;
    }
    const values = this.modes[mode].blankChannel() as ChannelValues;
    const said = ['rx', 'mode'];
    const name = texts.get('name')?.trim() ?? '';
    if (name !== '') said.push('name');
    Object.assign(values, {
      rxHz,
      txHz: Math.max(1, this.sent(texts, rxHz) ?? rxHz),
      name: (name || formatMHz(rxHz)).slice(0, 60),
    });
    if (texts.has('tx') || texts.has('shift')) said.push('shift');
    for (const field of this.fieldsIn(table)) {
      const there = texts.get(field.id);
      if (there === undefined || (field.modes && !field.modes.includes(mode))) continue;
      const reading = this.readingOf(field, there);
      if ('put' in reading) {
        reading.put(values);
        said.push(field.id);
      } else {
        const title = columnsOfField(table, field.id)[0]?.layout.title ?? field.title;
        this.wrong(table, row, title, reading.found, reading.expected);
      }
    }
    const low = texts.get('low-power');
    if (low !== undefined) {
      values.power = low === 'yes' ? LEAST : MOST;
      said.push('power');
    }
    this.links(table, row, values, said);
    const id = this.id(`row-${table.table.rows[row]!.line}`);
    const isReceiveOnly = texts.get('tx-off') === 'yes';
    putRow(this.codeplug.channels, {
      id,
      siteId: null,
      destination: null,
      purpose: isReceiveOnly ? 'receive only' : null,
      wantId: null,
      ...values,
      built: null,
    } as Channel);
    this.said.set(id, this.asSaid(said));
    this.put(id, table, row);
    return id;
  }

  private readonly readings = new Map<ColumnField, Map<string, Reading>>();

  /** What a text is in a field: most texts stand in many rows. */
  private readingOf(field: ColumnField, text: string): Reading {
    const known = this.readings.get(field) ?? new Map<string, Reading>();
    this.readings.set(field, known);
    const reading = known.get(text) ?? field.readStored?.(text) ?? field.read(text, this.codeplug, null);
    // What names a row of the codeplug hangs on what is in it by now.
    if (!field.link && known.size < MOST_READINGS) known.set(text, reading);
    return reading;
  }

  private readonly saidBy = new Map<string, ReadonlySet<string>>();

  /** Most rows of a table say the same fields: those share one set. */
  private asSaid(fields: readonly string[]): ReadonlySet<string> {
    const key = fields.join(' ');
    const known = this.saidBy.get(key) ?? new Set(fields);
    this.saidBy.set(key, known);
    return known;
  }

  private readonly tableOf = new Map<string, Table<RecordRow> | undefined>();

  /** The rows that a mode keeps of a role, looked up once: it is asked for each channel. */
  private recordsFor(mode: ModeId, role: KitRole): Table<RecordRow> | undefined {
    const key = `${mode} ${role}`;
    if (!this.tableOf.has(key)) {
      const of = this.modes[mode].kit.roles.find((one) => one.role === role);
      const found = recordsOf(this.codeplug).find((one) => one.mode === mode && one.kind.key === of?.key);
      this.tableOf.set(key, found?.table);
    }
    return this.tableOf.get(key);
  }

  private links(table: KitTable, row: number, values: ChannelValues, said: string[]): void {
    for (const link of this.modes[values.mode].kit.links) {
      const [column] = columnsOfField(table, link.fieldId);
      const codec = column?.layout.codec;
      if (!column || codec?.as !== 'named') continue;
      const cell = cellOf(table, row, column).trim();
      if (cell === '' || cell === codec.none) {
        link.take(values, null, this.codeplug);
        if (link.saysNone) for (const field of link.says) said.push(field);
        continue;
      }
      const found = this.lookups.get(link.role)?.find(codec.by, cell);
      const record = found ? (this.recordsFor(values.mode, link.role)?.byId[found.id] ?? null) : null;
      if (record === null) {
        this.wrong(table, row, column.layout.title, quoted(cell), expectedIn(codec));
        continue;
      }
      link.take(values, record, this.codeplug);
      for (const field of link.says) said.push(field);
    }
  }

  zones(): void {
    const lookup = this.lookups.get('channels');
    for (const table of ofRole(this.tables, 'zones')) {
      for (const { id, name, members, at } of this.listsIn(table, lookup, (channelId) => channelId)) {
        putRow(this.codeplug.zones, newZone(id, (name || 'Zone').slice(0, 60), members));
        for (const row of at) this.put(id, table, row);
      }
    }
    // Where zones have a table, a column of the channels says the same again.
    if (ofRole(this.tables, 'zones').length === 0) this.zonesInColumn();
  }

  /** What a list names that is no channel, such as the one that is selected, is the radio's own. */
  scanLists(): void {
    for (const table of ofRole(this.tables, 'scan lists')) {
      const lists = this.listsIn(table, this.lookups.get('channels'), (channelId) => channelId, 'left out');
      for (const { id, name, members, at } of lists) {
        putRow(this.codeplug.scanLists, {
          id,
          name: (name || 'Scan').slice(0, 60),
          channelIds: [...new Set(members)],
          zoneId: null,
          priorityId: null,
          talkBack: null,
        });
        for (const row of at) this.put(id, table, row);
      }
    }
  }

  private zonesInColumn(): void {
    const byName = new Map<string, Zone>();
    for (const { id: channelId } of rows(this.codeplug.channels)) {
      const { table, row } = this.places.get(channelId)![0]!;
      const [column] = columnsOfField(table, 'zone');
      const name = column ? (decodeCell(TEXT, cellOf(table, row, column)) ?? '').slice(0, 60) : '';
      if (name === '') continue;
      const known = byName.get(name);
      if (known) known.channelIds.push(channelId);
      else {
        const zone = newZone(this.id(`zone-of-${channelId}`), name, [channelId]);
        byName.set(name, zone);
        putRow(this.codeplug.zones, zone);
      }
    }
  }
}

/** Reads the tables of a kit. `findings`: what is known to be wrong already; `most`: so many are told. */
export function readKit(tables: readonly KitTable[], modes: KitModes, options: ReadOptions = {}): KitContent {
  const reader = new Reader(tables, modes, options);
  const roles = MODE_IDS.flatMap((mode) => modes[mode].kit.roles);
  for (const role of roles) reader.records(role);
  for (const role of roles) reader.recordLists(role);
  reader.channels();
  reader.zones();
  reader.scanLists();
  const { codeplug, places, said, findings, passed } = reader;
  return { codeplug, places, said, findings, passed };
}
