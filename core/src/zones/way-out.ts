/** Zones in which one can link something and not leave it: the way out is a channel of another zone. */
import { contextOf } from '../path/context';
import type { ModeWays } from '../path/mode-path';
import type { PathContext, PlanIndex } from '../path/types';
import type { Channel, Id, ModeId, Site } from '../plan/types';

/** A channel of the codeplug that leaves what this zone can link at a site, and is not in it. */
export interface WayOut {
  siteId: Id;
  mode: ModeId;
  channelId: Id;
}

const idOf = (siteId: Id, mode: ModeId) => `${siteId} ${mode}`;

/**
 * The ways out that a zone lacks and the radio has. What the radio keeps beside its channels (a key, a stored code)
 * leaves from everywhere. Nothing where the radio has no way out at all: a check tells that.
 */
export function lacksWayOut(index: PlanIndex, radioId: Id, zoneId: Id): WayOut[] {
  const { channels, zones } = index.plan.codeplugs[radioId]!;
  const inZone = new Set(zones.byId[zoneId]?.channelIds);
  const places = new Map<string, { site: Site; mode: ModeId }>();
  for (const id of inZone) {
    const { siteId, mode } = channels.byId[id]!;
    const site = siteId === null ? undefined : index.plan.sites.byId[siteId];
    // At a repeater its keeper says what is linked.
    if (site?.kind === 'hotspot' && index.modes[mode].ways) places.set(idOf(site.id, mode), { site, mode });
  }
  return [...places.values()].flatMap(({ site, mode }): WayOut[] => {
    const ways = index.modes[mode].ways as ModeWays;
    const out = ways.out(index.plan, site);
    const leaves = (channel: Channel) => {
      const context = contextOf(index, radioId, channel) as PathContext;
      return out.some((destination) => ways.leaves(context as never, destination));
    };
    const mine = channels.order
      .map((id) => channels.byId[id]!)
      .filter((one) => one.siteId === site.id && one.mode === mode);
    if (out.length === 0 || mine.some((one) => inZone.has(one.id) && leaves(one))) return [];
    const found = mine.find((one) => !inZone.has(one.id) && leaves(one));
    return found ? [{ siteId: site.id, mode, channelId: found.id }] : [];
  });
}
