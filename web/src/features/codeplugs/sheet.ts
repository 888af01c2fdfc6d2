/** The codeplug sheet as plain data: its columns, its rows, and how typed cells become an edit. */
import type { ChannelVerdict, Verdicts } from '@relay/core/agreement/agreement';
import { inMode } from '@relay/core/registries/builder';
import { modeOf, MODES } from '@relay/core/registries/modes';
import { PURPOSES, purposeOf } from '@relay/core/path/purpose';
import { CHANNEL_FIELDS } from '@relay/core/registries/outputs';
import { destinationChoices, destinationNamer } from '@relay/core/naming/destination-names';
import { crossesTo } from '@relay/core/path/cross-mode';
import { emptyBlocks } from '@relay/core/plan/create';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { effectiveProfile } from '@relay/core/plan/profiles';
import { rows } from '@relay/core/plan/table';
import type { Channel, Codeplug, CodeplugBlocks, Id, ModeId, Plan } from '@relay/core/plan/types';
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

const fieldOf = new Map(CHANNEL_FIELDS.map((field) => [field.id, field]));

/** What a sheet shows beside the fields of a channel, at its place among them. */
const LINK_COLUMNS: readonly (SheetColumn & { order: number })[] = [
  { id: 'mode', title: 'Mode', width: 68, order: 20, right: false, editable: true, modes: null },
  { id: 'place', title: 'Comes out at', width: 126, order: 190, right: false, editable: false, modes: null },
  { id: 'reaches', title: 'Reaches', width: 140, order: 200, right: false, editable: true, modes: null },
  { id: 'site', title: 'Site', width: 104, order: 210, right: false, editable: true, modes: null },
  { id: 'purpose', title: 'For', width: 84, order: 215, right: false, editable: true, modes: null },
  { id: 'zones', title: 'Zone', width: 120, order: 220, right: false, editable: true, modes: null },
];

/** Columns in reading order: what is tuned and called, then links, then the rest. */
const COLUMNS: readonly SheetColumn[] = [
  ...LINK_COLUMNS,
  ...CHANNEL_FIELDS.map(({ id, title, width, order, kind, modes, spaces }) => ({
    id,
    title,
    width,
    order,
    right: kind === 'number',
    editable: true,
    modes,
    ...(spaces ? { spaces } : {}),
  })),
].sort((a, b) => a.order - b.order);

/**
 * What a codeplug needs to show: fields of a mode only where a channel is of it, the mode only where there are several,
 * or could be.
 */
export function columnsFor(modes: ReadonlySet<ModeId>, severalInRadio = false): SheetColumn[] {
  return COLUMNS.filter((column) =>
    column.id === 'mode'
      ? modes.size > 1 || severalInRadio
      : column.modes === null || column.modes.some((mode) => modes.has(mode)),
  );
}

/** What a row was made of: while all of it is the same, so is the row. */
interface Made {
  channel: Channel;
  verdict: ChannelVerdict | undefined;
  blocks: CodeplugBlocks;
  reaches: string;
  site: string;
  zones: string;
}

/** What a row shows beside its fields. */
const LINK_TEXTS: Readonly<Record<string, (of: Made) => string>> = {
  mode: ({ channel }) => modeOf(channel.mode).name,
  purpose: ({ channel }) => purposeOf(channel, MODES),
  place: ({ verdict }) => verdict?.place ?? '',
  reaches: ({ reaches }) => reaches,
  site: ({ site }) => site,
  zones: ({ zones }) => zones,
};

/** A row writes a cell out when it is first looked at: most of a long sheet never comes into view. */
class Row {
  readonly id: Id;
  readonly verdict: Verdict | null;
  readonly expects: Record<string, string>;
  /** @param texts of the fields, as far as they were written out: another verdict leaves them as they are */
  constructor(
    readonly of: Made,
    readonly texts: Record<string, string> = {},
  ) {
    this.id = of.channel.id;
    this.verdict = of.verdict?.verdict ?? null;
    this.expects = of.verdict?.expects ?? {};
  }

