/** Where a P25 call goes: talk groups that link a site where they lead, and what the network answers itself. */
import type { ModePath } from '../../path/mode-path';
import type { PathContext, PlanIndex } from '../../path/types';
import { stateOf } from '../../path/world';
import { listensFor } from '../../plan/carriage';
import { profilePointer } from '../../plan/profiles';
import { networkOf, networksOf } from '../../plan/networks';
import { reachOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import type { ArrivalOf, Destination, NetworkOf, Plan, Site } from '../../plan/types';
import type { DestinationInfo } from '../../builder/mode-build';
import { nacText } from './addresses';
import { SPECIAL_NAMES } from '../../plan/modes/p25/limits';
import type { P25SpecialName } from '../../plan/modes/p25/types';

export type P25Network = NetworkOf<'p25'>;

/** The P25 networks of a plan, in its order. */
export function p25Networks(plan: Plan): P25Network[] {
  return networksOf(plan, 'p25');
}

/** `undefined` when the plan has none of that id, or it is of another mode. */
export function p25Network(plan: Plan, id: string | null): P25Network | undefined {
  return networkOf(plan, 'p25', id);
}

export const SPECIAL_TITLES: Readonly<Record<P25SpecialName, string>> = { unlink: 'Unlink', echo: 'Echo' };

export const LOCAL: DestinationInfo = {
  destination: { mode: 'p25', kind: 'local' },
  name: 'P25, whoever hears the site',
  address: 'P25, local',
  category: 'local',
  use: 'talk',
};

/** Groups to talk in, then what the network answers itself; the unlink group comes along. */
export function destinations(network: P25Network): DestinationInfo[] {
  return [
    ...rows(network.groups).map((group): DestinationInfo => ({
      destination: { mode: 'p25', kind: 'group', networkId: network.id, groupId: group.id },
      name: group.name,
      address: `group ${group.number}`,
      category: 'group',
      use: 'talk',
    })),
    ...SPECIAL_NAMES.flatMap((special): DestinationInfo[] => {
      const number = network.special[special];
      if (number === null) return [];
      return [
        {
          destination: { mode: 'p25', kind: 'special', networkId: network.id, special },
          name: `${SPECIAL_TITLES[special]} ${network.name}`,
          address: `group ${number}`,
          category: 'service',
          use: 'service',
          ...(special === 'unlink' ? { comesAlong: true as const } : {}),
        },
      ];
    }),
  ];
}

export interface DestinationGroup {
  network: P25Network;
  number: number;
  name: string;
}

/** The group that a destination answers to; `null` when it is none of P25, or the plan has it not. */
export function groupFor(plan: Plan, destination: Destination | null): DestinationGroup | null {
  if (destination?.mode !== 'p25' || destination.kind === 'local' || destination.kind === 'recall') return null;
  const network = p25Network(plan, destination.networkId);
  if (!network) return null;
  if (destination.kind === 'special') {
    const number = network.special[destination.special];
    return number === null ? null : { network, number, name: `${SPECIAL_TITLES[destination.special]} ${network.name}` };
  }
  const group = network.groups.byId[destination.groupId];
  return group ? { network, number: group.number, name: group.name } : null;
}

/**
 * How a destination can be reached: empty where the site reaches its network, else why not; `null` where it has no P25.
 */
export function offer(_plan: Plan, site: Site, destination: Destination): string | null {
  if (!site.p25 || destination.mode !== 'p25') return null;
  if (destination.kind === 'recall') return '';
  if (destination.kind === 'local') return site.p25.nac === null ? 'NAC not said' : `NAC ${nacText(site.p25.nac)}`;
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
export function linkBefore(index: PlanIndex, site: Site): number | null | undefined {
  const said = stateOf(index.world, site.id, 'p25');
  return said ? said.linkedTo : index.profile(site.id)?.p25.startGroup;
}

/** Networks that the site reaches; where nobody has said, the one that is meant. The one that is meant comes first. */
export function networksAt({ index, site, channel }: PathContext<'p25'>): P25Network[] {
  const meant = channel.destination && 'networkId' in channel.destination ? channel.destination.networkId : null;
  const { networkIds } = site!.p25!;
  const found = (networkIds.length > 0 ? networkIds : meant === null ? [] : [meant]).flatMap(
    (id) => p25Network(index.plan, id) ?? [],
  );
  return found.sort((a, b) => Number(b.id === meant) - Number(a.id === meant));
}

/** Whether a group leaves whatever is linked, on a network of the site. */
export function unlinks(context: PathContext<'p25'>, number: number): boolean {
  return networksAt(context).some((network) => network.special.unlink === number);
}

/** Calling a group links the site there: nothing else has to be done first. */
export function route(context: PathContext<'p25'>): ArrivalOf<'p25'> | null {
  const { site, channel } = context;
  if (!site?.p25) return null;
  if (channel.destination?.kind === 'local') return { mode: 'p25', kind: 'local', networkId: null };
  const { group } = channel.p25;
  const networks = networksAt(context);
  const network = networks.find((one) => whatIsAt(one, group) !== null) ?? networks[0];
  return network ? { mode: 'p25', kind: 'group', networkId: network.id, group } : null;
}

/** The group that a hotspot links to when it starts; how busy it is, no list says. */
export const standing: NonNullable<ModePath<'p25'>['standing']> = ({ plan, profile }, site) => {
  const values = profile(site.id)!;
  const { startGroup } = values.p25;
  if (!site.p25 || startGroup === null || !listensFor(values, 'p25')) return [];
  const pointer = profilePointer(plan, site.id, 'p25', 'startGroup');
  return [{ what: `group ${startGroup}`, busy: false, pointer, out: ({ p25 }) => void (p25.startGroup = null) }];
};
