/** Channels into the files: matched by what they are, placed by priority, named so that all names differ. */
import type { ColumnField } from '../../codeplug/channel-field';
import { LEAST } from '../../plan/power';
import { channelFields } from '../../codeplug/channel-fields';
import { type ChannelMatch, compareChannels } from '../../compare/meaning';
import { rows } from '../../plan/table';
import type { Channel, Id, ModeId } from '../../plan/types';
import { NO_TONE } from '../../units/tones';
import { columnsOfField } from '../kit-tables';
import { isSplit } from '../tones/split-tones';
import { unfit } from './fit';
import type { Handle, WorkTable } from './work-table';
import type { Place, Writing } from './writing';

/** What a column for low power says yes to. */

interface Standing {
  channel: Channel;
  place: Place;
  /** What it was called in the file; `undefined`: it is new there. */
  before: string | undefined;
  /** Whether its row says a field already as it should. */
  says(fieldId: string): boolean;
}

/** Every channel that fits gets its row, its name and its values; links to other tables come after it. */
export function writeChannels(writing: Writing): void {
  const [first] = writing.tablesOf('channels');
  if (!first) return;
  const there = writing.content.codeplug.channels.byId;
  const matches = matchesOf(writing, first);
  writing.keepOrRemove(
    matches.flatMap(({ hereId, thereId }) => (hereId === null && thereId !== null ? [there[thereId]!] : [])),
  );
  const matchOf = new Map(matches.flatMap((one) => (one.hereId === null ? [] : [[one.hereId, one] as const])));
  const inZone = new Set(rows(writing.codeplug.zones).flatMap(({ channelIds }) => channelIds));
  const all = rows(writing.codeplug.channels);
  const standing = new Map<Id, Standing>();
  // What is in a zone comes before what no knob reaches.
  for (const channel of [...all.filter(({ id }) => inZone.has(id)), ...all.filter(({ id }) => !inZone.has(id))]) {
    const match = matchOf.get(channel.id)!;
    const place = placeChannel(writing, channel, match.thereId);
    const before = match.thereId === null ? undefined : there[match.thereId]!.name;
    if (place) standing.set(channel.id, { channel, place, before, says: saysAlready(writing, match, place) });
  }
  const inOrder = all.flatMap(({ id }) => standing.get(id) ?? []);
  nameChannels(writing, inOrder);
  const plans = new Map<string, Saying>();
  for (const one of inOrder) {
    const { channel, place } = one;
    const key = `${writing.tables.indexOf(place.table)} ${channel.mode}`;
    const saying = plans.get(key) ?? sayingOf(writing, place.table, channel.mode);
    plans.set(key, saying);
    sayChannel(writing, saying, one);
  }
}

function matchesOf(writing: Writing, first: WorkTable) {
  const tables = writing.tablesOf('channels');
  const homeOf = (channel: Channel) => tables.find((table) => unfit(writing.modes, table, channel) === null) ?? first;
  const wishes = new Map(rows(writing.codeplug.channels).map((one) => [one.id, writing.wishIn(homeOf(one), one.name)]));
  return compareChannels(writing.modes, writing.codeplug, writing.content.codeplug, {
    said: writing.content.said,
    nameThere: ({ id, name }) => wishes.get(id) ?? name,
  });
}

/** The row of a channel: its own, or a new one where it does not fit there any more; `null` where there is none. */
function placeChannel(writing: Writing, channel: Channel, thereId: Id | null): Place | null {
  const at = thereId === null ? undefined : writing.placesOf(thereId)[0];
  const isFitting = (table: WorkTable) => unfit(writing.modes, table, channel);
  const stays = at !== undefined && isFitting(at.table) === null;
  const room = stays ? at : writing.roomFor('channels', isFitting);
  if ('why' in room) {
    writing.leave('channels', channel.name, room.why);
    if (thereId !== null) writing.keepOrRemove([writing.content.codeplug.channels.byId[thereId]!]);
    return null;
  }
  if (at && !stays) at.table.remove(at.handle);
  const place = stays ? at : { table: room.table, handle: room.table.add(channel.mode) };
  writing.placed.set(channel.id, place);
  if (thereId !== null) writing.stands.set(thereId, place);
  return place;
}

/** Who can have its own name gets it first. */
function nameChannels(writing: Writing, standing: readonly Standing[]): void {
  const hasOwn = new Set(
    standing.filter(
      ({ channel: { name }, place: { table } }) =>
        writing.wishIn(table, name) === name && writing.isNameFree(table, name),
    ),
  );
  for (const one of [
    ...standing.filter((other) => hasOwn.has(other)),
    ...standing.filter((other) => !hasOwn.has(other)),
  ]) {
    const { table, handle } = one.place;
    table.say(handle, 'name', writing.nameIn(table, one.channel, one.before));
  }
}

