/**
 * Which channels are worth scanning together, and which are not. Common practice: a radio that scans stops at whoever
 * talks, so that a busy group keeps it from all others; channels that open for the same are one to the ear.
 */
import { roomIn } from '../codeplug/room';
import type { Modes } from '../path/mode-path';
import { purposeOf } from '../path/purpose';
import { sameJson } from '../plan/patches';
import type { Channel, Id, Plan, ScanList } from '../plan/types';

/** Why a channel is left out of a scan list. */
export type LeftOut =
  | { why: 'service' }
  | { why: 'not in the radio' }
  | { why: 'busy'; as: string }
  | { why: 'same'; asId: Id }
  | { why: 'full'; most: number };

export interface ScanProposal {
  channelIds: Id[];
  leftOut: { channelId: Id; reason: LeftOut }[];
}

/** What a channel opens for: those with the same hear the same, as far as their receive lists let them. */
function earOf(channel: Channel, modes: Modes): string {
  const mode = modes[channel.mode] as { opensFor?: (values: Channel) => string };
  return `${channel.rxHz} ${channel.mode} ${mode.opensFor?.(channel) ?? ''}`;
}

/** Why a destination would keep a radio from the rest of a list; `null` where it would not, or nobody knows. */
export function busyAs(plan: Plan, modes: Modes, { mode, destination }: Channel): string | null {
  const { busy } = modes[mode] as { busy?: (plan: Plan, destination: unknown) => string | null };
  return destination?.mode === mode ? (busy?.(plan, destination) ?? null) : null;
}

/** The channels of a radio that make sense in one scan list, in the order given, up to what it holds. */
export function proposeScan(plan: Plan, modes: Modes, radioId: Id, ids: readonly Id[]): ScanProposal {
  const radio = plan.radios.byId[radioId]!;
  const { channels } = plan.codeplugs[radioId]!;
  const most = roomIn(radio.limits.channelsPerScanList);
  const proposal: ScanProposal = { channelIds: [], leftOut: [] };
  const heard = new Map<string, Id>();
  for (const channelId of new Set(ids)) {
    const channel = channels.byId[channelId];
    if (!channel) continue;
    const reason = reasonFor(channel);
    if (reason) {
      proposal.leftOut.push({ channelId, reason });
      continue;
    }
    heard.set(earOf(channel, modes), channelId);
    proposal.channelIds.push(channelId);
  }
  return proposal;

  function reasonFor(channel: Channel): LeftOut | null {
    if (radio[channel.mode] === null) return { why: 'not in the radio' };
    if (purposeOf(channel, modes) === 'service') return { why: 'service' };
    const as = busyAs(plan, modes, channel);
    if (as !== null) return { why: 'busy', as };
    const asId = heard.get(earOf(channel, modes));
    if (asId !== undefined) return { why: 'same', asId };
    return proposal.channelIds.length >= most ? { why: 'full', most } : null;
  }
}

/** What a list of a zone would become now; `null` where it has no zone, or is that already. */
export function refreshScan(plan: Plan, modes: Modes, radioId: Id, list: ScanList): ScanProposal | null {
  const zone = list.zoneId === null ? undefined : plan.codeplugs[radioId]!.zones.byId[list.zoneId];
  if (!zone) return null;
  const proposal = proposeScan(plan, modes, radioId, zone.channelIds);
  return sameJson(proposal.channelIds, list.channelIds) ? null : proposal;
}

/** Puts channels into a list of a draft; what it came back to stays where it is still in it. */
export function putScan(list: ScanList, channelIds: readonly Id[]): void {
  list.channelIds = [...channelIds];
  if (list.priorityId !== null && !channelIds.includes(list.priorityId)) list.priorityId = null;
}
