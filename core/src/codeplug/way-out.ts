/** Zones in which one can link something and not leave it: the way out is a channel of another zone. */
import { contextOf } from '../path/context';
import { purposeOf } from '../path/purpose';
import type { ModeWays } from '../path/mode-path';
import type { PathContext, PlanIndex, TracedPath } from '../path/types';
import type { Channel, Destination, Hotspot, Id, ModeId, Site } from '../plan/types';

/** A channel of the codeplug that leaves what this zone can link at a site, and is not in it. */
export interface WayOut {
  siteId: Id;
  mode: ModeId;
  channelId: Id;
}

/** What is linked and left together. */
export const linkKey = ({ siteId, mode }: { siteId: Id | null; mode: ModeId }): string => `${siteId} ${mode}`;

/** Whether the user decides what a site is linked to: at a repeater its keeper does. */
const linksAt = (modes: PlanIndex['modes'], site: Site | undefined, mode: ModeId): site is Site =>
  site?.kind === 'hotspot' && modes[mode].ways !== undefined;

/** Whether a channel, or what its radio keeps beside it, leaves what is linked at its site. */
function leavesSite(modes: PlanIndex['modes'], context: PathContext, out: readonly Destination[]): boolean {
  const { ways } = modes[context.channel.mode];
  return out.some((destination) => (ways as ModeWays).leaves(context as never, destination));
}

/** What a channel means for the ways out of its site; `null` where nothing is linked there by the user. */
export interface WayOfChannel {
  radioId: Id;
  channelId: Id;
  name: string;
  siteId: Id;
  siteName: string;
  mode: ModeId;
  /** It is for talking: what it reaches may be linked by it, or to be left. */
  talks: boolean;
  leaves: boolean;
}

/** What leaves what is linked at a site in a mode. */
const outAt = new Map<ModeId, (index: PlanIndex, siteId: Id) => readonly Destination[]>();

function waysOutAt(index: PlanIndex, siteId: Id, mode: ModeId): readonly Destination[] {
  let make = outAt.get(mode);
  if (!make)
    outAt.set(
      mode,
      (make = ({ plan, modes }, id) => (modes[mode].ways as ModeWays).out(plan, plan.sites.byId[id] as Hotspot)),
    );
  return index.look(make, siteId);
}

/** For `eachPath`: an edit of one channel leaves the others as they were. */
export function wayOfChannel({ context }: TracedPath): WayOfChannel | null {
  const { radio, channel, site, index } = context;
  const { modes } = index;
  if (!linksAt(modes, site ?? undefined, channel.mode)) return null;
  const out = waysOutAt(index, site!.id, channel.mode);
  if (out.length === 0) return null;
  const { id: channelId, name, mode } = channel;
  const leaves = leavesSite(modes, context, out);
  const talks = purposeOf(channel, modes) === 'talk';
  return { radioId: radio.id, channelId, name, siteId: site!.id, siteName: site!.name, mode, talks, leaves };
}

/**
 * The ways out that a zone lacks and the radio has. What the radio keeps beside its channels (a key, a stored code)
 * leaves from everywhere. Nothing where the radio has no way out at all: a check tells that.
 */
export function lacksWayOut(index: PlanIndex, radioId: Id, zoneId: Id): WayOut[] {
  const { channels, zones } = index.plan.codeplugs[radioId]!;
  const inZone = new Set(zones.byId[zoneId]?.channelIds);
  const places = new Map<string, { site: Site; mode: ModeId }>();
  for (const id of inZone) {
    const channel = channels.byId[id]!;
    const { siteId, mode } = channel;
    const site = siteId === null ? undefined : index.plan.sites.byId[siteId];
    if (linksAt(index.modes, site, mode) && purposeOf(channel, index.modes) === 'talk')
      places.set(linkKey(channel), { site, mode });
  }
  return [...places.values()].flatMap(({ site, mode }): WayOut[] => {
    const ways = index.modes[mode].ways as ModeWays;
    const out = ways.out(index.plan, site);
    const leaves = (channel: Channel) =>
      leavesSite(index.modes, contextOf(index, radioId, channel) as PathContext, out);
    const mine = channels.order
      .map((id) => channels.byId[id]!)
      .filter((one) => one.siteId === site.id && one.mode === mode);
    if (out.length === 0 || mine.some((one) => inZone.has(one.id) && leaves(one))) return [];
    const found = mine.find((one) => !inZone.has(one.id) && leaves(one));
    return found ? [{ siteId: site.id, mode, channelId: found.id }] : [];
  });
}
