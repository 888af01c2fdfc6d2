import { modeOf } from '../modes/registry';
import type { Channel, Id } from '../plan/types';
import { crossingNeed, crossingRoute } from './crossing';
import type { PathContext, PlanIndex } from './types';

/** Gathers what a channel's path touches: its radio, site, and where the site's gateway sends the call. */
export function contextOf(index: PlanIndex, radioId: Id, channel: Channel): PathContext {
  const { plan } = index;
  const site = channel.siteId === null ? null : (plan.sites.byId[channel.siteId] ?? null);
  const profile = site ? (plan.profiles[site.id] ?? null) : null;
  const context: PathContext = {
    index,
    radio: plan.radios.byId[radioId]!,
    codeplug: plan.codeplugs[radioId]!,
    holdings: index.radios.get(radioId)!,
    channel,
    site,
    profile,
    network: null,
    arrives: null,
    crossing: crossingNeed(plan, channel),
  };
  const arrives = context.crossing ? crossingRoute(context, context.crossing) : modeOf(channel.mode).route(context);
  if (!arrives) return context;
  return { ...context, arrives, network: arrives.networkId === null ? null : (plan.networks.byId[arrives.networkId] ?? null) } as PathContext;
}
