/**
 * A codeplug as one CSV table (described in docs/formats.md): a row a record, the first column says of what kind.
 * Channels come in the order of the sheet, with units in the headings; members of zones and lists are separated by ` | `.
 * Not kept: what the builder last wrote (`built`) and the want; reading into a radio takes them from the channel of the same key.
 */
import type { ColumnField } from '../codeplug/channel-field';
import { channelFields } from '../codeplug/channel-fields';
import type { Cells, CodeplugModes, ModeCodeplug } from '../codeplug/mode-codeplug';
import { emptyCodeplug, newZone } from '../plan/create';
import { destinationKey, destinationOfKey } from '../plan/destination-key';
import { ID_PATTERN } from '../plan/ids';
import { recordsOf } from '../plan/records';
import { putRow, rows } from '../plan/table';
import { type Channel, type Codeplug, type Purpose, TALK_BACKS } from '../plan/types';
import { PURPOSES } from '../path/purpose';
import { type CsvRow, readCsv, writeCsv } from './csv';
import { bytesOf, type Format, quoted, type ReadFinding, sniffColumns, textOf } from './format';

const LINK_COLUMNS = ['Members', 'Site key', 'Destination key'] as const;
/** What a channel is for; empty where nobody has said. */
const PURPOSE = 'Purpose';
/** Of a scan list: its zone, the channel it comes back to, and where the radio answers. */
const SCAN_COLUMNS = ['Zone key', 'Priority key', 'Talk back'] as const;
/** Columns that the oldest tables have; those of other modes came later. */
const OLDEST_MODE = 'dmr';
const SEPARATOR = ' | ';
const SCAN_LIST = 'scan list';
/** The one channel under its key in `Members`. */
const HOME = 'home key';
const QUICK = 'quick key';
const KEY = new RegExp(ID_PATTERN);
/** Characters on a key. */
const MOST_KEY = 20;

/** The columns of a table, whichever modes there are. */
interface Layout {
  modes: CodeplugModes;
  /** Every field but the name. */
  fields: readonly ColumnField[];
  columns: readonly string[];
  /** What an older table may lack: its mode was not asked, and columns of modes that came later were not there. */
  olderLack: readonly string[];
}

function layoutOf(modes: CodeplugModes): Layout {
  const all = channelFields(modes).filter((field) => field.id !== 'name');
  const fields = [...all.filter((field) => !field.later), ...all.filter((field) => field.later)];
  const later = fields.filter((field) => field.later ?? (field.modes && !field.modes.includes(OLDEST_MODE)));
  return {
    modes,
    fields,
    columns: [
      'Record',
      'Key',
      'Mode',
      'Name',
      ...fields.map((field) => field.title),
      ...LINK_COLUMNS,
      PURPOSE,
      ...SCAN_COLUMNS,
    ],
    olderLack: ['Mode', PURPOSE, ...SCAN_COLUMNS, ...later.map((field) => field.title)],
  };
}

function write({ modes, fields, columns }: Layout, codeplug: Codeplug): string {
  const table: string[][] = [[...columns]];
  const add = (record: string, cells: Cells) =>
    table.push(columns.map((column) => ({ Record: record, ...cells })[column] ?? ''));
  for (const channel of rows(codeplug.channels)) {
    const cells: Cells = {
      Key: channel.id,
      Mode: modes[channel.mode].name,
      Name: channel.name,
      'Site key': channel.siteId ?? '',
      [PURPOSE]: channel.purpose ?? '',
      'Destination key': channel.destination ? destinationKey(channel.destination) : '',
    };
    for (const field of fields)
      cells[field.title] = field.link ? (field.link.get(channel) ?? '') : field.show(channel, codeplug);
    add('channel', cells);
  }
  for (const zone of rows(codeplug.zones))
    add('zone', { Key: zone.id, Name: zone.name, Members: zone.channelIds.join(SEPARATOR) });
  for (const { id, name, channelIds, zoneId, priorityId, talkBack } of rows(codeplug.scanLists))
    add(SCAN_LIST, {
      Key: id,
      Name: name,
      Members: channelIds.join(SEPARATOR),
      'Zone key': zoneId ?? '',
      'Priority key': priorityId ?? '',
      'Talk back': talkBack ?? '',
    });
  if (codeplug.homeId !== null) add(HOME, { Members: codeplug.homeId });
  for (const [key, channelId] of Object.entries(codeplug.quickKeys)) add(QUICK, { Name: key, Members: channelId });
  for (const { mode, kind, table: records } of recordsOf(codeplug)) {
    for (const row of rows(records))
      add(kind.what, { Key: row.id, Name: row.name, ...modes[mode].files[kind.key]!.cells(row) });
  }
  return writeCsv(table);
}

class Reader {
  readonly codeplug = emptyCodeplug();
  readonly findings: ReadFinding[] = [];
  private readonly records = recordsOf(this.codeplug);
  private homeLine = 1;

