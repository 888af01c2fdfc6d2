/**
 * A codeplug as one CSV table (described in docs/formats.md): a row a record, the first column says of what kind.
 * Channels come in the order of the sheet, with units in the headings; members of zones and lists are separated by ` | `.
 * Not kept: what the builder last wrote (`built`) and the want; reading into a radio takes them from the channel of the same key.
 */
import { CHANNEL_FIELDS } from '../codeplug/channel-fields';
import { blankChannel } from '../modes/dmr/channel';
import { MODE_IDS, MODES } from '../modes/registry';
import type { Mode } from '../modes/mode';
import { emptyCodeplug } from '../plan/create';
import { destinationKey, destinationOfKey } from '../plan/destination-key';
import { ID_PATTERN } from '../plan/ids';
import { putRow, rows } from '../plan/table';
import type { CallKind, Channel, Codeplug } from '../plan/types';
import { readCsv, writeCsv, type CsvRow } from './csv';
import type { Format, ReadFinding } from './format';

const RECORDS = ['channel', 'zone', 'contact', 'receive list', 'room'] as const;
type RecordKind = (typeof RECORDS)[number];

const LINK_COLUMNS = ['Members', 'Site key', 'Destination key'] as const;
const FIELDS = CHANNEL_FIELDS.filter((field) => field.id !== 'name');
const COLUMNS = ['Record', 'Key', 'Mode', 'Name', ...FIELDS.map((field) => field.title), ...LINK_COLUMNS];
/** Older tables have DMR channels only, and no columns of the modes that came later. */
const OLDER_LACK: readonly string[] = ['Mode', ...FIELDS.filter((field) => field.modes && !field.modes.includes('dmr')).map((field) => field.title)];
const SEPARATOR = ' | ';
const KEY = new RegExp(ID_PATTERN);

type Cells = Record<string, string>;

function row(record: RecordKind, cells: Cells): string[] {
  const all: Cells = { Record: record, ...cells };
  return COLUMNS.map((column) => all[column] ?? '');
}

function write(codeplug: Codeplug): string {
  const table: string[][] = [COLUMNS];
  for (const channel of rows(codeplug.channels)) {
    const cells: Cells = { Key: channel.id, Mode: MODES[channel.mode].name, Name: channel.name, 'Site key': channel.siteId ?? '', 'Destination key': channel.destination ? destinationKey(channel.destination) : '' };
    for (const field of FIELDS) cells[field.title] = field.link ? (field.link.get(channel) ?? '') : field.show(channel, codeplug);
    table.push(row('channel', cells));
  }
  for (const zone of rows(codeplug.zones)) table.push(row('zone', { Key: zone.id, Name: zone.name, Members: zone.channelIds.join(SEPARATOR) }));
  for (const contact of rows(codeplug.contacts)) table.push(row('contact', { Key: contact.id, Name: contact.name, Call: contact.kind, Number: String(contact.number) }));
  for (const list of rows(codeplug.receiveLists)) table.push(row('receive list', { Key: list.id, Name: list.name, Members: list.groups.join(SEPARATOR) }));
  for (const room of rows(codeplug.rooms)) table.push(row('room', { Key: room.id, Name: room.name, Room: room.number, Members: String(room.category) }));
  return writeCsv(table);
}

class Reader {
  readonly codeplug = emptyCodeplug();
  readonly findings: ReadFinding[] = [];

  wrong(line: number, place: string, found: string, expected: string): void {
    this.findings.push({ line, place, found: found === '' ? 'nothing' : `“${found}”`, expected });
  }

  /** The key as given, or one made from the line when the column is empty. */
  key(line: number, cells: Cells, taken: Record<string, unknown>): string {
    const key = cells['Key'] || `line-${line}`;
    if (!KEY.test(key)) this.wrong(line, 'Key', key, '1 to 60 letters, digits, - or _');
    else if (key in taken) this.wrong(line, 'Key', key, 'a key that no line above has');
    return key;
  }

  channel(line: number, cells: Cells): void {
    const mode = this.mode(line, cells['Mode'] ?? '');
    const channel = { id: this.key(line, cells, this.codeplug.channels.byId), siteId: cells['Site key'] || null, destination: null, wantId: null, ...mode.blankChannel(), built: null } as Channel;
    const key = cells['Destination key'] ?? '';
    const destination = key === '' ? null : destinationOfKey(key);
    if (destination === undefined) this.wrong(line, 'Destination key', key, 'the key of a destination, such as network/group/key or local/fm');
    else channel.destination = destination;
    for (const field of CHANNEL_FIELDS) {
      const column = field.id === 'name' ? 'Name' : field.title;
      const text = cells[column] ?? '';
      if (field.modes && !field.modes.includes(mode.id)) {
        if (text !== '') this.wrong(line, column, text, `nothing: the channel is ${mode.name}`);
        continue;
      }
      if (field.link) {
        field.link.set(channel, text || null);
        continue;
      }
      const reading = field.readStored?.(text) ?? field.read(text, this.codeplug);
      if ('put' in reading) reading.put(channel);
      else this.wrong(line, column, text, reading.problem.replace(/^.*expected /, '').replace(/\.$/, ''));
    }
    putRow(this.codeplug.channels, channel);
  }

