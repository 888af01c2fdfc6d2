/** The DMR networks of a plan, and their groups by number. */
import type { PlanIndex } from '../../path/types';
import { rows } from '../../plan/table';
import { networkOf, networksOf } from '../../plan/networks';
import type { Id, NetworkOf, Plan } from '../../plan/types';
import type { TalkGroup } from '../../plan/modes/dmr/types';

export type DmrNetwork = NetworkOf<'dmr'>;

/** The DMR networks of a plan, in its order. */
export function dmrNetworks(plan: Plan): DmrNetwork[] {
  return networksOf(plan, 'dmr');
}

/** `undefined` when the plan has none of that id, or it is of another mode. */
export function dmrNetwork(plan: Plan, id: Id | null): DmrNetwork | undefined {
  return networkOf(plan, 'dmr', id);
}

type ByNumber = ReadonlyMap<number, TalkGroup>;

const byNumber = ({ plan }: PlanIndex, networkId: Id): ByNumber =>
  new Map(rows(dmrNetwork(plan, networkId)!.groups).map((group) => [group.number, group]));

/** The group of a number in a network's directory; looked up in a map that is made once per version of a plan. */
export function groupOfNumber(index: PlanIndex, networkId: Id, number: number): TalkGroup | undefined {
  return index.look(byNumber, networkId).get(number);
}

/** Whether anything in a plan goes by the station's DMR ID: a radio that speaks DMR, or a network that asks for it. */
export function needsDmrId(plan: Plan): boolean {
  return rows(plan.radios).some((radio) => radio.dmr !== null) || dmrNetworks(plan).length > 0;
}

/** The network that knows most of the groups a repeater is said to carry: a guess, with how many it `knows`. `null` where none knows any. */
export function likelyNetwork(plan: Plan, carried: readonly { number: number }[]): { id: Id; knows: number } | null {
  const wanted = [...new Set(carried.map(({ number }) => number))];
  const known = dmrNetworks(plan).map((network) => {
    const numbers = new Set(rows(network.groups).map((group) => group.number));
    return { id: network.id, knows: wanted.filter((number) => numbers.has(number)).length };
  });
  const best = known.reduce<(typeof known)[number] | null>((a, b) => (a && a.knows >= b.knows ? a : b), null);
  return best && best.knows > 0 ? best : null;
}