  constructor(private readonly layout: Layout) {}

  wrong(line: number, place: string, found: string, expected: string): void {
    this.findings.push({ line, place, found: quoted(found), expected });
  }

  row(columns: readonly string[], { line, cells }: CsvRow): string | null {
    if (cells.length !== columns.length) {
      this.wrong(line, 'row', `${cells.length} cells`, `${columns.length} cells`);
      return null;
    }
    const named: Cells = Object.fromEntries(columns.map((column, at) => [column, cells[at]!]));
    const record = named['Record'] ?? '';
    if (record === 'channel') this.channel(line, named);
    else if (record === 'zone') this.zone(line, named);
    else if (record === SCAN_LIST) this.scanList(line, named);
    else if (record === HOME || record === QUICK) this.keyOfRadio(line, record, named);
    else this.record(line, record, named);
    return `${record} ${named['Key'] || (record === QUICK && named['Name']) || `line-${line}`}`;
  }

  /** The key as given, or one made from the line when the column is empty. */
  private key(line: number, cells: Cells, taken: Record<string, unknown>): string {
    const key = cells['Key'] || `line-${line}`;
    if (!KEY.test(key)) this.wrong(line, 'Key', key, '1 to 60 letters, digits, - or _');
    else if (key in taken) this.wrong(line, 'Key', key, 'a key that no line above has');
    return key;
  }

  private channel(line: number, cells: Cells): void {
    const mode = this.mode(line, cells['Mode'] ?? '');
    const id = this.key(line, cells, this.codeplug.channels.byId);
    const channel = {
      id,
      siteId: cells['Site key'] || null,
      destination: null,
      purpose: this.purpose(line, cells[PURPOSE] ?? ''),
      wantId: null,
      ...mode.blankChannel(),
      built: null,
    } as Channel;
    const key = cells['Destination key'] ?? '';
    const destination = key === '' ? null : destinationOfKey(key);
    if (destination === undefined)
      this.wrong(line, 'Destination key', key, 'the key of a destination, such as dmr/network/group/key or fm/local');
    else channel.destination = destination;
    for (const field of channelFields(this.layout.modes)) this.field(line, cells, channel, mode, field);
    putRow(this.codeplug.channels, channel);
  }

  private purpose(line: number, text: string): Purpose | null {
    const found = PURPOSES.find((one) => one === text.trim().toLowerCase()) ?? null;
    if (found === null && text.trim() !== '') this.wrong(line, PURPOSE, text, `${PURPOSES.join(', ')}, or nothing`);
    return found;
  }

  private field(line: number, cells: Cells, channel: Channel, mode: ModeCodeplug, field: ColumnField): void {
    const column = field.id === 'name' ? 'Name' : field.title;
    const text = cells[column] ?? '';
    if (field.modes && !field.modes.includes(mode.id)) {
      if (text !== '') this.wrong(line, column, text, `nothing: the channel is ${mode.name}`);
      return;
    }
    if (field.link) {
      field.link.set(channel, text || null);
      return;
    }
    const reading = field.readStored?.(text) ?? field.read(text, this.codeplug, null);
    if ('put' in reading) reading.put(channel);
    else this.wrong(line, column, text, reading.expected);
  }

  private mode(line: number, text: string): ModeCodeplug {
    const all = Object.values(this.layout.modes);
    const found = all.find((mode) => mode.name === text);
    if (!found && text !== '') this.wrong(line, 'Mode', text, all.map((mode) => mode.name).join(' or '));
    return found ?? this.layout.modes[OLDEST_MODE];
  }

  private zone(line: number, cells: Cells): void {
    const id = this.key(line, cells, this.codeplug.zones.byId);
    putRow(this.codeplug.zones, newZone(id, this.name(line, cells), members(cells)));
  }

  private scanList(line: number, cells: Cells): void {
    const id = this.key(line, cells, this.codeplug.scanLists.byId);
    const said = cells['Talk back'] ?? '';
    const talkBack = TALK_BACKS.find((one) => one === said) ?? null;
    if (talkBack === null && said !== '') this.wrong(line, 'Talk back', said, `${TALK_BACKS.join(', ')}, or nothing`);
    putRow(this.codeplug.scanLists, {
      id,
      name: this.name(line, cells),
      channelIds: members(cells),
      zoneId: cells['Zone key'] || null,
      priorityId: cells['Priority key'] || null,
      talkBack,
    });
  }

