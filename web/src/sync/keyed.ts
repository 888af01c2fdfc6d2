/** Which dynamic groups are awake, by what the user keyed in this window. Kept apart from the plan: it is over in minutes. */
import { carriageOf } from '@relay/core/modes/dmr/carriage';
import { isDmr } from '@relay/core/modes/dmr/channel';
import { callOf, routesOf } from '@relay/core/modes/dmr/links';
import { forward } from '@relay/core/modes/dmr/routes/table';
import type { PlanIndex } from '@relay/core/path/plan-index';
import type { AwakeGroup } from '@relay/core/path/types';
import type { Channel } from '@relay/core/plan/types';
import { dmrNetwork } from '@relay/core/modes/dmr/networks';

export interface Keyed extends Omit<AwakeGroup, 'minutesLeft'> {
  /** Milliseconds since 1970. */
  until: number;
}

const MINUTE_MS = 60_000;

/** A slot of a site holds one dynamic group: a second replaces the first. */
export function keyedNow(before: readonly Keyed[], index: PlanIndex, channel: Channel, nowMs: number): Keyed[] {
  const { siteId } = channel;
  const site = siteId === null ? undefined : index.plan.sites.byId[siteId];
  if (!site || !siteId || !isDmr(channel)) return [...before];
  const call = callOf({ channel });
  const carriage = carriageOf(site);
  const routed = carriage ? { ...call, networkId: carriage.networkId } : forward(routesOf(index, siteId), call);
  if (!routed?.networkId || routed.kind !== 'group') return [...before];
  const { slot } = channel.dmr;
  const { networkId, number } = routed;
  const until = nowMs + dmrNetwork(index.plan, networkId)!.dynamicTimerMin * MINUTE_MS;
  return [...before.filter((one) => !(one.siteId === siteId && one.slot === slot && one.networkId === networkId)), { siteId, networkId, slot, number, until }];
}

export function awakeAt(keyed: readonly Keyed[], nowMs: number): AwakeGroup[] {
  return keyed.filter((one) => one.until > nowMs).map(({ until, ...one }) => ({ ...one, minutesLeft: (until - nowMs) / MINUTE_MS }));
}
