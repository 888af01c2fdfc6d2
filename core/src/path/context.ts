import type { Channel, Id, Network } from '../plan/types';
import { crossingOf } from './cross-mode';
import { isThroughSite, purposeOf } from './purpose';
import { slotSent } from './recall';
import type { PathContext, PlanIndex } from './types';

/** Gathers what a channel's path touches: its radio, site, and where the site's gateway sends the call. */
export function contextOf(index: PlanIndex, radioId: Id, channel: Channel): PathContext {
  const { plan } = index;
  const purpose = purposeOf(channel, index.modes);
  const site = channel.siteId === null || !isThroughSite(purpose) ? null : (plan.sites.byId[channel.siteId] ?? null);
  const context: PathContext = {
    index,
    radio: plan.radios.byId[radioId]!,
    codeplug: plan.codeplugs[radioId]!,
    channel,
    purpose,
    site,
    profile: site ? index.profile(site.id) : null,
    network: null,
    arrives: null,
    crossing: null,
    recalls: slotSent(index.modes, site, channel),
  };
  // The hotspot takes what recalls a profile, whatever was meant.
  if (!isThroughSite(purpose) || context.recalls) return context;
  const crossing = crossingOf(context);
  if (crossing) return { ...context, crossing };
  const arrives = index.modes[channel.mode].route(context);
  if (!arrives) return context;
  const network: Network | null = arrives.networkId === null ? null : (plan.networks.byId[arrives.networkId] ?? null);
  // A mode routes to networks of its own only.
  return { ...context, arrives, network };
}
