/** Every name of a radio that would change, by the patterns of its zones and by what its display shows. */
import type { BuildModes } from '../builder/mode-build';
import { inLetters } from '../codeplug/letters';
import { cutName, nameFitter, nameLength, type NameWish } from '../codeplug/names';
import { nameRules } from '../codeplug/room';
import { rows } from '../plan/table';
import type { Channel, Id, Plan } from '../plan/types';
import { fillPattern, namePartsOf, type NameParts } from './pattern';

export interface Renaming {
  channelId: Id;
  from: string;
  to: string;
}

/** What tells two channels of one name apart, the plainest first. */
const APART = ['place', 'site', 'group', 'network', 'slot', 'mode', 'number'] as const satisfies (keyof NameParts)[];

const slotWord = (slot: string) => (slot === '' ? '' : `S${slot}`);

/** For channels that would have one name: the first of their parts that is not the same for all. */
function qualifierOf(all: readonly NameParts[], mine: NameParts): string {
  const part = APART.find((one) => mine[one] !== '' && all.some((other) => other[one] !== mine[one]));
  return part === undefined ? '' : part === 'slot' ? slotWord(mine.slot) : mine[part];
}

/** What each channel is to be called, by the pattern of the first of its zones that has one. */
function patternsOf(plan: Plan, radioId: Id): ReadonlyMap<Id, string> {
  const patterns = new Map<Id, string>();
  for (const { channelIds, pattern } of rows(plan.codeplugs[radioId]!.zones))
    if (pattern.trim() !== '') for (const id of channelIds) if (!patterns.has(id)) patterns.set(id, pattern);
  return patterns;
}

/**
 * The names of a radio that change. A channel whose zone has a pattern is called by it; another keeps its name where
 * the radio can have it and nothing else has it already. Done twice, the second time changes nothing.
 */
export function renamings(plan: Plan, modes: BuildModes, radioId: Id): Renaming[] {
  const radio = plan.radios.byId[radioId]!;
  const codeplug = plan.codeplugs[radioId]!;
  const rules = nameRules(plan, radio);
  const seen = Math.min(rules.length, rules.shown);
  const patterns = patternsOf(plan, radioId);
  const partsOf = namePartsOf(plan, modes, codeplug);
  const kept = new Set<string>();
  const open: { channel: Channel; parts: NameParts; name: string }[] = [];
  for (const channel of rows(codeplug.channels)) {
    const pattern = patterns.get(channel.id);
    const filled = pattern === undefined ? '' : fillPattern(pattern, partsOf(channel));
    const fits = inLetters(channel.name, rules.letters) === channel.name && nameLength(channel.name) <= rules.length;
    if (filled === '' && fits && !kept.has(cutName(channel.name, seen))) kept.add(cutName(channel.name, seen));
    else open.push({ channel, parts: partsOf(channel), name: filled || channel.name });
  }
  const sameName = new Map<string, NameParts[]>();
  for (const { name, parts } of open) sameName.set(name, [...(sameName.get(name) ?? []), parts]);
  const fit = nameFitter(rules, kept);
  return open.flatMap(({ channel, parts, name }) => {
    const wish: NameWish = { name, qualifier: qualifierOf(sameName.get(name)!, parts) };
    const to = fit(wish);
    return to === channel.name ? [] : [{ channelId: channel.id, from: channel.name, to }];
  });
}

/** Gives channels their new names in a draft. */
export function putRenamings(plan: Plan, radioId: Id, all: readonly Renaming[]): void {
  const { channels } = plan.codeplugs[radioId]!;
  for (const { channelId, to } of all) {
    const channel = channels.byId[channelId];
    if (channel) channel.name = to;
  }
}
