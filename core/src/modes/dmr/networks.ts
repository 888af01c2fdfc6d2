/** The DMR networks of a plan, and their groups by number. */
import type { PlanIndex } from '../../path/types';
import { rows } from '../../plan/table';
import type { Id, Network, NetworkOf, Plan } from '../../plan/types';
import type { TalkGroup } from './types';

export type DmrNetwork = NetworkOf<'dmr'>;

export function isDmrNetwork(network: Network): network is DmrNetwork {
  return network.mode === 'dmr';
}

export function dmrNetworks(plan: Plan): DmrNetwork[] {
  return rows(plan.networks).filter(isDmrNetwork);
}

/** `undefined` when the plan has none of that id, or it is of another mode. */
export function dmrNetwork(plan: Plan, id: Id | null): DmrNetwork | undefined {
  const network = id === null ? undefined : plan.networks.byId[id];
  return network && isDmrNetwork(network) ? network : undefined;
}

type ByNumber = ReadonlyMap<number, TalkGroup>;
const known = new WeakMap<PlanIndex, Map<Id, ByNumber>>();

/** The group of a number in a network's directory; looked up in a map that is made once per version of a plan. */
export function groupOfNumber(index: PlanIndex, networkId: Id, number: number): TalkGroup | undefined {
  let networks = known.get(index);
  if (!networks) known.set(index, (networks = new Map<Id, ByNumber>()));
  let groups = networks.get(networkId);
  if (!groups) networks.set(networkId, (groups = new Map(rows(dmrNetwork(index.plan, networkId)!.groups).map((group) => [group.number, group]))));
  return groups.get(number);
}

/** Whether anything in a plan goes by the station's DMR ID: a radio that speaks DMR, or a network that asks for it. */
export function needsDmrId(plan: Plan): boolean {
  return rows(plan.radios).some((radio) => radio.dmr !== null) || dmrNetworks(plan).length > 0;
}
