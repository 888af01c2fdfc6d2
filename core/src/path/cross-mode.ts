/**
 * Cross-mode calls: the radio speaks one mode, the destination waits on a network of another, and the hotspot turns the
 * one into the other. Neither mode knows the other: each says what it needs on its side (`ModeCross`).
 */
import { crossPairs, pairOf, reachesOwn } from '../plan/carriage';
import type { Channel, Destination, ModeId, NetworkModeId, ProfileValues, Radio, Site } from '../plan/types';
import { fact, mustEqual } from './fact';
import type { Beyond, Modes } from './mode-path';
import type { Crossing, CrossPair, Fact, PathContext, PlanIndex } from './types';

/** `C4FM to DMR`. */
export function crossWords(modes: Modes, { air, network }: CrossPair): string {
  return `${modes[air].name} to ${modes[network].name}`;
}

/** What a channel's destination needs to be reached cross-mode, and where the call comes out; `null` where it is of the channel's own mode. */
export function crossingOf({
  index,
  channel,
  site,
  profile,
}: Pick<PathContext, 'index' | 'channel' | 'site' | 'profile'>): Crossing | null {
  const { plan, modes } = index;
  const { destination } = channel;
  const network = destination && 'networkId' in destination ? plan.networks.byId[destination.networkId] : undefined;
  if (!destination || !network || network.mode === channel.mode) return null;
  const own = modes[channel.mode].cross;
  const other = modes[network.mode].cross;
  const entry = other?.entry(plan, destination) ?? null;
  const within = entry !== null && Number(entry.digits) <= (own?.most ?? 0);
  // FM has no networks: a channel of it that is meant for one crosses nowhere.
  const pair: CrossPair = { air: channel.mode as NetworkModeId, network: network.mode };
  const asked = own?.asked(channel) ?? '';
  const arrives =
    site && profile && other && asked !== '' && pairOf(profile, pair.air, pair.network).on
      ? other.arrival(network.id, asked)
      : null;
  return {
    pair,
    networkId: network.id,
    digits: within ? entry.digits : null,
    name: entry?.name ?? network.name,
    network: arrives ? network : null,
    arrives,
  };
}

function gateway({ crossing, site, profile, index }: PathContext): Fact[] {
  if (!crossing || !site) return [];
  const { air, network } = crossing.pair;
  const pair = profile && pairOf(profile, air, network);
  const able = pair !== null && pair.able && crossing.digits !== null;
  const facts = [fact('crossing', able ? crossing.pair : null, crossing.pair, able)];
  if (!able) return facts;
  facts.push(mustEqual('crossing-on', pair.on, true));
  const gaps = index.modes[network].cross!.gaps(index, site, crossing.networkId);
  facts.push(fact('crossing-ready', gaps, [], gaps.length === 0));
  return facts;
}

function network({ crossing, channel, site, index }: PathContext): Fact[] {
  if (!crossing || !site || crossing.digits === null) return [];
  return [mustEqual('crossing-number', index.modes[channel.mode].cross?.asked(channel) || null, crossing.digits)];
}

/** The hops beyond the site for a cross-mode call, in place of its own mode's. */
export const CROSSED: Beyond = { gateway, network, replyNetwork: () => [], replyGateway: gateway };

/** Whether a cross-mode call gets through and comes out at another number. */
export function crossedAstray({ channel, crossing, index }: PathContext): boolean {
  return (
    crossing !== null &&
    crossing.arrives !== null &&
    index.modes[channel.mode].cross!.asked(channel) !== crossing.digits
  );
}

/** A hotspot may stop reaching an air mode's own networks while it carries its calls to another's: that is told at the gateway. */
export function ownNetworkFacts({ channel, profile, crossing }: PathContext): Fact[] {
  if (!profile || crossing || reachesOwn(profile, channel.mode as NetworkModeId)) return [];
  return [mustEqual('own-networks', false, true)];
}

/** What tells which mode a radio uses at a site, whatever the plan: who can speak, and what the hotspot can carry. */
export interface AirChoice {
  radio: Radio;
  site: Site;
  /** The settings of a hotspot; `null` for a repeater. */
  profile: ProfileValues | null;
}

/** The mode in which a radio reaches a destination through a site: its own, else one whose calls the site carries there. */
export function airModeFor(
  { plan, modes }: Pick<PlanIndex, 'plan' | 'modes'>,
  { radio, site, profile }: AirChoice,
  destination: Destination,
): ModeId {
  const own = destination.mode;
  if (radio[own] !== null && site[own] !== null) return own;
  if (!profile || !('networkId' in destination)) return own;
  const pair = crossPairs(profile).find(
    ({ air, network, able }) => able && network === own && radio[air] !== null && site[air] !== null,
  );
  return pair && modes[own].cross?.entry(plan, destination) ? pair.air : own;
}

/** The modes whose networks channels of a mode may be meant for through a hotspot, beside their own. */
export function crossesTo(profile: ProfileValues | null, air: Channel['mode']): NetworkModeId[] {
  return profile
    ? crossPairs(profile)
        .filter((one) => one.able && one.air === air)
        .map((one) => one.network)
    : [];
}
