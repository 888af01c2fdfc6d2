/** What keying a channel wakes. */
import { carriageOf } from '@relay/core/modes/dmr/carriage';
import { isDmr } from '@relay/core/modes/dmr/channel';
import { callOf, routesOf } from '@relay/core/modes/dmr/links';
import { forward } from '@relay/core/modes/dmr/routes/table';
import { indexPlan } from '@relay/core/path/plan-index';
import type { Channel, Plan } from '@relay/core/plan/types';
import { dmrNetwork } from '@relay/core/modes/dmr/networks';
import type { Keyed } from './awake';

const MINUTE_MS = 60_000;

/** A slot of a site holds one dynamic group: a second replaces the first. */
export function keyedNow(before: readonly Keyed[], plan: Plan, channel: Channel, nowMs: number): Keyed[] {
  const { siteId } = channel;
  const site = siteId === null ? undefined : plan.sites.byId[siteId];
  if (!site || !siteId || !isDmr(channel)) return [...before];
  const call = callOf({ channel });
  const carriage = carriageOf(site);
  const routed = carriage ? { ...call, networkId: carriage.networkId } : forward(routesOf(indexPlan(plan), siteId), call);
  if (!routed?.networkId || routed.kind !== 'group') return [...before];
  const { slot } = channel.dmr;
  const { networkId, number } = routed;
  const until = nowMs + dmrNetwork(plan, networkId)!.dynamicTimerMin * MINUTE_MS;
  return [...before.filter((one) => !(one.siteId === siteId && one.slot === slot && one.networkId === networkId)), { siteId, networkId, slot, number, until }];
}
