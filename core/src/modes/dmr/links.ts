/** Where a hotspot's gateway sends a DMR call, and what waits there. */
import type { Destination, Network, Plan } from '../../plan/types';
import { rows } from '../../plan/table';
import type { Arrival, PathContext } from '../../path/types';
import type { DestinationInfo } from '../mode';
import type { SpecialName } from './types';

const SPECIAL_NAMES: Readonly<Record<SpecialName, string>> = { unlink: 'Unlink', echo: 'Echo' };

export const SPECIALS = Object.keys(SPECIAL_NAMES) as SpecialName[];

/** Talk groups first, in the directory's order, then the network's special numbers. */
export function destinations(network: Network): DestinationInfo[] {
  return [
    ...rows(network.groups).map((group): DestinationInfo => ({
      destination: { kind: 'group', networkId: network.id, groupId: group.id },
      name: group.name,
      address: `group ${group.number}`,
      category: group.category,
      use: 'talk',
    })),
    ...SPECIALS.map((special): DestinationInfo => ({
      destination: { kind: 'special', networkId: network.id, special },
      name: `${SPECIAL_NAMES[special]} ${network.name}`,
      address: `${network.special[special].kind} ${network.special[special].number}`,
      category: 'service',
      use: 'service',
    })),
  ];
}

/** The call a radio must make to reach a destination, `null` when the plan has no such destination. */
export function callFor(plan: Plan, destination: Destination): { kind: 'group' | 'private'; number: number; name: string } | null {
  const network = plan.networks.byId[destination.networkId];
  if (!network) return null;
  if (destination.kind === 'special') return { ...network.special[destination.special], name: `${SPECIAL_NAMES[destination.special]} ${network.name}` };
  const group = network.groups.byId[destination.groupId];
  return group ? { kind: 'group', number: group.number, name: group.name } : null;
}

/** With one network, the gateway passes every call on as it came. Logins are tried in the plan's order of networks. */
export function route({ index, channel, profile }: PathContext): Arrival | null {
  if (!profile) return null;
  const networkId = index.plan.networks.order.find((id) => profile.logins[id]?.enabled);
  if (networkId === undefined) return null;
  const network = index.plan.networks.byId[networkId]!;
  const { kind, number } = channel.dmr.call;
  const special = SPECIALS.find((name) => network.special[name].number === number && network.special[name].kind === kind);
  const group = kind === 'group' ? index.networks.get(networkId)!.groupByNumber.get(number) : undefined;
  return { networkId, kind, number, name: special ? `${SPECIAL_NAMES[special]} ${network.name}` : (group?.name ?? null) };
}
