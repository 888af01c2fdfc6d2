/** What looking for broken references shares, whatever the mode. */
import { healOrder } from './table';
import type { DestinationOf, Id, ModeId, ModeTypes, NetworkModeId, NetworkOf, Plan, SomeValues, Table } from './types';

/** One broken reference: where it stands, what it names, and how it is mended in a draft. */
export interface BrokenReference {
  pointer: string;
  found: string;
  mend: (plan: Plan) => void;
}

export type Found = (path: (string | number)[], found: string, mend: BrokenReference['mend']) => void;

/** A table, by the name of the property that holds it. */
export type NamedTable = [string, Table<{ id: Id }>];

/** What of the rows and links of its blocks only a mode knows. */
export interface ModeReferences<M extends ModeId = ModeId> {
  /** The tables of a network, by their names; the first holds what can be called. */
  networkTables(network: NetworkOf<M>): NamedTable[];
  /** The tables of what is kept once for the plan, by their names. */
  sharedTables(block: ModeTypes[M]['shared']): NamedTable[];
  /** The tables of what a profile names of its block, by their names. */
  profileTables?(block: NonNullable<SomeValues[M & NetworkModeId]>): NamedTable[];
  /** Whether the network has what a destination names. */
  holds(network: NetworkOf<M>, destination: DestinationOf<M>): boolean;
  /** The fields of a channel’s block that name something of the plan. */
  readonly channelLinks: readonly string[];
  /** Tells of links that lead nowhere, each with its mend: in networks, sites, profiles and channels. */
  broken(plan: Plan, found: Found): void;
}

const together = new WeakMap<object, Map<string, readonly object[]>>();

/**
 * Looks for broken links between frozen parts of a plan, unless the same parts were found whole before: what cannot
 * change stays whole, and most edits leave most parts alone.
 * @param name of the look, so that one part can be looked at for several reasons
 */
export function lookOnce(
  name: string,
  [part, ...others]: readonly [object, ...object[]],
  look: (found: Found) => void,
  found: Found,
): void {
  const known = together.get(part)?.get(name);
  if (known?.every((one, at) => one === others[at])) return;
  let isWhole = true;
  look((...broken) => {
    isWhole = false;
    found(...broken);
  });
  if (!isWhole || ![part, ...others].every((one) => Object.isFrozen(one))) return;
  const looks = together.get(part) ?? new Map<string, readonly object[]>();
  together.set(part, looks.set(name, others));
}

/** Tables whose order was found sound once. Only frozen ones: what cannot change stays sound. */
const soundOrders = new WeakSet<object>();

function orderIsSound(table: Table<unknown>): boolean {
  if (soundOrders.has(table)) return true;
  const isSound = countsEach(table);
  if (isSound && Object.isFrozen(table)) soundOrders.add(table);
  return isSound;
}

function countsEach(table: Table<unknown>): boolean {
  if (table.order.length !== Object.keys(table.byId).length) return false;
  return new Set(table.order).size === table.order.length && table.order.every((id) => Object.hasOwn(table.byId, id));
}

/** Reports an order that does not name each row of its table once, with the repair. */
export function checkOrder(
  found: Found,
  path: string[],
  pick: (plan: Plan) => Table<unknown>,
  table: Table<unknown>,
): void {
  if (!orderIsSound(table)) found([...path, 'order'], 'another set of ids than byId', (plan) => healOrder(pick(plan)));
}

/** Reports members of a list that are no rows of the table they name. */
export function checkMembers(
  found: Found,
  path: string[],
  list: readonly Id[],
  known: (id: Id) => boolean,
  put: (plan: Plan, kept: Id[]) => void,
): void {
  const seen = new Set<Id>();
  const stray = list.find((id) => !known(id) || seen.size === seen.add(id).size);
  if (stray === undefined) return;
  const kept = [...new Set(list)].filter(known);
  found(path, stray, (plan) => put(plan, kept));
}

/** The networks that a site reaches, of a mode whose sites name them by id. */
type Reaching = { [M in ModeId]: ModeTypes[M]['site'] extends { networkIds: Id[] } ? M : never }[ModeId];

/** A site forgets networks that are gone. */
export function checkReach(plan: Plan, mode: Reaching, found: Found): void {
  for (const id of plan.sites.order) {
    const fields = plan.sites.byId[id]?.[mode];
    if (!fields) continue;
    const known = (networkId: Id) => plan.networks.byId[networkId]?.mode === mode;
    checkMembers(
      found,
      ['sites', 'byId', id, mode, 'networkIds'],
      fields.networkIds,
      known,
      (draft, kept) => (draft.sites.byId[id]![mode]!.networkIds = kept),
    );
  }
}

/** Calls `visit` for each profile that names something of a mode, with the way to it in the document and in a draft. */
export function eachProfileBlock<M extends NetworkModeId>(
  plan: Plan,
  mode: M,
  visit: (
    block: NonNullable<SomeValues[M]>,
    path: string[],
    draftOf: (draft: Plan) => NonNullable<SomeValues[M]>,
  ) => void,
): void {
  for (const { id, set } of Object.values(plan.profiles.byId)) {
    const block = set[mode];
    if (block !== undefined)
      visit(
        block as NonNullable<SomeValues[M]>,
        ['profiles', 'byId', id, 'set', mode],
        (draft) => draft.profiles.byId[id]!.set[mode] as NonNullable<SomeValues[M]>,
      );
  }
}
