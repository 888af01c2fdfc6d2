/** What a radio's memories are to hold, as texts by what sets them: the common tongue of planner, pad and editor. */
import { channelFields } from '../codeplug/channel-fields';
import type { CodeplugModes } from '../codeplug/mode-codeplug';
import { recordsOf } from '../plan/records';
import { rows } from '../plan/table';
import { formatMHz } from '../units/quantities';
import { BURST, NO_TONE } from '../units/tones';
import type { ChannelValues, Codeplug, CodeplugBlocks, Id, ScanList, Table } from '../plan/types';

export type Values = Readonly<Record<string, string>>;

/** What people call a setting of a kind of memory. */
export type TitleOf = (stores: string, sets: string) => string;

/** One memory as it is to be, or as it is. */
export interface Kept {
  /** The routine that stores it: `channel`, `c4fm/rooms`. */
  stores: string;
  number: number;
  /** For people: `Hask Wide`. */
  name: string;
  values: Values;
}

/** What radios ask for in parts: a shift by its sign and its size, a tone by its kind and what it is. */
interface Part {
  of: string;
  id: string;
  title: string;
  from(text: string, texts: Values): string;
}

const TONES = [
  ['tone-tx', 'sent'],
  ['tone-rx', 'heard'],
] as const;

const kindOfTone = (text: string): string => {
  if (text === NO_TONE) return 'off';
  if (/^D/i.test(text)) return 'DCS';
  return text === BURST ? 'burst' : 'CTCSS';
};

const signOf = (text: string): string => (Number(text) === 0 ? 'off' : text.startsWith('-') ? '-' : '+');
const sizeOf = (text: string): string => text.replace(/^[+-]/, '');

const PARTS: readonly Part[] = [
  {
    of: 'mode',
    id: 'mode.opens',
    title: 'Mode, and what it opens for',
    from: (mode, { receive = '' }) => (receive === '' ? mode : `${mode} ${receive}`),
  },
  { of: 'shift', id: 'shift.sign', title: 'Direction of the shift', from: signOf },
  { of: 'shift', id: 'shift.size', title: 'Size of the shift', from: sizeOf },
  ...TONES.map(([of, side]): Part => ({ of, id: `${of}.kind`, title: `Kind of tone ${side}`, from: kindOfTone })),
];

/** What says nothing where the whole is off: how far a shift goes that there is none of. */
const isIdle = (id: string, text: string): boolean =>
  text === '' || (id === 'shift.size' && Number(text) === 0) || (TONES.some(([of]) => of === id) && text === NO_TONE);

/** Beside the fields of channels: what else a radio can be told of one. */
const TX = { id: 'tx', title: 'Transmit MHz' };

/** Everything of a channel that keys can set, with words for it. */
export function keyedFields(modes: CodeplugModes): { id: string; title: string }[] {
  const fields = channelFields(modes).map(({ id, title }) => ({ id, title }));
  return [{ id: 'mode', title: 'Mode' }, ...fields, TX, ...PARTS.map(({ id, title }) => ({ id, title }))];
}

/**
 * A channel as texts. What its mode has no such thing of, and what means nothing, is left out: whatever the radio has
 * there stays.
 */
export function channelTexts(modes: CodeplugModes, blocks: CodeplugBlocks, channel: ChannelValues): Values {
  const texts: Record<string, string> = { mode: modes[channel.mode].name };
  for (const field of channelFields(modes)) {
    if (field.modes && !field.modes.includes(channel.mode)) continue;
    texts[field.id] = field.show(channel, blocks);
  }
  texts[TX.id] = formatMHz(channel.txHz);
  for (const part of PARTS) {
    const whole = texts[part.of];
    if (whole !== undefined && whole !== '') texts[part.id] = part.from(whole, texts);
  }
  return Object.fromEntries(Object.entries(texts).filter(([id, text]) => !isIdle(id, text)));
}

/** The texts of a row that a mode keeps: what of it is a word or a number. */
const rowTexts = (row: object): Values =>
  Object.fromEntries(
    Object.entries(row)
      .filter(([key, value]) => key !== 'id' && (typeof value === 'string' || typeof value === 'number'))
      .map(([key, value]) => [key, String(value)]),
  );

/** A codeplug, or what was written of one. */
type Holder = CodeplugBlocks &
  Pick<Codeplug, 'homeId' | 'quickKeys'> & { channels: Table<ChannelValues & { id: Id }>; scanLists: Table<ScanList> };

/**
 * All that a radio is to keep. Channels stand in memories in the order of the codeplug.
 * @param firstOf number of the first memory of a routine
 */
export function keptOf(modes: CodeplugModes, holder: Holder, firstOf: (stores: string) => number): Kept[] {
  const channels = rows(holder.channels);
  const first = firstOf('channel');
  const numberOf = new Map(channels.map(({ id }, at) => [id, first + at]));
  const nameOf = (id: Id) => holder.channels.byId[id]!.name;
  const kept = channels.map((channel, at): Kept => ({
    stores: 'channel',
    number: first + at,
    name: channel.name,
    values: channelTexts(modes, holder, channel),
  }));
  for (const { kind, mode, table } of recordsOf(holder)) {
    const stores = `${mode}/${kind.key}`;
    rows(table).forEach((row, at) =>
      kept.push({ stores, number: firstOf(stores) + at, name: row.name, values: rowTexts(row) }),
    );
  }
  const { homeId, quickKeys } = holder;
  if (homeId !== null && numberOf.has(homeId))
    kept.push({
      stores: 'home',
      number: firstOf('home'),
      name: nameOf(homeId),
      values: { memory: String(numberOf.get(homeId)!) },
    });
  Object.entries(quickKeys).forEach(([key, id], at) => {
    if (!numberOf.has(id)) return;
    const values = { key, memory: String(numberOf.get(id)!) };
    // `P3` is the third, whichever others are said.
    const number = Number(/\d+/.exec(key)?.[0] ?? firstOf('quick') + at);
    kept.push({ stores: 'quick', number, name: `${key}: ${nameOf(id)}`, values });
  });
  const scanned = new Set(rows(holder.scanLists).flatMap((list) => list.channelIds));
  [...numberOf].forEach(([id, number]) => {
    if (scanned.has(id)) kept.push({ stores: 'scan', number, name: nameOf(id), values: {} });
  });
  return kept;
}
