/** The codeplug sheet as plain data: its columns, its rows, and how typed cells become an edit. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { CHANNEL_FIELDS } from '@relay/core/codeplug/channel-fields';
import { MODES } from '@relay/core/modes/registry';
import { destinationKey } from '@relay/core/plan/destination-key';
import { rows } from '@relay/core/plan/table';
import type { Channel, Codeplug, Destination, Id, Plan } from '@relay/core/plan/types';
import type { Verdict } from '@relay/core/path/types';

export interface SheetColumn {
  id: string;
  title: string;
  width: number;
  right: boolean;
  editable: boolean;
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

const WIDTHS: Readonly<Record<string, number>> = { name: 150, rx: 112, shift: 94, power: 76, 'color-code': 96, slot: 66, call: 78, number: 96, 'receive-list': 116, admit: 128 };
const ORDER = ['name', 'rx', 'shift', 'color-code', 'slot', 'call', 'number'];
const fieldOf = new Map(CHANNEL_FIELDS.map((field) => [field.id, field]));

/** Fields in reading order: what is tuned and called, then links, then the rest. */
export const COLUMNS: readonly SheetColumn[] = [
  ...ORDER.map((id) => ({ id, title: fieldOf.get(id)!.title, width: WIDTHS[id]!, right: fieldOf.get(id)!.kind === 'number', editable: true })),
  { id: 'place', title: 'Comes out at', width: 126, right: false, editable: false },
  { id: 'reaches', title: 'Reaches', width: 158, right: false, editable: true },
  { id: 'site', title: 'Site', width: 112, right: false, editable: true },
  { id: 'zones', title: 'Zone', width: 130, right: false, editable: true },
  ...CHANNEL_FIELDS.filter((field) => !ORDER.includes(field.id)).map((field) => ({ id: field.id, title: field.title, width: WIDTHS[field.id]!, right: false, editable: true })),
];

/** Every destination under a name of its own: where two networks use the same, the network is added. */
function destinationChoices(plan: Plan): { name: string; value: Destination }[] {
  const all = rows(plan.networks).flatMap((network) => MODES[network.mode].destinations(network).map((one) => ({ name: one.name, network: network.name, value: one.destination })));
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

function putCell(plan: Plan, codeplug: Codeplug, channel: Channel, columnId: string, text: string): Put {
  if (columnId === 'site') return named(text, 'hotspot', rows(plan.sites).map((site) => ({ name: site.name, value: site.id })), (id) => (channel.siteId = id));
  if (columnId === 'zones') return putIntoZones(codeplug, channel.id, text);
  if (columnId === 'reaches') {
    return named(text, 'destination', destinationChoices(plan), (destination) => (channel.destination = destination));
  }
  // A paste over the whole row brings it along: it follows from the other cells.
  if (columnId === 'place') return { put: () => undefined };
  const reading = fieldOf.get(columnId)!.read(text, codeplug);
  return 'put' in reading ? { put: () => reading.put(channel) } : reading;
}

/** Puts typed cells into a draft. What cannot be read changes nothing and comes back with its reason. */
export function typeCells(draft: Plan, radioId: Id, cells: readonly TypedCell[]): RefusedCell[] {
  const codeplug = draft.codeplugs[radioId]!;
  const refused: RefusedCell[] = [];
  for (const cell of cells) {
    const channel = codeplug.channels.byId[cell.channelId];
    if (!channel) continue;
    const done = putCell(draft, codeplug, channel, cell.columnId, cell.text);
    if ('put' in done) done.put();
    else refused.push({ ...cell, problem: done.problem });
  }
  return refused;
}
