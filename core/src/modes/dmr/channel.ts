/** The DMR fields of a channel: as sheets and files show, read and compare them. */
import type { ChannelField } from '../../codeplug/channel-field';
import { RECEIVE_LIST_LINK } from '../../codeplug/row-links';
import { choice, wholeBetween } from '../../codeplug/reading';
import { FACT_WORDS } from '../../path/facts';
import type { PathContext } from '../../path/types';
import { rows } from '../../plan/table';
import type { Channel, ChannelOf, Codeplug, Site, ValuesOf } from '../../plan/types';
import { ADDRESS_MAX, ADDRESS_MIN, COLOR_CODE_MAX, SIMPLEX_SLOT } from './limits';
import type { AdmitCriterion } from './types';

export function isDmr(channel: Channel): channel is ChannelOf<'dmr'> {
  return channel.mode === 'dmr';
}

export function isDmrPath(context: PathContext): context is PathContext<'dmr'> & PathContext {
  return context.channel.mode === 'dmr';
}

export function dmrChannels(codeplug: Codeplug): ChannelOf<'dmr'>[] {
  return rows(codeplug.channels).filter(isDmr);
}

const NO_LIST = 'none';

const ADMIT_BY_WORD = Object.fromEntries((['always', 'channel-free', 'color-code-free'] as AdmitCriterion[]).map((one) => [FACT_WORDS.admit.read(one), one]));

/** Without a site on the frequency of none yet; color code 1 and the simplex slot are what most hotspots have. */
export function blankChannel(site?: Site): ValuesOf<'dmr'> {
  return {
    name: 'New channel',
    mode: 'dmr',
    rxHz: site?.txHz ?? 439_000_000,
    txHz: site?.rxHz ?? 439_000_000,
    power: 'low',
    dmr: { colorCode: site?.dmr?.colorCode ?? 1, slot: SIMPLEX_SLOT, call: { kind: 'group', number: 9 }, receiveListId: null, admit: 'color-code-free' },
  };
}

export const fields: readonly ChannelField<'dmr'>[] = [
  {
    id: 'color-code',
    title: 'Color code',
    kind: 'number',
    fact: 'color-code',
    show: (one) => String(one.dmr.colorCode),
    read: (text) => wholeBetween(text, 0, COLOR_CODE_MAX, (to, value) => (to.dmr.colorCode = value)),
    copy: (to, from) => (to.dmr = { ...to.dmr, colorCode: from.dmr.colorCode }),
  },
  {
    id: 'slot',
    title: 'Slot',
    kind: 'number',
    fact: 'slot',
    show: (one) => String(one.dmr.slot),
    read: (text) => choice(text, { 1: 1, 2: 2 } as const, (to, slot) => (to.dmr.slot = slot)),
    copy: (to, from) => (to.dmr = { ...to.dmr, slot: from.dmr.slot }),
  },
  {
    id: 'call',
    title: 'Call',
    kind: 'text',
    options: () => ['group', 'private'],
    fact: 'call-kind',
    show: (one) => one.dmr.call.kind,
    read: (text) => choice(text, { group: 'group', private: 'private' } as const, (to, kind) => (to.dmr.call.kind = kind)),
    copy: (to, from) => (to.dmr = { ...to.dmr, call: { ...to.dmr.call, kind: from.dmr.call.kind } }),
  },
  {
    id: 'number',
    title: 'Number',
    kind: 'number',
    fact: 'number',
    show: (one) => String(one.dmr.call.number),
    read: (text) => wholeBetween(text, ADDRESS_MIN, ADDRESS_MAX, (to, value) => (to.dmr.call.number = value)),
    copy: (to, from) => (to.dmr = { ...to.dmr, call: { ...to.dmr.call, number: from.dmr.call.number } }),
  },
  {
    id: 'receive-list',
    title: 'Receive list',
    kind: 'text',
    options: (codeplug) => [NO_LIST, ...rows(codeplug.receiveLists).map((list) => list.name)],
    fact: 'receive-list',
    show: (one, codeplug) => (one.dmr.receiveListId === null ? NO_LIST : (codeplug.receiveLists.byId[one.dmr.receiveListId]?.name ?? NO_LIST)),
    read: (text, codeplug) => {
      const ids = Object.fromEntries([[NO_LIST, null], ...rows(codeplug.receiveLists).map((list) => [list.name.toLowerCase(), list.id] as const)]);
      return choice(text, ids as Record<string, string | null>, (to, id) => (to.dmr.receiveListId = id));
    },
    copy: (to, from) => (to.dmr = { ...to.dmr, receiveListId: from.dmr.receiveListId }),
    link: RECEIVE_LIST_LINK,
  },
  {
    id: 'admit',
    title: 'Admit',
    kind: 'text',
    options: () => Object.keys(ADMIT_BY_WORD),
    fact: 'admit',
    show: (one) => FACT_WORDS.admit.read(one.dmr.admit),
    read: (text) => choice(text, ADMIT_BY_WORD, (to, admit) => (to.dmr.admit = admit)),
    copy: (to, from) => (to.dmr = { ...to.dmr, admit: from.dmr.admit }),
  },
];