/** Which fields of a channel a table says, in which way. */
interface Saying {
  shown: readonly ColumnField[];
  /** There is no column for them. */
  lost: readonly ColumnField[];
  /** The two tones, where they are said in parts. */
  tones: { sent: ColumnField; heard: ColumnField } | null;
}

function sayingOf(writing: Writing, table: WorkTable, mode: ModeId): Saying {
  const linked = writing.modes[mode].kit.links.filter(({ fieldId }) => table.has(fieldId));
  const elsewhere = new Set(['name', 'rx', 'shift', ...linked.flatMap(({ says }) => says)]);
  if (table.has('low-power') && !table.has('power')) elsewhere.add('power');
  const mine = channelFields(writing.modes).filter(({ modes }) => !modes || modes.includes(mode));
  const [sent, heard] = ['tone-tx', 'tone-rx'].map((id) => mine.find((field) => field.id === id));
  const tones = sent && heard && isSplit((field) => table.has(field)) ? { sent, heard } : null;
  const others = mine.filter((field) => !elsewhere.has(field.id) && !(tones && (field === sent || field === heard)));
  return {
    shown: others.filter(({ id }) => table.has(id)),
    lost: others.filter(({ id }) => !table.has(id)),
    tones,
  };
}

const NOTHING = () => false;

/** What was read from a row and is the same in the plan stays as it is written there. */
function saysAlready(writing: Writing, { thereId, differences }: ChannelMatch, place: Place): Standing['says'] {
  if (thereId === null || place.table.isNew(place.handle)) return NOTHING;
  const said = writing.content.said.get(thereId)!;
  // Of another mode, everything is another.
  if (differences.some(({ fieldId }) => fieldId === 'mode')) return NOTHING;
  return (fieldId) => said.has(fieldId) && !differences.some((one) => one.fieldId === fieldId);
}

function sayChannel(writing: Writing, saying: Saying, { channel, place: { table, handle }, says }: Standing): void {
  const { mode } = channel;
  table.say(handle, 'mode', mode);
  table.say(handle, 'digital', mode === 'fm' ? 'no' : 'yes');
  table.say(handle, 'low-power', channel.power === LEAST ? 'yes' : 'no');
  if (!says('rx') || !says('shift')) sayFrequencies(table, handle, channel);
  if (!table.say(handle, 'tx-off', channel.purpose === 'receive only' ? 'yes' : 'no'))
    writing.lose('Receive only', 'no word');
  if (saying.tones && !(says('tone-tx') && says('tone-rx')))
    sayTones(writing, saying.tones, { table, handle }, channel);
  for (const { title } of saying.lost) writing.lose(title, 'no column');
  for (const field of saying.shown)
    if (!says(field.id) && !sayShown(writing, table, handle, field, channel)) {
      writing.lose(field.title, 'no word');
      writing.leaveUnsaid(channel.id, [field.id]);
    }
}

function sayFrequencies(table: WorkTable, handle: Handle, { rxHz, txHz }: Channel): void {
  const shift = txHz - rxHz;
  const hasDirection = table.has('direction');
  table.say(handle, 'rx', String(rxHz));
  if (shift !== 0 || !isBlank(table, handle)) table.say(handle, 'tx', String(txHz));
  table.say(handle, 'shift', String(hasDirection ? Math.abs(shift) : shift));
  table.say(handle, 'direction', shift > 0 ? '+' : shift < 0 ? '-' : '0');
}

/** Tones in parts: what cannot be said as a whole is said for the direction that opens the site. */
function sayTones(
  writing: Writing,
  fields: NonNullable<Saying['tones']>,
  { table, handle }: Place,
  channel: Channel,
): void {
  const [sent, heard] = [fields.sent, fields.heard].map((field) => field.show(channel, writing.codeplug));
  // A channel that shows no tones, such as one that is digital only, says nothing of them.
  if (!sent || !heard || table.sayTones(handle, sent, heard)) return;
  const lost = table.sayTones(handle, sent, NO_TONE) ? [fields.heard] : [fields.sent, fields.heard];
  for (const { title } of lost) writing.lose(title, 'no word');
  writing.leaveUnsaid(
    channel.id,
    lost.map(({ id }) => id),
  );
}

/** Where an empty cell says that a channel sends where it receives, it stays empty. */
function isBlank(table: WorkTable, handle: Handle): boolean {
  const [column] = columnsOfField(table.of, 'tx');
  return column?.layout.blank === 'rx' && !table.isNew(handle) && table.cell(handle, column.at).trim() === '';
}

/** What a channel does not show, such as the tones of one that is digital only, is not said: the cell stays. */
function sayShown(writing: Writing, table: WorkTable, handle: Handle, field: ColumnField, channel: Channel): boolean {
  const value = field.show(channel, writing.codeplug).trimEnd();
  const isShown = value !== '' || field.options !== undefined || field.same === undefined;
  return !isShown || table.say(handle, field.id, value);
}
