/** The codeplug sheet as plain data: its columns, its rows, and how typed cells become an edit. */
import type { Agreement } from '@relay/core/agreement/agreement';
import type { ColumnField } from '@relay/core/codeplug/channel-field';
import { CHANNEL_FIELDS } from '@relay/core/codeplug/channel-fields';
import { inMode } from '@relay/core/codeplug/change-mode';
import { MODE_IDS, modeOf, modeOfDestination } from '@relay/core/modes/registry';
import { crossesTo } from '@relay/core/path/crossing';
import { destinationKey } from '@relay/core/plan/destination-key';
import { rows } from '@relay/core/plan/table';
import type { Channel, Codeplug, Destination, Id, ModeId, Plan } from '@relay/core/plan/types';
import type { Verdict } from '@relay/core/path/types';

export interface SheetColumn {
  id: string;
  title: string;
  width: number;
  right: boolean;
  editable: boolean;
  /** Its spaces count, and are shown. */
  spaces?: true;
  /** Only channels of these modes have it; `null`: all have. */
  modes: readonly ModeId[] | null;
}

export type SheetRow = { id: Id; verdict: Verdict | null; expects: Record<string, string> } & Record<string, unknown>;

export interface TypedCell {
  channelId: Id;
  columnId: string;
  text: string;
}

export interface RefusedCell extends TypedCell {
  problem: string;
}

const WIDTHS: Readonly<Record<string, number>> = { name: 150, rx: 112, shift: 94, power: 76, 'color-code': 96, slot: 66, call: 78, number: 96, 'receive-list': 116, admit: 128, 'tone-tx': 92, 'tone-rx': 92, width: 84, room: 76, 'group-tx': 108, 'group-rx': 114, voice: 78, receive: 98, 'p25-group': 112, nac: 102, 'nac-rx': 112, ur: 104, rpt1: 104, rpt2: 104, duplex: 84 };
const ORDER = ['name', 'rx', 'shift', 'room', 'p25-group', 'nac', 'group-tx', 'voice', 'receive', 'tone-tx', 'ur', 'rpt1', 'rpt2', 'color-code', 'slot', 'call', 'number'];
const fieldOf = new Map(CHANNEL_FIELDS.map((field) => [field.id, field]));

/** Fields in reading order: what is tuned and called, then links, then the rest. */
const COLUMNS: readonly SheetColumn[] = [
  ...ORDER.slice(0, 1).map(ordered),
  { id: 'mode', title: 'Mode', width: 92, right: false, editable: true, modes: null },
  ...ORDER.slice(1).map(ordered),
  { id: 'place', title: 'Comes out at', width: 140, right: false, editable: false, modes: null },
  { id: 'reaches', title: 'Reaches', width: 158, right: false, editable: true, modes: null },
  { id: 'site', title: 'Site', width: 112, right: false, editable: true, modes: null },
  { id: 'zones', title: 'Zone', width: 130, right: false, editable: true, modes: null },
  ...CHANNEL_FIELDS.filter((field) => !ORDER.includes(field.id)).map((field) => columnOf(field, false)),
];

function ordered(id: string): SheetColumn {
  const field = fieldOf.get(id)!;
  return columnOf(field, field.kind === 'number');
}

function columnOf({ id, title, modes, spaces }: ColumnField, right: boolean): SheetColumn {
  return { id, title, width: WIDTHS[id]!, right, editable: true, modes, ...(spaces ? { spaces } : {}) };
}

/** What a codeplug needs to show: fields of a mode only where a channel is of it, the mode only where there are several, or could be. */
export function columnsFor(modes: ReadonlySet<ModeId>, severalInRadio = false): SheetColumn[] {
  return COLUMNS.filter((column) => (column.id === 'mode' ? modes.size > 1 || severalInRadio : column.modes === null || column.modes.some((mode) => modes.has(mode))));
}

/** Every destination under a name of its own: where two networks use the same, the network is added. */
function destinationChoices(plan: Plan): { name: string; value: Destination }[] {
  const local = MODE_IDS.flatMap((id) => modeOf(id).beside(plan)).map((one) => ({ name: one.name, network: '', value: one.destination }));
  const all = [...rows(plan.networks).flatMap((network) => modeOf(network.mode).destinations(network).map((one) => ({ name: one.name, network: network.name, value: one.destination }))), ...local];
  const count = new Map<string, number>();
  for (const { name } of all) count.set(name.toLowerCase(), (count.get(name.toLowerCase()) ?? 0) + 1);
  return all.map(({ name, network, value }) => ({ name: count.get(name.toLowerCase())! > 1 ? `${name} · ${network}` : name, value }));
}

