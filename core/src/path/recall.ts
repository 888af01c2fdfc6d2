/**
 * Stored profiles of a hotspot, recalled by what a radio sends: the hotspot takes such a call itself, and carries it
 * nowhere. How many slots there are and what recalls them is each hotspot's own (common practice).
 */
import { hotspotsOf, slotOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Channel, Hotspot, Id, NetworkModeId, Plan, Radio, RecallSlot, Site } from '../plan/types';
import type { Modes } from './mode-path';
import { networkModesOf } from './mode-path';

/** The place of a slot among those of its hotspot, from 1: what people call it by. */
export function slotNumber(site: Hotspot, slotId: Id): number {
  return site.recall.order.indexOf(slotId) + 1;
}

/** `slot 3`, with what it holds: `slot 3, Travel`. */
export function slotWords(plan: Plan, site: Hotspot, { id, profileId }: RecallSlot): string {
  const held = profileId === null ? undefined : plan.profiles.byId[profileId];
  return `slot ${slotNumber(site, id)}${held ? `, ${held.name}` : ''}`;
}

/** The slot that a channel recalls at its site, by what it sends; `null`: none. */
export function slotSent(modes: Modes, site: Site | null, channel: Channel): RecallSlot | null {
  if (site?.kind !== 'hotspot' || site.recall.order.length === 0) return null;
  const sent = modes[channel.mode].recall?.channel?.sent(channel) ?? '';
  if (sent === '') return null;
  return rows(site.recall).find((slot) => slot.calls[channel.mode as NetworkModeId] === sent) ?? null;
}

/** The slot that a channel is meant to recall; `null`: none. */
export function slotMeant(plan: Plan, { destination }: Channel): RecallSlot | null {
  return destination?.kind === 'recall' ? (slotOf(plan, destination) ?? null) : null;
}

/** What a radio has to recall a slot, in one mode. */
export interface RecallEntry {
  radio: Radio;
  mode: NetworkModeId;
  /** A channel, by its id, or a kept code, by its id. */
  channelId: Id | null;
  codeId: Id | null;
  name: string;
  /** Whether what it sends is the slot's call. */
  sendsIt: boolean;
}

/** Every entry of the radios that recalls a slot, or is meant to, in the order of radios and modes. */
export function recallEntries(plan: Plan, modes: Modes, site: Hotspot, slot: RecallSlot): RecallEntry[] {
  const isMeant = (to: { siteId: Id; slotId: Id } | null) => to?.siteId === site.id && to.slotId === slot.id;
  return rows(plan.radios).flatMap((radio) => {
    const codeplug = plan.codeplugs[radio.id]!;
    return networkModesOf(modes).flatMap((mode): RecallEntry[] => {
      const { recall } = mode;
      const call = slot.calls[mode.id];
      const one = { radio, mode: mode.id };
      if (recall?.codes)
        return rows(recall.codes.of(codeplug))
          .filter(({ code, recalls }) => isMeant(recalls) || (recalls === null && call !== '' && code === call))
          .map(({ id, name, code }) => ({ ...one, channelId: null, codeId: id, name, sendsIt: code === call }));
      if (!recall?.channel) return [];
      return rows(codeplug.channels)
        .filter((channel) => channel.mode === mode.id && channel.siteId === site.id)
        .flatMap((channel): RecallEntry[] => {
          const sendsIt = call !== '' && recall.channel!.sent(channel) === call;
          const { destination } = channel;
          const meant = destination?.kind === 'recall' && isMeant(destination);
          return meant || (sendsIt && destination === null)
            ? [{ ...one, channelId: channel.id, codeId: null, name: channel.name, sendsIt }]
            : [];
        });
    });
  });
}

/** Hotspots that have slots. */
export const recallingHotspots = (plan: Plan): Hotspot[] =>
  hotspotsOf(plan).filter((site) => site.recall.order.length > 0);
