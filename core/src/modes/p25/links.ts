/** Where a P25 call goes: talk groups that link a site where they lead, and what the network answers itself. */
import type { Arrival, PathContext, PlanIndex } from '../../path/types';
import { reachOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import type { Destination, Network, NetworkOf, Plan, Site } from '../../plan/types';
import type { DestinationInfo } from '../mode';
import { nacText } from './addresses';
import { SPECIAL_NAMES } from './limits';
import type { P25SpecialName } from './types';

export type P25Network = NetworkOf<'p25'>;

export function isP25Network(network: Network): network is P25Network {
  return network.mode === 'p25';
}

export function p25Networks(plan: Plan): P25Network[] {
  return rows(plan.networks).filter(isP25Network);
}

/** `undefined` when the plan has none of that id, or it is of another mode. */
export function p25Network(plan: Plan, id: string | null): P25Network | undefined {
  const network = id === null ? undefined : plan.networks.byId[id];
  return network && isP25Network(network) ? network : undefined;
}

export const SPECIAL_TITLES: Readonly<Record<P25SpecialName, string>> = { unlink: 'Unlink', echo: 'Echo' };

export const LOCAL: DestinationInfo = { destination: { kind: 'local', mode: 'p25' }, name: 'P25, whoever hears the site', address: 'P25, local', category: 'local', use: 'talk' };

/** Groups to talk in, then what the network answers itself; the unlink group comes along. */
export function destinations(network: P25Network): DestinationInfo[] {
  return [
    ...rows(network.groups).map((group): DestinationInfo => ({ destination: { kind: 'p25-group', networkId: network.id, groupId: group.id }, name: group.name, address: `group ${group.number}`, category: 'group', use: 'talk' })),
    ...SPECIAL_NAMES.flatMap((special): DestinationInfo[] => {
      const number = network.special[special];
      if (number === null) return [];
      return [{ destination: { kind: 'p25-special', networkId: network.id, special }, name: `${SPECIAL_TITLES[special]} ${network.name}`, address: `group ${number}`, category: 'service', use: 'service', ...(special === 'unlink' ? { comesAlong: true as const } : {}) }];
    }),
  ];
}

export function beside(): DestinationInfo[] {
  return [LOCAL];
}

export interface DestinationGroup {
  network: P25Network;
  number: number;
  name: string;
}

/** The group that a destination answers to; `null` when it is none of P25, or the plan has it not. */
export function groupFor(plan: Plan, destination: Destination | null): DestinationGroup | null {
  if (destination?.kind !== 'p25-group' && destination?.kind !== 'p25-special') return null;
  const network = p25Network(plan, destination.networkId);
  if (!network) return null;
  if (destination.kind === 'p25-special') {
    const number = network.special[destination.special];
    return number === null ? null : { network, number, name: `${SPECIAL_TITLES[destination.special]} ${network.name}` };
  }
  const group = network.groups.byId[destination.groupId];
  return group ? { network, number: group.number, name: group.name } : null;
}

/** How a destination is to be had: empty where the site reaches its network, else why not; `null` where it has no P25. */
export function offer(_plan: Plan, site: Site, destination: Destination): string | null {
  if (!site.p25) return null;
  if (destination.kind === 'local') return `NAC ${nacText(site.p25.nac)}`;
  if (destination.kind !== 'p25-group' && destination.kind !== 'p25-special') return null;
  const reach = reachOf(site.p25, destination.networkId);
  return { reached: '', 'not said': 'reach not said', 'not reached': 'not reached' }[reach];
}

/** What a group is on a network; `null` when nothing is known of it. */
export function whatIsAt(network: P25Network, number: number): string | null {
  const special = SPECIAL_NAMES.find((name) => network.special[name] === number);
  if (special) return `${SPECIAL_TITLES[special]} ${network.name}`;
  return rows(network.groups).find((group) => group.number === number)?.name ?? null;
}

/** What a site is linked to before the radio does anything; `undefined` where nobody has said. */
export function linkBefore(index: PlanIndex, site: Site): string | null | undefined {
  const said = index.links.find((one) => one.siteId === site.id && one.mode === 'p25');
  if (said) return said.to;
  if (site.kind === 'repeater') return undefined;
  const { startGroup } = index.plan.profiles[site.id]!.p25;
  return startGroup === null ? null : String(startGroup);
}

/** Networks that the site reaches; where nobody has said, the one that is meant. The one that is meant comes first. */
export function networksAt({ index, site, channel }: PathContext<'p25'>): P25Network[] {
  const meant = channel.destination && 'networkId' in channel.destination ? channel.destination.networkId : null;
  const { networkIds } = site!.p25!;
  const found = (networkIds.length > 0 ? networkIds : meant === null ? [] : [meant]).flatMap((id) => p25Network(index.plan, id) ?? []);
  return found.sort((a, b) => Number(b.id === meant) - Number(a.id === meant));
}

export function unlinks(context: PathContext<'p25'>, number: number): boolean {
  return networksAt(context).some((network) => network.special.unlink === number);
}

/** Calling a group links the site there: nothing else has to be done first. */
export function route(context: PathContext<'p25'>): Arrival | null {
  const { site, channel } = context;
  if (!site?.p25) return null;
  if (channel.destination?.kind === 'local') return { networkId: null, address: 'local', short: 'local', name: `who hears ${site.name}` };
  const { group } = channel.p25;
  const networks = networksAt(context);
  const network = networks.find((one) => whatIsAt(one, group) !== null) ?? networks[0];
  if (!network) return null;
  return { networkId: network.id, address: `group ${group}`, short: String(group), name: whatIsAt(network, group) };
}