  mode(line: number, text: string): Mode {
    const found = MODE_IDS.find((id) => MODES[id].name === text);
    if (!found && text !== '') this.wrong(line, 'Mode', text, MODE_IDS.map((id) => MODES[id].name).join(' or '));
    return MODES[found ?? 'dmr'];
  }

  zone(line: number, cells: Cells): void {
    const id = this.key(line, cells, this.codeplug.zones.byId);
    putRow(this.codeplug.zones, { id, name: this.name(line, cells), channelIds: members(cells) });
  }

  contact(line: number, cells: Cells): void {
    const id = this.key(line, cells, this.codeplug.contacts.byId);
    const kind = cells['Call'];
    if (kind !== 'group' && kind !== 'private') this.wrong(line, 'Call', kind ?? '', 'group or private');
    putRow(this.codeplug.contacts, { id, name: this.name(line, cells), kind: kind as CallKind, number: this.address(line, 'Number', cells['Number'] ?? '') });
  }

  receiveList(line: number, cells: Cells): void {
    const id = this.key(line, cells, this.codeplug.receiveLists.byId);
    putRow(this.codeplug.receiveLists, { id, name: this.name(line, cells), groups: members(cells).map((one) => this.address(line, 'Members', one)) });
  }

  room(line: number, cells: Cells): void {
    const id = this.key(line, cells, this.codeplug.rooms.byId);
    const number = cells['Room'] ?? '';
    if (!/^\d{1,10}$/.test(number)) this.wrong(line, 'Room', number, 'the digits of a room');
    const category = members(cells).join(' ');
    if (!/^[1-9]\d?$|^100$/.test(category)) this.wrong(line, 'Members', category, 'its category, a whole number from 1 to 100');
    putRow(this.codeplug.rooms, { id, name: this.name(line, cells), number, category: Number(category) });
  }

  name(line: number, cells: Cells): string {
    const name = cells['Name'] ?? '';
    if (name === '' || name.length > 60) this.wrong(line, 'Name', name, 'a name of 1 to 60 characters');
    return name;
  }

  address(line: number, column: string, text: string): number {
    const scratch = blankChannel();
    const reading = CHANNEL_FIELDS.find((field) => field.id === 'number')!.read(text, this.codeplug);
    if ('put' in reading) reading.put(scratch);
    else this.wrong(line, column, text, reading.problem.replace(/^.*expected /, '').replace(/\.$/, ''));
    return scratch.dmr.call.number;
  }

  /** Zones and channels may name each other in any order, so links are checked at the end. */
  links(lines: Map<string, number>): void {
    const { channels, zones, receiveLists } = this.codeplug;
    for (const zone of rows(zones)) {
      for (const id of zone.channelIds) if (!(id in channels.byId)) this.wrong(lines.get(`zone ${zone.id}`) ?? 1, 'Members', id, 'the key of a channel in this file');
    }
    for (const channel of rows(channels)) {
      for (const { title, link } of FIELDS) {
        const named = link?.get(channel) ?? null;
        if (named !== null && !(named in receiveLists.byId)) this.wrong(lines.get(`channel ${channel.id}`) ?? 1, title, named, 'the key of a receive list in this file');
      }
    }
  }
}

function members(cells: Cells): string[] {
  const text = (cells['Members'] ?? '').trim();
  return text === '' ? [] : text.split('|').map((one) => one.trim());
}

function readRow(reader: Reader, columns: string[], { line, cells }: CsvRow): string | null {
  if (cells.length !== columns.length) {
    reader.wrong(line, 'row', `${cells.length} cells`, `${columns.length} cells`);
    return null;
  }
  const named = Object.fromEntries(columns.map((column, at) => [column, cells[at]!]));
  const record = named['Record'] as RecordKind;
  if (record === 'channel') reader.channel(line, named);
  else if (record === 'zone') reader.zone(line, named);
  else if (record === 'contact') reader.contact(line, named);
  else if (record === 'receive list') reader.receiveList(line, named);
  else if (record === 'room') reader.room(line, named);
  else reader.wrong(line, 'Record', record, RECORDS.join(', '));
  return `${record} ${named['Key'] || `line-${line}`}`;
}

export const codeplugCsv = {
  id: 'codeplug-csv',
  name: 'Codeplug table',
  extension: 'csv',
  mediaType: 'text/csv',
  write: (codeplug: Codeplug) => write(codeplug),
  read(text: string) {
    const { rows: table, findings } = readCsv(text);
    const reader = new Reader();
    reader.findings.push(...findings);
    const columns = table[0]?.cells ?? [];
    for (const column of COLUMNS) if (!columns.includes(column) && !OLDER_LACK.includes(column)) reader.wrong(1, column, '', `a column headed “${column}”`);
    if (reader.findings.length > 0) return { value: null, findings: reader.findings };
    const lines = new Map<string, number>();
    for (const one of table.slice(1)) {
      const key = readRow(reader, columns, one);
      if (key !== null) lines.set(key, one.line);
    }
    reader.links(lines);
    return { value: reader.findings.length > 0 ? null : reader.codeplug, findings: reader.findings };
  },
} satisfies Format<Codeplug>;