export function sheetRows(plan: Plan, radioId: Id, agreement: Agreement | null): SheetRow[] {
  const codeplug = plan.codeplugs[radioId];
  if (!codeplug) return [];
  const names = new Map(destinationChoices(plan).map((one) => [destinationKey(one.value), one.name]));
  const verdicts = new Map(agreement?.channels.filter((one) => one.radioId === radioId).map((one) => [one.channelId, one]));
  const zonesOf = new Map<Id, string[]>();
  for (const zone of rows(codeplug.zones)) for (const id of zone.channelIds) zonesOf.set(id, [...(zonesOf.get(id) ?? []), zone.name]);
  return rows(codeplug.channels).map((channel) => {
    const verdict = verdicts.get(channel.id);
    const row: SheetRow = { id: channel.id, verdict: verdict?.verdict ?? null, expects: verdict?.expects ?? {} };
    for (const field of CHANNEL_FIELDS) row[field.id] = field.show(channel, codeplug);
    row['mode'] = modeOf(channel.mode).name;
    row['place'] = verdict?.place ?? '';
    row['reaches'] = channel.destination ? (names.get(destinationKey(channel.destination)) ?? '') : '';
    row['site'] = channel.siteId === null ? '' : (plan.sites.byId[channel.siteId]?.name ?? '');
    row['zones'] = (zonesOf.get(channel.id) ?? []).join(', ');
    return row;
  });
}

type Put = { put: () => void } | { problem: string };

/** One name out of several, without regard to case; empty clears. */
function named<T>(text: string, what: string, choices: readonly { name: string; value: T }[], put: (value: T | null) => void): Put {
  const typed = text.trim().toLowerCase();
  if (typed === '') return { put: () => put(null) };
  const found = choices.find((one) => one.name.toLowerCase() === typed);
  return found ? { put: () => put(found.value) } : { problem: `Found “${text}”, expected the name of a ${what} of this plan.` };
}

function putIntoZones(codeplug: Codeplug, channelId: Id, text: string): Put {
  const names = text.split(',').map((one) => one.trim()).filter(Boolean);
  const zones = names.map((name) => rows(codeplug.zones).find((zone) => zone.name.toLowerCase() === name.toLowerCase()));
  const unknown = names.find((_, at) => !zones[at]);
  if (unknown !== undefined) return { problem: `Found “${unknown}”, expected the name of a zone of this radio.` };
  return {
    put: () => {
      for (const zone of rows(codeplug.zones)) {
        const wanted = zones.includes(zone);
        if (wanted && !zone.channelIds.includes(channelId)) zone.channelIds.push(channelId);
        if (!wanted && zone.channelIds.includes(channelId)) zone.channelIds = zone.channelIds.filter((id) => id !== channelId);
      }
    },
  };
}

/** Takes a channel over into another mode of its radio; what all modes share stays. */
function putMode(plan: Plan, radioId: Id, channel: Channel, text: string): Put {
  const modes = MODE_IDS.filter((id) => plan.radios.byId[radioId]![id] !== null || id === channel.mode);
  const mode = modes.find((id) => modeOf(id).name.toLowerCase() === text.trim().toLowerCase());
  if (!mode) return { problem: `Found “${text}”, expected a mode that the radio has: ${modes.map((id) => modeOf(id).name).join(', ')}.` };
  return { put: () => void (mode !== channel.mode && (plan.codeplugs[radioId]!.channels.byId[channel.id] = inMode(plan, channel, mode))) };
}

function putCell(plan: Plan, radioId: Id, channel: Channel, columnId: string, text: string): Put {
  const codeplug = plan.codeplugs[radioId]!;
  if (columnId === 'site') return named(text, 'site', rows(plan.sites).map((site) => ({ name: site.name, value: site.id })), (id) => (channel.siteId = id));
  if (columnId === 'zones') return putIntoZones(codeplug, channel.id, text);
  if (columnId === 'reaches') {
    const across = crossesTo(channel.siteId === null ? undefined : plan.sites.byId[channel.siteId], channel.mode);
    const reachable = destinationChoices(plan).filter(({ value }) => [channel.mode, ...across].includes(modeOfDestination(plan, value).id));
    return named(text, `destination of ${modeOf(channel.mode).name}`, reachable, (destination) => (channel.destination = destination));
  }
  // A paste over the whole row brings it along: it follows from the other cells.
  if (columnId === 'place') return { put: () => undefined };
  if (columnId === 'mode') return putMode(plan, radioId, channel, text);
  const field = fieldOf.get(columnId)!;
  if (field.modes && !field.modes.includes(channel.mode)) {
    // A paste over the whole row brings empty cells along.
    return text.trim() === '' ? { put: () => undefined } : { problem: `Found “${text}”, expected nothing: the channel is ${modeOf(channel.mode).name}.` };
  }
  const reading = field.read(text, codeplug);
  return 'put' in reading ? { put: () => reading.put(channel) } : reading;
}

/** Puts typed cells into a draft. What cannot be read changes nothing and comes back with its reason. */
export function typeCells(draft: Plan, radioId: Id, cells: readonly TypedCell[]): RefusedCell[] {
  const codeplug = draft.codeplugs[radioId]!;
  const refused: RefusedCell[] = [];
  // A mode comes first: the other cells of its row are of it.
  for (const cell of [...cells].sort((a, b) => Number(b.columnId === 'mode') - Number(a.columnId === 'mode'))) {
    const channel = codeplug.channels.byId[cell.channelId];
    if (!channel) continue;
    const done = putCell(draft, radioId, channel, cell.columnId, cell.text);
    if ('put' in done) done.put();
    else refused.push({ ...cell, problem: done.problem });
  }
  return refused;
}