  static {
    for (const field of CHANNEL_FIELDS)
      Object.defineProperty(this.prototype, field.id, {
        get(this: Row) {
          return (this.texts[field.id] ??= field.show(this.of.channel, this.of.blocks));
        },
      });
    for (const [id, text] of Object.entries(LINK_TEXTS))
      Object.defineProperty(this.prototype, id, {
        get(this: Row) {
          return text(this.of);
        },
      });
  }
}

const made = new WeakMap<Channel, Row>();

const verdictsFrom = new WeakMap<Verdicts['channels'], Map<Id, Map<Id, ChannelVerdict>>>();

/** The verdicts by radio, then by channel. */
function verdictsOf(channels: Verdicts['channels']): ReadonlyMap<Id, ReadonlyMap<Id, ChannelVerdict>> {
  let known = verdictsFrom.get(channels);
  if (known) return known;
  known = new Map();
  for (const one of channels) {
    const ofRadio = known.get(one.radioId);
    if (ofRadio) ofRadio.set(one.channelId, one);
    else known.set(one.radioId, new Map([[one.channelId, one]]));
  }
  verdictsFrom.set(channels, known);
  return known;
}

const zonesFrom = new WeakMap<Codeplug['zones'], ReadonlyMap<Id, string>>();

/** The zones that each channel is in, by their names. */
function zoneNames(zones: Codeplug['zones']): ReadonlyMap<Id, string> {
  const known = zonesFrom.get(zones);
  if (known) return known;
  const names = new Map<Id, string>();
  for (const zone of rows(zones))
    for (const id of zone.channelIds) names.set(id, names.has(id) ? `${names.get(id)}, ${zone.name}` : zone.name);
  zonesFrom.set(zones, names);
  return names;
}

let lastBlocks = emptyBlocks();

/** What the modes keep beside the channels; the same while none of it changed. */
function blocksOf(codeplug: Codeplug): CodeplugBlocks {
  if (MODE_IDS.some((mode) => codeplug[mode] !== lastBlocks[mode]))
    lastBlocks = Object.fromEntries(MODE_IDS.map((mode) => [mode, codeplug[mode]])) as unknown as CodeplugBlocks;
  return lastBlocks;
}

/**
 * The rows of a radio's sheet. A row that nothing touched is the same object as before: the grid need not look at it.
 */
export function sheetRows(plan: Plan, radioId: Id, judged: Verdicts | null): SheetRow[] {
  const codeplug = plan.codeplugs[radioId];
  if (!codeplug) return [];
  const nameOf = destinationNamer(MODES, plan);
  const verdicts = judged ? verdictsOf(judged.channels).get(radioId) : undefined;
  const zonesOf = zoneNames(codeplug.zones);
  const blocks = blocksOf(codeplug);
  return rows(codeplug.channels).map((channel) => {
    const verdict = verdicts?.get(channel.id);
    const reaches = channel.destination ? nameOf(channel.destination) : '';
    const site = channel.siteId === null ? '' : (plan.sites.byId[channel.siteId]?.name ?? '');
    const zones = zonesOf.get(channel.id) ?? '';
    const known = made.get(channel);
    const was = known?.of;
    const isSame = was?.reaches === reaches && was.site === site && was.zones === zones && was.blocks === blocks;
    if (known && isSame && was.verdict === verdict) return known as unknown as SheetRow;
    const row = new Row({ channel, verdict, blocks, reaches, site, zones }, was?.blocks === blocks ? known!.texts : {});
    made.set(channel, row);
    return row as unknown as SheetRow;
  });
}

type Put = { put: () => void } | { problem: string };

/** One name out of several, without regard to case; empty clears. */
function named<T>(
  text: string,
  what: string,
  choices: readonly { name: string; value: T }[],
  put: (value: T | null) => void,
): Put {
  const typed = text.trim().toLowerCase();
  if (typed === '') return { put: () => put(null) };
  const found = choices.find((one) => one.name.toLowerCase() === typed);
  return found
    ? { put: () => put(found.value) }
    : { problem: `Found “${text}”, expected the name of a ${what} of this plan.` };
}