  /** A key of the radio that leads to a channel. */
  private keyOfRadio(line: number, record: string, cells: Cells): void {
    const [channelId, ...more] = members(cells);
    if (channelId === undefined || more.length > 0) {
      this.wrong(line, 'Members', cells['Members'] ?? '', 'the key of one channel');
      return;
    }
    if (record === HOME) {
      if (this.codeplug.homeId !== null) this.wrong(line, 'Record', HOME, 'one home key');
      this.codeplug.homeId = channelId;
      this.homeLine = line;
      return;
    }
    const name = cells['Name'] ?? '';
    if (name === '' || name.length > MOST_KEY) this.wrong(line, 'Name', name, `a key of 1 to ${MOST_KEY} characters`);
    else if (Object.hasOwn(this.codeplug.quickKeys, name))
      this.wrong(line, 'Name', name, 'a key that no line above has');
    else this.codeplug.quickKeys[name] = channelId;
  }

  private record(line: number, what: string, cells: Cells): void {
    const found = this.records.find(({ kind }) => kind.what === what);
    if (!found) {
      this.wrong(
        line,
        'Record',
        what,
        ['channel', 'zone', SCAN_LIST, HOME, QUICK, ...this.records.map(({ kind }) => kind.what)].join(', '),
      );
      return;
    }
    const id = this.key(line, cells, found.table.byId);
    const name = this.name(line, cells);
    const read = this.layout.modes[found.mode].files[found.kind.key]!.read(cells, (column, text, expected) =>
      this.wrong(line, column, text, expected),
    );
    putRow(found.table, { id, name, ...read });
  }

  private name(line: number, cells: Cells): string {
    const name = cells['Name'] ?? '';
    if (name === '' || name.length > 60) this.wrong(line, 'Name', name, 'a name of 1 to 60 characters');
    return name;
  }

  /** Zones and channels may name each other in any order, so links are checked at the end. */
  links(lines: Map<string, number>): void {
    const { channels, zones, scanLists, homeId, quickKeys } = this.codeplug;
    const lists = [
      ...(homeId === null ? [] : [{ line: this.homeLine, channelIds: [homeId] }]),
      ...Object.entries(quickKeys).map(([key, id]) => ({ line: lines.get(`${QUICK} ${key}`) ?? 1, channelIds: [id] })),
      ...rows(zones).map(({ id, channelIds }) => ({ line: lines.get(`zone ${id}`) ?? 1, channelIds })),
      ...rows(scanLists).map(({ id, channelIds }) => ({ line: lines.get(`${SCAN_LIST} ${id}`) ?? 1, channelIds })),
    ];
    for (const { line, channelIds } of lists)
      for (const id of channelIds)
        if (!(id in channels.byId)) this.wrong(line, 'Members', id, 'the key of a channel in this file');
    for (const { id, zoneId, priorityId, channelIds } of rows(scanLists)) {
      const line = lines.get(`${SCAN_LIST} ${id}`) ?? 1;
      if (zoneId !== null && !(zoneId in zones.byId))
        this.wrong(line, 'Zone key', zoneId, 'the key of a zone in this file');
      if (priorityId !== null && !channelIds.includes(priorityId))
        this.wrong(line, 'Priority key', priorityId, 'the key of one of its members');
    }
    for (const channel of rows(channels)) {
      for (const { title, link } of this.layout.fields) {
        const named = link?.get(channel) ?? null;
        if (!link || named === null) continue;
        const there = this.records.some(
          ({ mode, kind, table }) => mode === channel.mode && kind.what === link.what && named in table.byId,
        );
        if (!there)
          this.wrong(lines.get(`channel ${channel.id}`) ?? 1, title, named, `the key of a ${link.what} in this file`);
      }
    }
  }
}

/** What a list names, cell `Members`. */
function members(cells: Cells): string[] {
  const text = (cells['Members'] ?? '').trim();
  return text === '' ? [] : text.split('|').map((one) => one.trim());
}

/** The format for a set of modes: each brings its columns and its kinds of rows. */
export function codeplugCsv(modes: CodeplugModes): Format<Codeplug> {
  const layout = layoutOf(modes);
  return {
    id: 'codeplug-csv',
    name: 'Codeplug table',
    extensions: ['csv'],
    mediaType: 'text/csv',
    sniff: (bytes) => sniffColumns(bytes, ['Record', 'Key', 'Name', ...LINK_COLUMNS]),
    write: (codeplug) => bytesOf(write(layout, codeplug)),
    read(bytes) {
      const { rows: table, findings } = readCsv(textOf(bytes));
      const reader = new Reader(layout);
      reader.findings.push(...findings);
      const columns = table[0]?.cells ?? [];
      for (const column of layout.columns) {
        if (!columns.includes(column) && !layout.olderLack.includes(column))
          reader.wrong(1, column, '', `a column headed “${column}”`);
      }
      if (reader.findings.length > 0) return { value: null, findings: reader.findings };
      const lines = new Map<string, number>();
      for (const one of table.slice(1)) {
        const key = reader.row(columns, one);
        if (key !== null) lines.set(key, one.line);
      }
      reader.links(lines);
      return { value: reader.findings.length > 0 ? null : reader.codeplug, findings: reader.findings };
    },
  };
}
