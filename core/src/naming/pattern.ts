/** Patterns of names, `{place} {group}`: each word in braces stands for what a channel is. */
import type { BuildModes } from '../builder/mode-build';
import { channelFields } from '../codeplug/channel-fields';
import { networkIdOf } from '../plan/networks';
import type { Channel, Codeplug, Plan } from '../plan/types';
import { destinationNamer } from './destination-names';

/** What can stand in braces, and what it is. */
export const TOKENS = {
  place: 'where the site is; its name where nobody has said',
  site: 'the name of the site',
  call: 'the call sign of a repeater',
  group: 'what the channel reaches',
  number: 'the number that is called',
  network: 'the network that it comes out at',
  slot: 'the time slot',
  mode: 'the mode',
} as const;

export type Token = keyof typeof TOKENS;

/** Fields that hold the number of a call, by mode. */
const NUMBER_FIELDS = ['number', 'room', 'p25-group'];

const IN_BRACES = /\{([^{}]*)\}/g;

/** Words in braces that stand for nothing; empty for a pattern that can be used. */
export function unknownTokens(pattern: string): string[] {
  return [...pattern.matchAll(IN_BRACES)].map(([, word]) => word!).filter((word) => !Object.hasOwn(TOKENS, word));
}

export type NameParts = Readonly<Record<Token, string>>;

/** What each token is for the channels of a codeplug; empty where a channel has no such thing. */
export function namePartsOf(plan: Plan, modes: BuildModes, codeplug: Codeplug): (channel: Channel) => NameParts {
  const nameOf = destinationNamer(modes, plan);
  const fields = channelFields(modes);
  const shown = (channel: Channel, ids: readonly string[]) =>
    fields
      .filter(({ id }) => ids.includes(id))
      .map((field) => field.show(channel, codeplug))
      .find((text) => text !== '') ?? '';
  return (channel) => {
    const site = channel.siteId === null ? undefined : plan.sites.byId[channel.siteId];
    const listing = site?.listing ?? null;
    return {
      place: listing?.place || site?.name || '',
      site: site?.name ?? '',
      call: listing?.callSign ?? '',
      // A name that two networks have comes with its network; a pattern says that by itself.
      group: channel.destination ? nameOf(channel.destination).replace(/ · .*$/, '') : '',
      number: shown(channel, NUMBER_FIELDS),
      network: plan.networks.byId[networkIdOf(channel.destination) ?? '']?.name ?? '',
      slot: shown(channel, ['slot']),
      mode: modes[channel.mode].name,
    };
  };
}

/** A pattern filled in. A word of it in which nothing is known is left out: `S{slot}` of an FM channel. */
export function fillPattern(pattern: string, parts: NameParts): string {
  return pattern
    .split(/\s+/)
    .map((word) => {
      const tokens = [...word.matchAll(IN_BRACES)].map(([, token]) => parts[token as Token] ?? '');
      const isEmpty = tokens.length > 0 && tokens.every((text) => text === '');
      return isEmpty ? '' : word.replace(IN_BRACES, (_, token: string) => parts[token as Token] ?? '');
    })
    .filter(Boolean)
    .join(' ');
}
