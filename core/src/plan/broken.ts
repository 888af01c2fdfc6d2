/** What looking for broken references shares, whatever the mode. */
import { healOrder } from './table';
import type { Destination, Id, NetworkModeId, NetworkOf, Plan, Table } from './types';

/** One broken reference: where it stands, what it names, and how it is mended in a draft. */
export interface BrokenReference {
  pointer: string;
  found: string;
  mend: (plan: Plan) => void;
}

export type Found = (path: (string | number)[], found: string, mend: BrokenReference['mend']) => void;

/** What of a network's rows and a plan's links only its mode knows. */
export interface ModeReferences<M extends NetworkModeId = NetworkModeId> {
  /** The tables of a network, by their names; the first holds what can be called. */
  tables(network: NetworkOf<M>): [string, Table<{ id: Id }>][];
  /** Whether the network has what a destination names. */
  holds(network: NetworkOf<M>, destination: Destination): boolean;
  /** Tells of links that lead nowhere, each with its mend: in networks, sites and profiles. */
  broken(plan: Plan, found: Found): void;
}

function orderIsSound(table: Table<unknown>): boolean {
  if (table.order.length !== Object.keys(table.byId).length) return false;
  return table.order.every((id) => id in table.byId) && new Set(table.order).size === table.order.length;
}

export function checkOrder(found: Found, path: string[], pick: (plan: Plan) => Table<unknown>, table: Table<unknown>): void {
  if (!orderIsSound(table)) found([...path, 'order'], 'another set of ids than byId', (plan) => healOrder(pick(plan)));
}

export function checkMembers(found: Found, path: string[], list: readonly Id[], known: (id: Id) => boolean, put: (plan: Plan, kept: Id[]) => void): void {
  const stray = list.find((id, at) => !known(id) || list.indexOf(id) !== at);
  if (stray === undefined) return;
  const kept = [...new Set(list)].filter(known);
  found(path, stray, (plan) => put(plan, kept));
}

/** A site forgets networks that are gone. */
export function checkReach(plan: Plan, mode: 'c4fm' | 'p25', found: Found): void {
  for (const id of plan.sites.order) {
    const fields = plan.sites.byId[id]?.[mode];
    if (fields) checkMembers(found, ['sites', 'byId', id, mode, 'networkIds'], fields.networkIds, (networkId) => plan.networks.byId[networkId]?.mode === mode, (draft, kept) => (draft.sites.byId[id]![mode]!.networkIds = kept));
  }
}
