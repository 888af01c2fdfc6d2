/**
 * Calls that cross: the radio speaks one mode, the destination waits on a network of another, and the hotspot turns the
 * one into the other. Neither mode knows the other: each says what it needs on its side (`Mode.cross`).
 */
import { modeOf } from '../modes/registry';
import type { Channel, Crossing, Destination, ModeId, NetworkModeId, Plan, Radio, Site } from '../plan/types';
import { fact, mustEqual } from './fact';
import type { ModeTrace } from '../modes/mode';
import type { Arrival, CrossingNeed, Fact, PathContext } from './types';

export function crossingOf(air: ModeId, network: NetworkModeId): Crossing {
  return `${air as NetworkModeId}-${network}`;
}

/** The two modes of a crossing. */
export function sidesOf(crossing: Crossing): { air: NetworkModeId; network: NetworkModeId } {
  const [air, network] = crossing.split('-') as [NetworkModeId, NetworkModeId];
  return { air, network };
}

/** `C4FM to DMR`. */
export function crossingWords(crossing: Crossing): string {
  const { air, network } = sidesOf(crossing);
  return `${modeOf(air).name} to ${modeOf(network).name}`;
}

/** What a channel's destination needs to be had across; `null` where it is of the channel's own mode. */
export function crossingNeed(plan: Plan, { mode, destination }: Pick<Channel, 'mode' | 'destination'>): CrossingNeed | null {
  const network = destination && 'networkId' in destination ? plan.networks.byId[destination.networkId] : undefined;
  if (!destination || !network || network.mode === mode) return null;
  const entry = modeOf(network.mode).cross?.entry(plan, destination) ?? null;
  const within = entry !== null && Number(entry.digits) <= (modeOf(mode).cross?.most ?? 0);
  return { id: crossingOf(mode, network.mode), networkId: network.id, digits: within ? entry.digits : null, name: entry?.name ?? network.name };
}

/** Where a call that crosses comes out; nothing is known to be at another number than the one that is meant. */
export function crossingRoute({ channel, site, profile }: PathContext, { id, networkId, digits, name }: CrossingNeed): Arrival | null {
  const asked = modeOf(channel.mode).cross?.asked(channel) ?? '';
  if (!site || !profile?.crossings.includes(id) || asked === '') return null;
  return { networkId, address: `${modeOf(sidesOf(id).network).name} ${asked}`, short: asked, name: asked === digits ? name : null };
}

function gateway(context: PathContext): Fact[] {
  const { crossing, site, profile, index } = context;
  if (!crossing || !site) return [];
  const words = crossingWords(crossing.id);
  const able = site.kind === 'hotspot' && site.crossings.includes(crossing.id) && crossing.digits !== null;
  const facts = [fact('crossing', able ? words : null, words, able)];
  if (!able) return facts;
  const on = profile!.crossings.includes(crossing.id);
  facts.push(fact('crossing-on', on ? 'on' : 'off', 'on', on));
  const lacks = modeOf(sidesOf(crossing.id).network).cross!.lacks(index, site, crossing.networkId);
  facts.push(fact('crossing-ready', lacks.join(', ') || 'complete', 'complete', lacks.length === 0));
  return facts;
}

function network({ crossing, channel, site }: PathContext): Fact[] {
  if (!crossing || !site || crossing.digits === null) return [];
  return [mustEqual('crossing-number', modeOf(channel.mode).cross?.asked(channel) || null, crossing.digits)];
}

/** The hops beyond the site for a call that crosses, in place of its own mode's. */
export const CROSSED: NonNullable<ModeTrace['beyond']> = { gateway, network, replyNetwork: () => [], replyGateway: gateway };

/** Whether the call gets across and comes out at another number. */
export function crossedAstray({ arrives, crossing }: PathContext): boolean {
  return arrives !== null && crossing !== null && arrives.short !== crossing.digits;
}

/** The mode in which a radio reaches a destination through a site: its own, else one that the site turns into it. */
export function airModeFor(plan: Plan, radio: Radio, site: Site, destination: Destination, own: ModeId): ModeId {
  if (radio[own] !== null && site[own] !== null) return own;
  if (site.kind !== 'hotspot' || !('networkId' in destination)) return own;
  const across = site.crossings.map(sidesOf).find(({ air, network }) => network === own && radio[air] !== null && site[air] !== null);
  const entry = across && modeOf(own).cross?.entry(plan, destination);
  return across && entry ? across.air : own;
}

/** The networks of a plan that channels of a mode may be meant for through a site, across. */
export function crossesTo(site: Site | undefined, air: ModeId): NetworkModeId[] {
  return site?.kind === 'hotspot' ? site.crossings.map(sidesOf).filter((one) => one.air === air).map((one) => one.network) : [];
}