function putIntoZones(codeplug: Codeplug, channelId: Id, text: string): Put {
  const names = text
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);
  const zones = names.map((name) =>
    rows(codeplug.zones).find((zone) => zone.name.toLowerCase() === name.toLowerCase()),
  );
  const unknown = names.find((_, at) => !zones[at]);
  if (unknown !== undefined) return { problem: `Found “${unknown}”, expected the name of a zone of this radio.` };
  return {
    put: () => {
      for (const zone of rows(codeplug.zones)) {
        const wanted = zones.includes(zone);
        if (wanted && !zone.channelIds.includes(channelId)) zone.channelIds.push(channelId);
        if (!wanted && zone.channelIds.includes(channelId))
          zone.channelIds = zone.channelIds.filter((id) => id !== channelId);
      }
    },
  };
}

/** Takes a channel over into another mode of its radio; what all modes share stays. */
function putMode(plan: Plan, radioId: Id, channel: Channel, text: string): Put {
  const modes = MODE_IDS.filter((id) => plan.radios.byId[radioId]![id] !== null || id === channel.mode);
  const mode = modes.find((id) => modeOf(id).name.toLowerCase() === text.trim().toLowerCase());
  if (!mode)
    return {
      problem: `Found “${text}”, expected a mode that the radio has: ${modes.map((id) => modeOf(id).name).join(', ')}.`,
    };
  return {
    put: () =>
      void (
        mode !== channel.mode && (plan.codeplugs[radioId]!.channels.byId[channel.id] = inMode(plan, channel, mode))
      ),
  };
}

/** What a channel is for; empty: as what it holds shows. */
function putPurpose(channel: Channel, text: string): Put {
  const typed = text.trim().toLowerCase();
  const purpose = PURPOSES.find((one) => one === typed);
  if (typed !== '' && !purpose)
    return { problem: `Found “${text}”, expected ${PURPOSES.join(', ')}, or nothing: then what it holds decides.` };
  // A paste over the whole row brings along what is shown: only what differs from that was said.
  return { put: () => (typed === purposeOf(channel, MODES) ? undefined : void (channel.purpose = purpose ?? null)) };
}

function putCell(plan: Plan, radioId: Id, channel: Channel, columnId: string, text: string): Put {
  const codeplug = plan.codeplugs[radioId]!;
  if (columnId === 'site')
    return named(
      text,
      'site',
      rows(plan.sites).map((site) => ({ name: site.name, value: site.id })),
      (id) => (channel.siteId = id),
    );
  if (columnId === 'purpose') return putPurpose(channel, text);
  if (columnId === 'zones') return putIntoZones(codeplug, channel.id, text);
  if (columnId === 'reaches') {
    const profile = channel.siteId === null ? null : effectiveProfile(plan, channel.siteId);
    const modes: ModeId[] = [channel.mode, ...crossesTo(profile, channel.mode)];
    const reachable = destinationChoices(MODES, plan).filter(({ value }) => modes.includes(value.mode));
    return named(
      text,
      `destination of ${modeOf(channel.mode).name}`,
      reachable,
      (destination) => (channel.destination = destination),
    );
  }
  // A paste over the whole row brings it along: it follows from the other cells.
  if (columnId === 'place') return { put: () => undefined };
  if (columnId === 'mode') return putMode(plan, radioId, channel, text);
  const field = fieldOf.get(columnId)!;
  if (field.modes && !field.modes.includes(channel.mode)) {
    // A paste over the whole row brings empty cells along.
    return text.trim() === ''
      ? { put: () => undefined }
      : { problem: `Found “${text}”, expected nothing: the channel is ${modeOf(channel.mode).name}.` };
  }
  const reading = field.read(text, codeplug, plan.radios.byId[radioId]!);
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
