/** The DMR fields of a channel: as sheets and files show, read and compare them. */
import { LEAST } from '../../plan/power';
import type { ChannelField } from '../../codeplug/channel-field';
import { choice, wholeBetween } from '../../codeplug/reading';
import type { PathContext } from '../../path/types';
import { rows } from '../../plan/table';
import type { Channel, ChannelOf, Codeplug, CodeplugBlocks, Site, ValuesOf } from '../../plan/types';
import { ADDRESS_MAX, ADDRESS_MIN, COLOR_CODE_MAX, SIMPLEX_SLOT } from '../../plan/modes/dmr/limits';
import type { AdmitCriterion } from '../../plan/modes/dmr/types';

/** Whether a channel is of DMR. */
export function isDmr(channel: Channel): channel is ChannelOf<'dmr'> {
  return channel.mode === 'dmr';
}

/** Whether the channel of a path is of DMR. */
export function isDmrPath(context: PathContext): context is PathContext<'dmr'> & PathContext {
  return context.channel.mode === 'dmr';
}

/** The DMR channels of a codeplug, in its order. */
export function dmrChannels(codeplug: Codeplug): ChannelOf<'dmr'>[] {
  return rows(codeplug.channels).filter(isDmr);
}

const NO_LIST = 'none';

export const ADMIT_WORDS: Readonly<Record<AdmitCriterion, string>> = {
  always: 'always',
  'channel-free': 'channel free',
  'color-code-free': 'color code free',
};

const ADMIT_BY_WORD = Object.fromEntries(
  Object.entries(ADMIT_WORDS).map(([admit, words]) => [words, admit as AdmitCriterion]),
);

/** Without a site on the frequency of none yet; color code 1 and the simplex slot are what most hotspots have. */
export function blankChannel(site?: Site): ValuesOf<'dmr'> {
  return {
    name: 'New channel',
    mode: 'dmr',
    rxHz: site?.txHz ?? 439_000_000,
    txHz: site?.rxHz ?? 439_000_000,
    power: LEAST,
    timeOutS: null,
    options: {},
    dmr: {
      colorCode: site?.dmr?.colorCode ?? 1,
      slot: SIMPLEX_SLOT,
      call: { kind: 'group', number: 9 },
      receiveListId: null,
      admit: 'color-code-free',
    },
  };
}

export const fields: readonly ChannelField<'dmr'>[] = [
  {
    id: 'color-code',
    weight: 6,
    title: 'Color code',
    kind: 'number',
    order: 150,
    width: 84,
    facts: ['color-code'],
    show: (one) => String(one.dmr.colorCode),
    read: (text) => wholeBetween(text, 0, COLOR_CODE_MAX, (to, value) => (to.dmr.colorCode = value)),
    copy: (to, from) => (to.dmr = { ...to.dmr, colorCode: from.dmr.colorCode }),
  },
  {
    id: 'slot',
    weight: 6,
    title: 'Slot',
    kind: 'number',
    order: 160,
    width: 46,
    facts: ['slot'],
    show: (one) => String(one.dmr.slot),
    read: (text) => choice(text, { 1: 1, 2: 2 } as const, (to, slot) => (to.dmr.slot = slot)),
    copy: (to, from) => (to.dmr = { ...to.dmr, slot: from.dmr.slot }),
  },
  {
    id: 'call',
    weight: 6,
    title: 'Call',
    kind: 'text',
    order: 170,
    width: 66,
    options: () => ['group', 'private'],
    facts: ['call-kind'],
    show: (one) => one.dmr.call.kind,
    read: (text) =>
      choice(text, { group: 'group', private: 'private' } as const, (to, kind) => (to.dmr.call.kind = kind)),
    copy: (to, from) => (to.dmr = { ...to.dmr, call: { ...to.dmr.call, kind: from.dmr.call.kind } }),
  },
  {
    id: 'number',
    weight: 8,
    title: 'Number',
    kind: 'number',
    order: 180,
    width: 84,
    facts: ['number', 'crossing-number'],
    expected: ({ expects }) => String(expects),
    show: (one) => String(one.dmr.call.number),
    read: (text) => wholeBetween(text, ADDRESS_MIN, ADDRESS_MAX, (to, value) => (to.dmr.call.number = value)),
    copy: (to, from) => (to.dmr = { ...to.dmr, call: { ...to.dmr.call, number: from.dmr.call.number } }),
  },
  {
    id: 'receive-list',
    weight: 4,
    title: 'Receive list',
    kind: 'text',
    order: 310,
    width: 104,
    options: (codeplug) => [NO_LIST, ...rows(codeplug.dmr.receiveLists).map((list) => list.name)],
    facts: ['receive-list'],
    show: (one, codeplug) =>
      one.dmr.receiveListId === null
        ? NO_LIST
        : (codeplug.dmr.receiveLists.byId[one.dmr.receiveListId]?.name ?? NO_LIST),
    read: (text, codeplug) => {
      const ids = Object.fromEntries([
        [NO_LIST, null],
        ...rows(codeplug.dmr.receiveLists).map((list) => [list.name.toLowerCase(), list.id] as const),
      ]);
      return choice(text, ids as Record<string, string | null>, (to, id) => (to.dmr.receiveListId = id));
    },
    copy: (to, from) => (to.dmr = { ...to.dmr, receiveListId: from.dmr.receiveListId }),
    // Lists that open for the same are the same, whatever they are called.
    same: (one, codeplug, other, otherCodeplug) => {
      const groups = (id: string | null, of: CodeplugBlocks) =>
        id === null ? null : [...(of.dmr.receiveLists.byId[id]?.groups ?? [])].sort((a, b) => a - b).join(' ');
      return groups(one.dmr.receiveListId, codeplug) === groups(other.dmr.receiveListId, otherCodeplug);
    },
    link: { what: 'receive list', get: (one) => one.dmr.receiveListId, set: (to, id) => (to.dmr.receiveListId = id) },
  },
  {
    id: 'admit',
    weight: 2,
    title: 'Admit',
    kind: 'text',
    order: 320,
    width: 118,
    options: () => Object.keys(ADMIT_BY_WORD),
    facts: ['admit'],
    show: (one) => ADMIT_WORDS[one.dmr.admit],
    read: (text) => choice(text, ADMIT_BY_WORD, (to, admit) => (to.dmr.admit = admit)),
    copy: (to, from) => (to.dmr = { ...to.dmr, admit: from.dmr.admit }),
  },
];
