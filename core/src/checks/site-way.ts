/**
 * The other way to mend a pair that differs: a hotspot is one’s own, and where most of its channels have another value
 * than it has, the one value is likelier wrong than the many.
 */
import { isRule } from '../path/fact-types';
import type { Fact, FactKey, PathContext, PlanIndex, TracedPath } from '../path/types';
import { type Patch, type PathKey, toPointer } from '../plan/patches';
import type { Id, Site } from '../plan/types';
import type { Data } from './check';
import { couldBeOn } from './site-frequency';
import { set } from './walk';

/** Pairs of every mode that a hotspot can be set to. */
const COMMON: readonly FactKey[] = ['frequency', 'shift'];

const tallyKey = (siteId: Id, key: FactKey, has: unknown) =>
  `${siteId} ${key} ${typeof has === 'number' ? has : JSON.stringify(has)}`;

/** What a channel has of the pairs that its hotspot could be set to, as keys of the tally. */
function pairsOf({ path, context: { site, channel, index } }: TracedPath): readonly string[] {
  if (site?.kind !== 'hotspot') return [];
  const said = index.modes[channel.mode].saidAt;
  const found: string[] = [];
  for (const { hops } of [path.call, path.reply])
    for (const { facts } of hops)
      for (const { key, has } of facts) {
        if (!said[key] && !COMMON.includes(key)) continue;
        const pair = tallyKey(site.id, key, has);
        if (!found.includes(pair)) found.push(pair);
      }
  return found;
}

/** How many channels have a value at a hotspot. */
function tally(index: PlanIndex): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const pairs of index.ofPaths(pairsOf)) for (const pair of pairs) counts.set(pair, (counts.get(pair) ?? 0) + 1);
  return counts;
}

/** A pair of whatever kind. */
export interface Pair {
  key: FactKey;
  has: unknown;
  expects: unknown;
}

export interface SiteWay {
  data: Data;
  patches: Patch[];
}

/** The words of such a press, with `{site}`, `{value}` and `{agree}` of its data. */
export const SITE_WAY = 'Set {site} to {value}: {agree}';

/**
 * The press that sets the hotspot to what this channel has. None at a site of somebody else’s, nor where no more
 * channels have that value than have the hotspot’s own.
 *
 * @param shown the channel’s value in words
 * @param values what is set at the site, by path in it
 */
export function siteWay(
  context: PathContext,
  fact: Pair,
  shown: string,
  values: readonly [path: readonly PathKey[], value: unknown][],
): SiteWay | null {
  const { site, index } = context;
  if (site?.kind !== 'hotspot' || isRule(fact.expects as Fact['expects']) || values.length === 0) return null;
  const counts = index.once(tally);
  const of = (has: unknown) => counts.get(tallyKey(site.id, fact.key, has)) ?? 0;
  const [agree, differ] = [of(fact.has), of(fact.expects)];
  if (agree <= differ) return null;
  const words = agree === 1 ? 'its channel has that' : `${agree} of its channels have that`;
  return {
    data: { site: site.name, value: shown, agree: differ === 0 ? words : `${words}, ${differ} would differ` },
    patches: values.map(([path, value]) => set(toPointer(['sites', 'byId', site.id, ...path]), value)),
  };
}

/** The same for a hotspot’s frequencies, where it could be on them without a fault of its own. */
export function siteWayToPair(
  context: PathContext,
  fact: Pair,
  shown: string,
  txHz: number,
  rxHz: number,
): SiteWay | null {
  const { site, index } = context;
  if (site?.kind !== 'hotspot') return null;
  const values = (
    [
      ['txHz', txHz],
      ['rxHz', rxHz],
    ] as const
  ).filter(([side, hz]) => site[side] !== hz);
  const way = siteWay(
    context,
    fact,
    shown,
    values.map(([side, hz]) => [[side], hz]),
  );
  return way && couldBeOn(index, site, txHz, rxHz) ? way : null;
}

/** The same where the mode says at which place of a site the pair stands. */
export function siteWayBySaid(context: PathContext, fact: Pair, shown: string): SiteWay | null {
  const said = context.index.modes[context.channel.mode].saidAt[fact.key];
  if (!said || (said.fits && !said.fits(fact.has as never, context.site as Site))) return null;
  return siteWay(context, fact, shown, [[said.path, said.value(fact.has as never)]]);
}
